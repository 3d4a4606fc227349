import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";
import { isCalendarDate, isoDate } from "../../engine/time/calendar";

/** In which order a person writes a date in numbers. */
export const DATE_ORDERS = ["day-first", "month-first"] as const;

export type DateOrder = (typeof DATE_ORDERS)[number];

const MONTHS = "jan feb mar apr may jun jul aug sep oct nov dec".split(" ");
const MONTH =
  "(?<month>jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)";
const DAY = String.raw`(?<day>\d{1,2})(?:st|nd|rd|th)?`;
const YEAR = String.raw`(?<year>\d{4}|['’]?\d{2})`;
const GAP = String.raw`[\s.,/-]*`;

/** Each way to write a date; the year may be missing where words say that it is a date. */
const WRITTEN = [
  String.raw`(?<year>\d{4})[-/.](?<one>\d{1,2})[-/.](?<other>\d{1,2})`,
  String.raw`${DAY}${GAP}(?:of )?${MONTH}(?![a-z])(?:${GAP}${YEAR}\b)?`,
  String.raw`${MONTH}(?![a-z])${GAP}${DAY}\b(?:${GAP}${YEAR}\b)?`,
  String.raw`(?<first>\d{1,2})(?<mark>[./-])(?<second>\d{1,2})\k<mark>${YEAR}\b`,
].map((pattern) => new RegExp(`^(?:on )?(?:the )?${pattern}`, "i"));

/** A date at the start of a text, and what follows it. */
export interface LeadingDate {
  /** ISO 8601. */
  readonly on: string;
  readonly rest: string;
}

/**
 * Reads the date that a text starts with: `2027-09-20`, `20 Sep 2027`, `20th of September 2027`, `Sep 20, 2027`,
 * `20/9/2027`, `20.9.27`. Years of two digits are those of this century.
 *
 * @param order of day and month in numbers; a date that can only be the other way round is taken so
 * @returns `null` for a text that starts with no date; fails with `date-impossible` and `date-without-year`
 */
export function readLeadingDate(typed: string, order: DateOrder): Result<LeadingDate> | null {
  const text = typed.trim();
  for (const pattern of WRITTEN) {
    const match = pattern.exec(text);
    if (match?.groups === undefined) continue;
    const [whole] = match;
    const read = dateOf(match.groups, whole.trim(), order);
    return read.ok ? succeed({ on: read.value, rest: text.slice(whole.length) }) : read;
  }
  return null;
}

/** Reads a text that is a date and nothing else; otherwise as `readLeadingDate`. */
export function readDate(typed: string, order: DateOrder): Result<string> | null {
  const leading = readLeadingDate(typed, order);
  if (leading?.ok !== true) return leading;
  return leading.value.rest.trim() === "" ? succeed(leading.value.on) : null;
}

type Groups = Readonly<Record<string, string | undefined>>;

function dateOf(groups: Groups, typed: string, order: DateOrder): Result<string> {
  const { year } = groups;
  if (year === undefined) return fail(issue("date-without-year", [], { typed }));
  const [month, day] = monthAndDay(groups, order);
  const on = isoDate(yearOf(year), month, day);
  return month >= 1 && month <= 12 && isCalendarDate(on)
    ? succeed(on)
    : fail(issue("date-impossible", [], { on: typed }));
}

/** A date in numbers that is none in the person's own order may be one in the other. */
function monthAndDay(groups: Groups, order: DateOrder): [month: number, day: number] {
  const { month, day, one, other, first, second } = groups;
  if (month !== undefined) {
    return [MONTHS.indexOf(month.slice(0, 3).toLowerCase()) + 1, Number(day)];
  }
  if (one !== undefined) return [Number(one), Number(other)];
  const [left, right] = [Number(first), Number(second)];
  const isMonthFirst = order === "month-first" ? left <= 12 : right > 12 && left <= 12;
  return isMonthFirst ? [left, right] : [right, left];
}

function yearOf(text: string): number {
  const digits = text.replace(/\D/g, "");
  return digits.length === 2 ? 2000 + Number(digits) : Number(digits);
}
