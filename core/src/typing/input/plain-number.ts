import { issue } from "../../engine/issues/issue";
import { fail, succeed, type Result } from "../../engine/result";

/** What stands between the groups of three digits. */
export const GROUP = "[,'’  \\u202f]";

/** A number as people write one: grouped or not, with a decimal point, perhaps with an exponent. */
export const NUMBER_PATTERN = String.raw`(?:\d{1,3}(?:${GROUP}\d{2,3})*${GROUP}\d{3}(?!\d)|\d+)?(?:[.,'’]\d+)*\.?(?:e[+-]?\d+)?`;

const GROUPED = new RegExp(
  String.raw`^\d{1,3}(?:(${GROUP})\d{2,3}(?:\1\d{2,3})*)?(?:\.\d*)?(?:e[+-]?\d+)?$`,
  "i",
);
const PLAIN = /^(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?$/i;

/**
 * Reads one number of zero or more: `4500`, `4,500.25`, `4 500`, `4'500`, `.5`, `1e6`.
 *
 * A comma that could be a decimal point (`4,5`, `4.500,25`) is not guessed at.
 *
 * @returns the number; fails with `comma-unclear` or `number-not-finite`; `null` for no number at all
 */
export function readPlainNumber(text: string): Result<number> | null {
  if (PLAIN.test(text)) return finite(Number(text));
  const grouped = GROUPED.exec(text);
  if (grouped !== null && lastGroupIsWhole(text)) {
    return finite(Number(text.replace(new RegExp(GROUP, "g"), "")));
  }
  if (/^[\d.,'’  \u202f]+$/.test(text) && /\d/.test(text)) {
    return fail(issue("comma-unclear", [], { typed: text, point: withPoint(text) }));
  }
  return null;
}

function finite(value: number): Result<number> {
  return Number.isFinite(value) ? succeed(value) : fail(issue("number-not-finite", [], {}));
}

/** The group before the decimal point has three digits: 12,34,567 is a number and 4,50 is not. */
function lastGroupIsWhole(text: string): boolean {
  const [whole = ""] = text.split(/[.e]/i);
  const groups = whole.split(new RegExp(GROUP));
  return groups.length === 1 || groups.at(-1)?.length === 3;
}

/** The same digits with the last separator taken for the decimal point: what was probably meant. */
function withPoint(text: string): string {
  const last = Math.max(text.lastIndexOf(","), text.lastIndexOf("."));
  const digits = (part: string) => part.replace(/\D/g, "");
  const fraction = digits(text.slice(last + 1));
  const separators = new Set(text.match(/[.,]/g));
  const repeated = separators.size === 1 && (text.match(/[.,]/g) ?? []).length > 1;
  return last < 0 || repeated ? digits(text) : `${digits(text.slice(0, last))}.${fraction}`;
}
