import { useAnswerFormat } from "../../answer/use-answer-format";
import { sentenceOf, type Problem, type SweepAxis } from "@kestrelmoor/core";
import { useEffect, useRef, useState } from "react";
import { createSweeper, type Sweeper } from "../../../workers/sweeper";

/** A sweep that was solved, with what it was asked, for the next one may be under way. */
export interface SweepOutcome {
  readonly first: SweepAxis;
  readonly second: SweepAxis | null;
  /** Row by row. */
  readonly cells: readonly Float64Array[];
  /** Why it could not be solved, in a sentence; the cells are none then. */
  readonly complaint: string | null;
}

/**
 * Solves a sweep in a worker whenever what is asked changes; what was asked before and is not done by
 * then is dropped. Until the next outcome is there the last one stays.
 *
 * @param request an object that stays the same as long as it asks the same, or `null` for nothing
 */
export function useSweep(
  request: {
    readonly problem: Problem;
    readonly first: SweepAxis;
    readonly second: SweepAxis | null;
  } | null,
): SweepOutcome | null {
  const format = useAnswerFormat();
  const sweeper = useRef<Sweeper | null>(null);
  const [outcome, setOutcome] = useState<SweepOutcome | null>(null);
  // A worker belongs to the page while it is shown, and so does what shows its answers.
  useEffect(() => {
    const made = createSweeper();
    sweeper.current = made;
    return () => made.close();
  }, []);
  useEffect(() => {
    if (sweeper.current === null || request === null) return;
    const { first, second } = request;
    const cells: Float64Array[] = [];
    void sweeper.current
      .run(request, (row, own) => (cells[row] = own))
      .then((end) => {
        if (end.how === "cancelled") return;
        const complaint =
          end.how === "refused"
            ? end.issues.map((issue) => sentenceOf(issue, format)).join(" ")
            : end.how === "broken"
              ? "Could not calculate the values. Reload the page."
              : null;
        setOutcome({ first, second, cells: complaint === null ? cells : [], complaint });
      });
  }, [request, format]);
  return outcome;
}
