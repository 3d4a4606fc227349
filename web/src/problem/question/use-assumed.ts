import type { AssumptionCode, Choices, ToldReading } from "@kestrelmoor/core/question";
import { useMemo, useState } from "react";
import { useDocument, useDocumentState } from "../document/document-context";
import { useIsOnlyPart } from "../parts/use-question";
import { draftOfReading } from "./draft-of-reading";
import { loadReader } from "./load-reader";
import { hasLinesOf } from "./reread";
import { useReading } from "./use-reading";

interface Assumed {
  /** The text, read as it has been chosen to be; `null` until it is. */
  readonly reading: ToldReading | null;
  /** Whether the lines are still as the text is read, so that they stand on what it assumes. */
  readonly isAsRead: boolean;
  /** Takes an open point in another way: the lines change with it, as one step to undo. */
  readonly choose: (code: AssumptionCode, other: string) => void;
}

/** What the text of an opened problem leaves open. */
export function useAssumed(question: string): Assumed {
  const store = useDocument();
  const [choices, setChoices] = useState<Choices>({});
  const reading = useReading(question, choices)?.reading ?? null;
  const draft = useMemo(() => (reading === null ? null : draftOfReading(reading)), [reading]);
  const isAlone = useIsOnlyPart();
  const isAsRead = useDocumentState((state) => draft !== null && hasLinesOf(state.draft, draft));
  const choose = (code: AssumptionCode, other: string) => {
    const chosen = { ...choices, [code]: other };
    void loadReader().then(({ readQuestion }) => {
      const next = draftOfReading(readQuestion(question, chosen));
      if (next === null) return;
      const { rates, flows } = next;
      store.edit((own) => {
        Object.assign(own, { rates, flows });
      });
      setChoices(chosen);
    });
  };
  return { reading, isAsRead: isAlone && isAsRead, choose };
}
