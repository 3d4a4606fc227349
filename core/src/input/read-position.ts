import { issue } from "../issues/issue";
import type { Position } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import type { Names } from "./names";
import { readTime, type TypedTime } from "./read-time";

/** A time of its own, or the end of repeated payments. */
export type SaidTime = TypedTime | { readonly endOf: string };

const ENDS =
  /^(?:when|once|until)\s+(.+?)\s+(?:ends?|stops?|finish(?:es)?|(?:is|are) (?:over|done|paid off))$/;
const END_OF = /^(?:at |on |from |after |with )?(?:the )?(?:end|last(?: payment)?) of\s+(\D.*)$/;
const LAST_OF = /^(?:at |on |from |after |with )?the last\s+(.+?)(?: payment)?$/;
const LAST = /^(?:at |on |from |after |with )?the (?:last payment|end|end of (?:the )?payments)$/;

/**
 * Reads a time that may wait for payments to end: `6 years`, `when saving ends`,
 * `the end of the lease`, `after the last payment`.
 *
 * @param names what the other lines are called
 * @returns as `readTime` does; fails with `name-not-found` too
 */
export function readPosition(typed: string, names: Names): Result<SaidTime> {
  const text = typed.trim().toLowerCase().replace(/\s+/g, " ");
  if (names.onlyStream !== null && LAST.test(text)) return succeed({ endOf: names.onlyStream });
  const name = (ENDS.exec(text) ?? END_OF.exec(text) ?? LAST_OF.exec(text))?.[1];
  if (name === undefined) return readTime(typed);
  const endOf = names.find(name);
  if (endOf !== null) return succeed({ endOf });
  const time = readTime(typed);
  return time.ok ? time : fail(issue("name-not-found", [], { name }));
}

/** A time as the problem file has it. */
export function positionOf(time: SaidTime): Exclude<Position, null> {
  return "endOf" in time ? { endOf: time.endOf } : time.duration;
}
