import type { FigureUnit } from "../fields/figure-unit";
import type { Direction } from "../problem/schema";
import type { Quotation } from "../rates/quotation";

/** Where in a problem file an issue lies: keys and indexes from the root, as in `["flows", 1, "amount"]`. */
export type Path = readonly (string | number)[];

type NoFacts = object;

/** The flow which, turned round, would let the problem be solved. */
interface Turn {
  readonly turn?: string;
}

/**
 * Every expected failure, by its stable code, with the facts that its sentence needs.
 * The sentences stand in `wording/sentences.ts`; the type checker keeps the two complete.
 */
export interface IssueFacts {
  // Reading a file
  "file-not-json": NoFacts;
  "file-not-a-problem": { format: string };
  /** A question of several parts, where a single problem was meant. */
  "file-is-question": NoFacts;
  "file-version-unreadable": NoFacts;
  "file-from-the-future": { version: number; newest: number };
  "file-too-large": { limit: number };

  // The shape of a file
  "wrong-type": { expected: string };
  "missing-field": { expected: string };
  "unknown-field": { names: readonly string[] };
  "wrong-format": { expected: string };
  "out-of-range": { minimum?: number; maximum?: number };
  "too-long": { limit: number };
  "too-few": { minimum: number };
  "too-many": { limit: number };

  // What the parts of a file say about each other
  "duplicate-id": { id: string };
  "reference-missing": { id: string };
  "reference-cycle": { ids: readonly string[] };
  "reference-too-deep": { limit: number };
  "reference-not-a-stream": { id: string };
  "reference-without-amount": { id: string };
  "reference-endless": { id: string };
  "rate-reference-missing": { index: number };
  "first-rate-starts-late": NoFacts;
  "rate-start-missing": NoFacts;
  "rates-out-of-order": NoFacts;
  "date-impossible": { on: string };
  "date-without-today": { on: string };
  /** Simple interest, bank discount and compound interest do not follow one another. */
  "rates-of-two-kinds": NoFacts;
  "fraction-of-several-rates": NoFacts;
  "fraction-of-discount": NoFacts;
  "date-before-first": { on: string; first: string };
  "labels-too-many": { amounts: number };

  // What the parts of a question say about each other
  "part-label-twice": { label: string };
  "part-missing": { label: string };
  "part-refers-to-itself": { label: string };
  "part-refers-ahead": { label: string };
  "part-follow-up-missing": { label: string; follow: number };
  "part-waits": { label: string };
  "part-answers-several": { label: string; answers: readonly number[] };
  "part-solution-missing": { label: string; count: number };
  "part-follow-up-without-answer": { label: string; follow: number };
  /** Words in front of a part that mean nothing there. */
  /** A follow-up that is not asked, or has no answer. */
  "follow-up-missing": { follow: number };
  "part-has-no": { label: string; words: string };
  "part-other-unit": { label: string; unit: FigureUnit; wanted: FigureUnit };

  // The unknown
  "unknown-missing": NoFacts;
  "unknown-several": { paths: readonly Path[] };
  "unknown-not-here": NoFacts;
  "unknown-frequency": NoFacts;
  "unknown-beside-ask": { paths: readonly Path[] };

  // Solving
  "rate-too-low": { percent: number; quotation: Quotation };
  "discount-too-high": { percent: number; quotation: Quotation };
  /** Over a gap, a simple rate or a discount leaves nothing: money has no worth at the focal date. */
  "no-worth-over-gap": { years: number };
  "focal-beside-ask": NoFacts;
  "forever-needs-compound": { id: string };
  "payments-need-compound": { id: string; limit: number };
  "growth-too-low": { percent: number };
  "growth-too-irregular": { limit: number };
  "perpetuity-without-worth": { id: string; ratePercent: number; growthPercent: number | null };
  "one-way-money": { direction: Direction } & Turn;
  "no-rate-balances": Turn;
  "rate-has-no-effect": NoFacts;
  "every-rate-balances": NoFacts;
  "rate-search-too-large": { limit: number };
  "rates-too-entangled": NoFacts;
  "unknown-cancels": NoFacts;
  "amount-below-zero": NoFacts;
  "nothing-to-balance": NoFacts;
  "any-date-balances": NoFacts;
  "date-never-reached": Turn;
  "start-not-found": { limitYears: number } & Turn;
  "growth-has-no-effect": NoFacts;
  "no-growth-balances": { enough: boolean } & Turn;
  "goal-already-passed": { id: string } & Turn;
  "payment-below-interest": { id: string; smallest: number };
  "no-count-balances": { limit: number } & Turn;
  "answer-too-large": NoFacts;
  "answer-too-far": { limitYears: number; isPast?: boolean };

  "problem-too-large": { limit: number };

  // Schedules, appraisals, rates, sweeps
  "schedule-without-stream": { id: string };
  "schedule-endless": NoFacts;
  "schedule-needs-compound": NoFacts;
  "schedule-too-long": { limit: number };

  // What is changed about a loan or savings
  "change-for-loans": NoFacts;
  "change-after-end": { payment: number; count: number };
  "change-backwards": { from: number; to: number };
  "change-twice": NoFacts;
  "changes-overlap": { from: number; to: number };
  "rate-changed-twice": { payment: number };
  "extra-in-holiday": { payment: number };
  "payment-number-missing": NoFacts;
  "payment-number-not-understood": { at: string };
  "payments-missing": NoFacts;
  "payments-not-understood": { at: string };
  "known-only": NoFacts;
  "changed-never-ends": { payment: number; interest: number };
  "residual-too-large": NoFacts;
  "growth-undefined": NoFacts;
  "never-multiplies": { percent: number; times: number };
  "discount-takes-all": NoFacts;
  "table-range-backwards": NoFacts;
  "table-too-wide": { columns: number; limit: number };
  "table-too-long": { rows: number; limit: number };
  "appraisal-without-flows": NoFacts;
  "appraisal-unknown-flow": NoFacts;
  "appraisal-endless": NoFacts;
  "sweep-field-unfit": NoFacts;
  "sweep-too-large": { limit: number };

  // What a person typed
  "money-missing": NoFacts;
  "money-not-understood": { typed: string; at: string };
  "money-with-sign": { typed: string };
  "money-too-large": { limit: number };
  "number-not-finite": NoFacts;
  "comma-unclear": { typed: string; point: string };
  "divided-by-zero": NoFacts;
  "bracket-unmatched": NoFacts;
  "percent-missing": NoFacts;
  "percent-not-understood": { typed: string; at: string };
  "percent-too-large": { limit: number };
  /** A bare figure below 1, which may be meant as a decimal. */
  "percent-or-decimal": { figure: string; percent: number };
  /** "6% discount": bank discount, compound discount, or a rate of interest to discount by. */
  "discount-unclear": { percent: string };
  "apr-without-payments": { percent: number };
  "rate-frequency-unclear": { percent: string; each: string; compounded: string };
  "time-missing": NoFacts;
  "time-not-understood": { typed: string; at: string };
  "time-negative": { typed: string };
  "time-past": NoFacts;
  "date-without-year": { typed: string };
  "date-not-understood": { at: string };
  "period-without-length": NoFacts;
  "time-too-long": { limitYears: number };
  "name-not-found": { name: string };
  "names-several": NoFacts;
  "name-not-linear": NoFacts;
  "rate-before-missing": NoFacts;
  "periods-not-whole": { at: string };
  "count-missing": NoFacts;
  "count-unclear": { figure: string; every: string };
  "count-other-frequency": { said: string; every: string };
  "count-too-large": { limit: number };
  "count-not-understood": { at: string };
  "payments-of-which": NoFacts;
  "payments-undated": NoFacts;
  "payments-without-dates": NoFacts;
  "payment-too-late": { payment: number; count: number };
  "span-missing": NoFacts;
  "span-not-understood": { at: string };
  "span-backwards": { at: string };
  "claim-missing": NoFacts;
  "claim-not-understood": { typed: string };
  "sum-missing": NoFacts;
  "sum-not-understood": { at: string };
  "period-missing": NoFacts;
  "period-not-understood": { at: string };
  "amounts-missing": NoFacts;
  "entry-not-understood": { place: number; at: string };
  "dated-not-understood": { place: number; at: string };
}

export type IssueCode = keyof IssueFacts;

export type IssueOf<Code extends IssueCode> = {
  readonly code: Code;
  readonly path: Path;
} & Readonly<IssueFacts[Code]>;

export type Issue = { [Code in IssueCode]: IssueOf<Code> }[IssueCode];

/** Builds an issue, checked against the facts that its code carries. */
export function issue<Code extends IssueCode>(
  code: Code,
  path: Path,
  facts: IssueFacts[Code],
): IssueOf<Code> {
  return { code, path, ...facts };
}

/** Same issue, seen from a containing document: the outer path is put before its own. */
export function within(outer: Path, inner: Issue): Issue {
  return { ...inner, path: [...outer, ...inner.path] };
}
