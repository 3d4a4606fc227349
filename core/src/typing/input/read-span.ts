import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import type { Names } from "./names";
import { readPaymentSpan } from "./read-payment-time";
import { momentOf, readPosition, type SaidTime } from "./read-position";
import { readTime } from "./read-time";

/** A stretch of time, from just after its first moment up to its last one. */
export interface SaidSpan {
  readonly from: SaidTime;
  readonly to: SaidTime;
}

const UNIT = "(years?|quarters?|months?|fortnights?|weeks?|days?)";
const NUMBERED = new RegExp(
  String.raw`^${UNIT} (\d{1,5})(?:\s*(?:to|until|[-–])\s*(?:${UNIT} )?(\d{1,5}))?$`,
);

const ORDINALS =
  "first second third fourth fifth sixth seventh eighth ninth tenth eleventh twelfth";
const ORDINAL = new RegExp(
  String.raw`^(${ORDINALS.replaceAll(" ", "|")}|\d{1,5}(?:st|nd|rd|th)) ${UNIT}$`,
);

const FIRST_FEW = new RegExp(String.raw`^first (\S+ ${UNIT})$`);
const BETWEEN = /^(?:from |between )?(.+?) (?:to|until|and) (.+)$/;

/**
 * Reads a stretch of time as questions name it: `year 3`, `the third year`, `years 2 to 4`,
 * `the first 5 years`, `payments 13 to 24`, `from 1 year 6 months to 2 years`, `from today to the end of the lease`.
 *
 * @param names what the lines are called, for ends of payments
 * @returns fails with `span-missing`, `span-backwards` or `span-not-understood`
 */
export function readSpan(typed: string, names: Names): Result<SaidSpan> {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/\s+/g, " ")
    .replace(/^(?:in|over|during|for) /, "")
    .replace(/^the /, "");
  if (text === "") return fail(issue("span-missing", [], {}));
  const notUnderstood = fail(issue("span-not-understood", [], { at: typed.trim() }));

  const payments = readPaymentSpan(text, names);
  if (payments !== null) {
    if (!payments.ok) return payments;
    const { from, to } = payments.value;
    return succeed({ from: momentOf(from), to: momentOf(to) });
  }
  const numbered = NUMBERED.exec(text);
  if (numbered !== null) {
    const [, unit = "", first = "", otherUnit, last = first] = numbered;
    if (Number(first) < 1) return fail(issue("time-negative", [], { typed }));
    if (otherUnit !== undefined && plural(otherUnit) !== plural(unit)) return notUnderstood;
    return between(`${Number(first) - 1} ${plural(unit)}`, `${last} ${plural(unit)}`, names);
  }
  const ordinal = ORDINAL.exec(text);
  if (ordinal !== null) {
    const [, which = "", unit = ""] = ordinal;
    const place = ORDINALS.split(" ").indexOf(which) + 1 || Number.parseInt(which, 10);
    return between(`${place - 1} ${plural(unit)}`, `${place} ${plural(unit)}`, names);
  }
  const few = FIRST_FEW.exec(text)?.[1];
  if (few !== undefined && readTime(few).ok) return between("today", few, names);
  const [, from, to] = BETWEEN.exec(text) ?? [];
  return from === undefined || to === undefined ? notUnderstood : between(from, to, names);
}

function plural(unit: string): string {
  return unit.endsWith("s") ? unit : `${unit}s`;
}

function between(from: string, to: string, names: Names): Result<SaidSpan> {
  // "From year 3" is its beginning; a time by itself is its end.
  const [, unit = "", place] =
    /^(years?|quarters?|months?|weeks?|days?) (\d{1,5})$/.exec(from) ?? [];
  const beginning = place === undefined ? from : `${Number(place) - 1} ${plural(unit)}`;
  const start = readPosition(beginning, names);
  if (!start.ok) return start;
  const end = readPosition(to, names);
  if (!end.ok) return end;
  const [first, last] = [start.value, end.value];
  const isBackwards = "years" in first && "years" in last && last.years <= first.years;
  return isBackwards
    ? fail(issue("span-backwards", [], { at: to }))
    : succeed({ from: first, to: last });
}
