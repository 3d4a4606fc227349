import { issue } from "../../engine/issues/issue";
import type { Claim } from "../../engine/numbers/claim";
import { fail, succeed, type Result } from "../../engine/result";
import { parseDuration } from "../../engine/time/duration";
import { evaluateArithmetic } from "./arithmetic";
import { readTime } from "./read-time";

/** Words that may stand beside a number and say nothing more of it. */
const BESIDE = /\b(payments?|times|a year|per year|a month|each)\b/gi;

/**
 * Reads the number that somebody got, with how precisely it is written: `5,895.60`, `−808.75`, `$42`,
 * `5.13%`, `46.01 payments`, `3 years 4 months`.
 *
 * @returns the number and half of one in its last digit; fails as amounts and times do
 */
export function readClaim(typed: string): Result<Claim> {
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
  if (!isPercent && /[a-z]/i.test(bare)) {
    const time = readTime(bare);
    if (time.ok) {
      return succeed({
        value: time.value.years,
        half: halfOfSmallest(time.value.duration),
        isTime: true,
      });
    }
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
  if (parsed === null || parsed.days > 0) return 0.5 / 365;
  if (parsed.weeks > 0) return 0.5 / 52;
  return parsed.months > 0 || parsed.years % 1 === 0 ? 0.5 / 12 : 0.005;
}
