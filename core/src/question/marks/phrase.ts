/** What a phrase says, whatever its words. */
export type PhraseKind =
  | "every"
  | "timing"
  | "compounding"
  | "quoted"
  | "when"
  | "lasting"
  | "first-of"
  | "starting"
  | "thereafter"
  | "forever"
  | "at-end-of-flows";

/** The figures of a phrase that its slots have read. */
export interface Captured {
  /** ISO 8601, of a unit, a frequency or a length of time. */
  readonly iso?: string;
  readonly numbers: readonly number[];
}

export interface PhraseFacts {
  readonly kind: PhraseKind;
  /** What the phrase is a case of; its meaning depends on the kind. */
  readonly as?: string;
}

/** A row of the grammar: what some phrases say, and the phrases. */
export interface PhraseRow extends PhraseFacts {
  /**
   * Words with `(one|other)`, `[left out]` and slots: `{unit}` month, `{adverb}` monthly, `{period}` month or two weeks,
   * `{span}` 3 years, `{length}` the same but not "a year", `{n}` a number, `{rank}` third, `{any}` any word.
   */
  readonly says: readonly string[];
}
