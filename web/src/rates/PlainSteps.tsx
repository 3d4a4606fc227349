import type { Step } from "@kestrelmoor/core/teaching";
import { StepItem } from "../problem/views/workings/StepItem";
import { useWorkingsChoice } from "../problem/views/workings/workings-choice";
import styles from "../problem/views/workings/Workings.module.css";

interface PlainStepsProps {
  readonly of: string;
  readonly steps: readonly Step[];
}

/** Workings that stand by themselves. */
export function PlainSteps({ of, steps }: PlainStepsProps) {
  const { choice } = useWorkingsChoice();
  return (
    <ol className={`${styles.steps ?? ""} ${styles.stacked ?? ""}`} aria-label={`Workings: ${of}`}>
      {steps.map((step, place) => (
        <StepItem key={`${place} ${step.kind}`} step={step} index={place} choice={choice} />
      ))}
    </ol>
  );
}
