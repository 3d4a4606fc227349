import type { Facts } from "../facts/facts";
import type { Shape } from "../shape/shape";

/** A part as it has been read: a problem of its own, or a follow-up of an earlier one. */
export interface PartRead {
  readonly label: string | null;
  readonly shape: Shape;
  readonly facts: Facts;
  /** Of a follow-up: the part whose problem answers it, and its index among that problem's follow-ups. */
  readonly follow: { readonly of: number; readonly index: number } | null;
  /** The problem as a question file has it, where it takes up an answer of an earlier part. */
  readonly linked?: Readonly<Record<string, unknown>>;
}
