import { MEASURE_NAMES, type AppraisalSubject, type Measure } from "@kestrelmoor/core";
import { appraisalWorkings } from "@kestrelmoor/core/teaching";
import { useMemo } from "react";
import { StepItem } from "../workings/StepItem";
import { useWorkingsChoice } from "../workings/workings-choice";
import workingsStyles from "../workings/Workings.module.css";
import styles from "./Appraisal.module.css";

interface MeasureWorkingsProps {
  readonly measure: Measure;
  readonly subject: AppraisalSubject;
}

/** How one measure is got, with the project's own numbers, written as the course has workings written. */
export function MeasureWorkings({ measure, subject }: MeasureWorkingsProps) {
  const { choice } = useWorkingsChoice();
  const made = useMemo(
    () => appraisalWorkings(measure, subject, choice),
    [measure, subject, choice],
  );
  if (made === null) {
    return <p className={styles.quiet}>There is no such figure here, so there are no workings.</p>;
  }
  return (
    <ol
      className={workingsStyles.steps}
      aria-label={`Workings: ${MEASURE_NAMES[measure].toLowerCase()}`}
    >
      {made.steps.map((step, place) => (
        <StepItem key={`${place} ${step.kind}`} step={step} index={place} choice={choice} />
      ))}
    </ol>
  );
}
