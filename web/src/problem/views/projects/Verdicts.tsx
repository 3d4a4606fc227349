import type { AnswerFormat } from "@kestrelmoor/core";
import type { Comparison } from "./compared";
import { verdicts } from "./compare-words";
import styles from "./Projects.module.css";

interface VerdictsProps {
  readonly comparison: Comparison;
  readonly hurdlePercent: number;
  readonly format: AnswerFormat;
}

/** What the comparison comes to, in sentences. */
export function Verdicts({ comparison, hurdlePercent, format }: VerdictsProps) {
  return (
    <ul className={styles.verdicts} aria-label="Which project to choose">
      {verdicts(comparison, hurdlePercent, format).map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  );
}
