/**
 * Numbers in digits, in the styles of many countries: `7,400.50`, `7 400,50`, `7.400,50`, `7'400.50`, `3,00,000`.
 */

/** Which of the two signs a text uses as its decimal point, where that matters. */
export type DecimalStyle = "point" | "comma";

const DIGIT = /\d/;
const GROUP_SIGNS = new Set([",", ".", "'", "’", " ", "\u00a0", "\u202f", "\u2009"]);

interface Run {
  /** The digits between separators. */
  readonly groups: readonly string[];
  readonly separators: readonly string[];
  readonly length: number;
}

/**
 * Looks for a number that can be read in one way only: a comma before one, two or four digits, or a comma behind
 * points. Without one the point is decimal.
 */
export function decimalStyleOf(text: string): DecimalStyle {
  let at = 0;
  while (at < text.length) {
    if (!DIGIT.test(text.charAt(at))) {
      at += 1;
      continue;
    }
    const { groups, separators, length } = runAt(text, at);
    const [last] = separators.slice(-1);
    const isIndian = isGrouped(groups);
    if (last === "," && !isIndian && groups.at(-1)?.length !== 3) return "comma";
    if (last === "," && separators.includes(".")) return "comma";
    at += length;
  }
  return "point";
}

/** @returns the number that begins here, and how many characters it takes */
export function readDigits(
  text: string,
  at: number,
  style: DecimalStyle,
): { value: number; length: number } {
  const { groups, separators, length } = runAt(text, at);
  const [first = ""] = groups;
  if (separators.length === 0) return { value: Number(first), length };
  const last = separators.at(-1) ?? "";
  const tail = groups.at(-1) ?? "";
  const isPercent = /^\s?(?:%|per ?cent)/.test(text.slice(at + length, at + length + 9));
  const isDecimal =
    (last === "." && (style === "point" || tail.length !== 3)) ||
    (last === "," && !isGrouped(groups) && tail.length !== 3) ||
    (last === "," && separators.slice(0, -1).some((sign) => sign !== ",")) ||
    // Nobody quotes a rate of thousands of percent.
    (last === "," && isPercent && separators.length === 1);
  const whole = isDecimal ? groups.slice(0, -1).join("") : groups.join("");
  return { value: Number(isDecimal ? `${whole}.${tail}` : whole), length };
}

/** Groups of three, or of two before the last three, as thousands and lakhs are written. */
function isGrouped(groups: readonly string[]): boolean {
  const [first = "", ...rest] = groups;
  const inner = rest.slice(0, -1);
  return (
    first.length <= 3 &&
    rest.at(-1)?.length === 3 &&
    (inner.every(({ length }) => length === 3) || inner.every(({ length }) => length === 2))
  );
}

/** The digits from here on, with the separators between them that belong to the same number. */
function runAt(text: string, start: number): Run {
  const groups: string[] = [];
  const separators: string[] = [];
  let at = start;
  for (;;) {
    const from = at;
    while (DIGIT.test(text.charAt(at))) at += 1;
    groups.push(text.slice(from, at));
    const sign = text.charAt(at);
    if (!GROUP_SIGNS.has(sign) || !DIGIT.test(text.charAt(at + 1))) break;
    if (!belongs(text, at, groups, separators)) break;
    separators.push(sign);
    at += 1;
  }
  return { groups, separators, length: at - start };
}

/** Whether the sign here joins the digits on its two sides: spaces and apostrophes only before groups of three. */
function belongs(
  text: string,
  at: number,
  groups: readonly string[],
  separators: readonly string[],
): boolean {
  const sign = text.charAt(at);
  let end = at + 1;
  while (DIGIT.test(text.charAt(end))) end += 1;
  const next = end - at - 1;
  const before = groups.at(-1)?.length ?? 0;
  if (sign === ".") return !separators.includes(".") || next === 3;
  if (sign === ",") return separators.every((other) => other !== "," || next >= 2);
  const isThousands = next === 3 && before <= 3 && before > 0;
  const isSame = separators.every((other) => other === sign);
  return isThousands && isSame && groups[0] !== "0" && !isYearBefore(groups);
}

function isYearBefore(groups: readonly string[]): boolean {
  return groups.length === 1 && (groups[0]?.length ?? 0) > 3;
}
