import { issue } from "../../engine/issues/issue";
import type { Claim } from "../../engine/numbers/claim";
import { fail, succeed, type Result } from "../../engine/result";
import { parseDuration } from "../../engine/time/duration";
import { evaluateArithmetic } from "./arithmetic";
import { readDate } from "./read-date";
import { TEXTBOOK_TIMES } from "./names";
import { readMoment } from "./read-moment";

const IN_DAYS = /\d ?d(?:ays?)?\b/i;
const HALF_A_DAY = 0.5 / 365;

/** Words that may stand beside a number and say nothing more of it. */
const BESIDE = /\b(payments?|times|a year|per year|a month|each)\b/gi;

/**
 * Reads the number that somebody got, with how precisely it is written: `5,895.60`, `−808.75`, `$42`,
 * `5.13%`, `46.01 payments`, `3 years 4 months`, `9 months ago`, `20 Sep 2027`.
 *
 * @param said by what a time is read
 * @returns the number and half of one in its last digit; fails as amounts and times do
 */
export function readClaim(typed: string, said = TEXTBOOK_TIMES): Result<Claim> {
  const text = typed
    .trim()
    .replace(/[\u2212\u2013]/g, "-")
    .replace(/\p{Sc}/gu, "");
  if (text === "") return fail(issue("claim-missing", [], {}));
  const isPercent = /%|percent/i.test(text);
  const bare = text
    .replace(/%|percent/gi, "")
    .replace(BESIDE, "")
    .trim();
  const isDated = said.calendar !== null && readDate(bare, said.dateOrder) !== null;
  if (isDated || (!isPercent && /[a-z]/i.test(bare))) {
    const time = readMoment(bare, said);
    if (time.ok) {
      const { moment, years } = time.value;
      const half = IN_DAYS.test(bare) ? HALF_A_DAY : halfOfSmallest(moment.replace(/^-/, ""));
      return succeed({ value: years, half, isTime: true });
    }
    if (isDated) return time;
  }
  const read = evaluateArithmetic(bare);
  if (!read.ok) return fail(issue("claim-not-understood", [], { typed: typed.trim() }));
  const value = read.value;
  return succeed({
    value,
    half: 0.5 / 10 ** decimalsOf(bare),
    ...(isPercent ? { isPercent } : {}),
  });
}

/** Digits after the point of the number as it stands; cents where it is a sum of several. */
function decimalsOf(text: string): number {
  const plain = /^-?[\d,'’ \u00a0\u202f]*(?:\.(\d*))?$/.exec(text);
  return plain === null ? 2 : (plain[1]?.length ?? 0);
}

function halfOfSmallest(iso: string): number {
  const parsed = parseDuration(iso);
  // A date is no duration.
  if (parsed === null || parsed.days > 0) return HALF_A_DAY;
  if (parsed.weeks > 0) return 0.5 / 52;
  return parsed.months > 0 || parsed.years % 1 === 0 ? 0.5 / 12 : 0.005;
}
