import type { SolvedProblem } from "@kestrelmoor/core";
import type { ReactNode } from "react";
import { useLingering } from "../../ui/use-lingering";
import { useDocumentState } from "../document/document-context";

interface SolvedProps {
  /** What is shown here once the problem has an answer. */
  readonly before: string;
  /** What is costly to draw waits for a pause in the typing, in milliseconds. */
  readonly pause?: number;
  /** What stands in this place; `null` where the problem is not of the kind for it. */
  readonly children: (solved: SolvedProblem) => ReactNode;
}

/** What there is only where the problem is solved. */
export function Solved({ before, pause = 0, children }: SolvedProps) {
  const solved = useLingering(
    useDocumentState(({ outcome }) => outcome.solved),
    pause,
  );
  const shown = solved === null ? null : children(solved);
  return shown ?? <p className="not-yet">{before}</p>;
}
