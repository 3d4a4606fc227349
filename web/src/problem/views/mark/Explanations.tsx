import type { Problem, SolvedProblem } from "@kestrelmoor/core";
import {
  partingOf,
  tellExplanation,
  tellTogether,
  type Explained,
  type Explanation,
  type Step,
} from "@kestrelmoor/core/teaching";
import { useMemo } from "react";
import { ScrollableFormulas } from "../../../ui/ScrollableFormulas";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { LineFormula } from "../workings/LineFormula";
import { useWorkingsStyle } from "../workings/workings-choice";
import styles from "./Mark.module.css";

interface ExplanationsProps {
  readonly problem: Problem;
  readonly marking: Explained;
  readonly unit: SolvedProblem["answers"][number]["unit"];
}

/** The likeliest explanation at length, the others in a sentence each. */
export function Explanations({ problem, marking, unit }: ExplanationsProps) {
  const format = useAnswerFormat();
  const [first] = marking.explanations;
  const { others, ...told } = tellTogether(marking.explanations, unit, format);
  return (
    <>
      <p className={styles.finding}>{told.sentence}</p>
      <Parting problem={problem} explanation={first} />
      {told.corrected.map((sentence) => (
        <p key={sentence} className={styles.corrected}>
          {sentence}
        </p>
      ))}
      <p className={styles.nextTime}>
        <strong>Next time:</strong> {told.nextTime.join(" ")}
      </p>
      {others.length > 0 && (
        <div className={styles.others}>
          <h3>Other mistakes that give the same answer</h3>
          <ul>
            {others.map((one) => (
              <li key={one.codes.join()}>{tellExplanation(one, unit, format).sentence}</li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}

/** The step at which the two ways part, as it was and as it should be. */
function Parting({ problem, explanation }: { problem: Problem; explanation: Explanation }) {
  const parting = useMemo(
    () => partingOf(problem, explanation.problem),
    [problem, explanation.problem],
  );
  if (parting === null) return null;
  const { index, right, wrong } = parting;
  return (
    <div className={styles.parting}>
      <h3>Your working differs at step {index + 1}</h3>
      <dl className={styles.sides}>
        <div className={styles.yours}>
          <dt>Yours</dt>
          <dd>
            <StepLines step={wrong} />
          </dd>
        </div>
        <div className={styles.should}>
          <dt>Correct</dt>
          <dd>
            <StepLines step={right} />
          </dd>
        </div>
      </dl>
    </div>
  );
}

function StepLines({ step }: { readonly step: Step }) {
  const format = useAnswerFormat();
  const choice = useWorkingsStyle();
  return (
    <ScrollableFormulas className={styles.formulas}>
      {step.lines
        .filter(({ parts }) => parts.length > 0)
        .map((line, index) => (
          <LineFormula key={index} line={line} notation={choice.notation} format={format} />
        ))}
    </ScrollableFormulas>
  );
}
