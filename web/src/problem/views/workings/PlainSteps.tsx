import type { Step } from "@kestrelmoor/core/teaching";
import { StepItem } from "./StepItem";
import { useWorkingsStyle } from "./workings-choice";
import styles from "./Workings.module.css";

interface PlainStepsProps {
  readonly of: string;
  readonly steps: readonly Step[];
  /** Whether the place is narrow, so that formulas stand under their sentence. */
  readonly isNarrow?: boolean;
  /** Whether they are no sequence, so that no numbers stand before them. */
  readonly isUnnumbered?: boolean;
}

/** Workings that stand by themselves, written as the course has workings written. */
export function PlainSteps({ of, steps, isNarrow = false, isUnnumbered = false }: PlainStepsProps) {
  const choice = useWorkingsStyle();
  return (
    <ol
      className={isNarrow ? styles.stacked : isUnnumbered ? styles.unnumbered : undefined}
      aria-label={`Workings: ${of}`}
    >
      {steps.map((step, place) => (
        <StepItem key={`${place} ${step.kind}`} step={step} index={place} choice={choice} />
      ))}
    </ol>
  );
}
