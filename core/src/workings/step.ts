/** What a step of the workings does; screens and exports may treat the kinds differently. */
export type StepKind =
  | "given"
  | "rate-per-period"
  | "number-of-periods"
  | "equation"
  | "rearranged"
  | "numbers"
  | "value"
  | "check"
  | "answer";

/** One step of the workings: a sentence, the mathematics and, where it comes to a number, that number. */
export interface Step {
  readonly kind: StepKind;
  readonly say: string;
  /** LaTeX for display; empty where the sentence is all. Lines of one step are separate entries. */
  readonly latex: readonly string[];
  readonly value?: number;
}
