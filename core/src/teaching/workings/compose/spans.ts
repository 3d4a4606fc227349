import { multiple, number, of, sum, type Expression } from "../mathematics/expression";
import type { Moment } from "./moment";
import { snapped } from "./years";

/** A stretch of time under one rate. */
export interface Span {
  readonly first: Moment;
  readonly last: Moment;
  readonly years: number;
}

/** The same, and which rate it is. */
export interface SpellSpan extends Span {
  readonly index: number;
}

/** Whether its length depends on the unknown; if both ends move, they move together. */
export function isOpen({ first, last }: Span): boolean {
  return first.isOpen !== last.isOpen;
}

/** The periods of a stretch, one end of which moves with the unknown: n − 24; `null` if none does. */
export function movingCount(span: Span, frequency: number): Expression | null {
  const { first, last } = span;
  const end = last.isOpen ? last.said : first.said;
  if (!isOpen(span) || end === undefined) return null;
  const sign = last.isOpen ? 1 : -1;
  const standing = last.isOpen ? first.years : last.years;
  const each = snapped(sign * end.perUnknown * frequency);
  const constant = snapped(sign * (end.known - standing) * frequency);
  const unknown = of(end.unknown);
  const size = Math.abs(each);
  const moved = multiple(size, unknown);
  const terms = [
    { sign: each < 0 ? (-1 as const) : (1 as const), of: moved },
    ...(constant === 0
      ? []
      : [{ sign: constant < 0 ? (-1 as const) : (1 as const), of: number(Math.abs(constant)) }]),
  ];
  // A sum begins with a positive term.
  return sum(terms.sort((one, other) => other.sign - one.sign));
}
