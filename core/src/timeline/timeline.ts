import type { Affine } from "../numbers/affine";
import type { Quotation } from "../rates/quotation";

/** A rate spell with its references resolved; `percent` is linear in an unknown percent. */
export interface Spell {
  /** Years from today at which it starts. */
  readonly start: number;
  readonly quotation: Quotation;
  readonly percent: Affine;
}

/** One amount of money at one time. The amount is signed: money in is positive. */
export interface ResolvedSingle {
  readonly kind: "single";
  readonly id: string;
  readonly amount: Affine;
  /** Years from today; `null` while it is the unknown. */
  readonly at: number | null;
}

/** Every kind of flow that can be solved; a new kind joins this union and `flow-kinds.ts`. */
export type ResolvedFlow = ResolvedSingle;

/** A problem with all its references resolved: numbers, but for the one unknown. */
export interface Timeline {
  readonly spells: readonly Spell[];
  readonly flows: readonly ResolvedFlow[];
}
