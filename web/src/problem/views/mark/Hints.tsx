import type { SolvedProblem } from "@kestrelmoor/core";
import { HINTS, hintsFor } from "@kestrelmoor/core/teaching";
import { useMemo } from "react";
import { WordButton } from "../../../ui/Buttons";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { keptBeside } from "../../document/kept-beside";
import { PlainSteps } from "../workings/PlainSteps";
import { useWorkingsStyle } from "../workings/workings-choice";
import styles from "./Mark.module.css";

const useKept = keptBeside(() => ({ shown: 0 }));

/** Hints towards the answer for somebody who has not found it yet, each only when it is asked for. */
export function Hints({ solved }: { readonly solved: SolvedProblem }) {
  const [{ shown }, change] = useKept();
  const format = useAnswerFormat();
  const { rounding } = useWorkingsStyle();
  const hints = useMemo(
    () => (shown === 0 ? [] : hintsFor(solved, { rounding, format }).slice(0, shown)),
    [solved, rounding, format, shown],
  );
  return (
    <section aria-label="Hints" className={styles.hints}>
      <div aria-live="polite">
        {hints.map((steps, place) => (
          <div key={place}>
            <h3>
              Hint {place + 1} of {HINTS}
            </h3>
            <PlainSteps of={`hint ${place + 1}`} steps={steps} isUnnumbered />
          </div>
        ))}
      </div>
      {shown < HINTS && (
        <WordButton onClick={() => change({ shown: shown + 1 })}>
          {shown === 0 ? "Give me a hint" : "Give me another hint"}
        </WordButton>
      )}
      {shown > 0 && <WordButton onClick={() => change({ shown: 0 })}>Hide the hints</WordButton>}
    </section>
  );
}
