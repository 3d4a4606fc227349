import type { Token } from "../text/tokens";
import type { Captured, PhraseFacts } from "./phrase";
import type { Quantity } from "./quantity-kinds";

/** A stretch of the text that says one thing: a figure, a phrase, or a plain word. */
export interface Mark {
  readonly index: number;
  /** Tokens, up to the one behind it. */
  readonly first: number;
  readonly behind: number;
  /** Characters. */
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** The same in small letters, without "'s": what the rules look at. */
  readonly plain: string;
  readonly word: string;
  readonly sentence: number;
  readonly line: number;
  readonly quantity?: Quantity;
  readonly phrase?: PhraseFacts & Captured;
  /** The figures within a phrase, in characters: each is to be accounted for. */
  readonly figures: readonly Token[];
}

export function plainOf(text: string): string {
  const small = text.toLowerCase();
  return /['’]/.test(small) ? small.replace(/['’]s\b/g, "") : small;
}
