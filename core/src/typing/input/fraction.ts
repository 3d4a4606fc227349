/** The fractions that have a sign of their own. */
const VULGAR: Readonly<Record<string, string>> = {
  "½": "1/2",
  "⅓": "1/3",
  "⅔": "2/3",
  "¼": "1/4",
  "¾": "3/4",
  "⅕": "1/5",
  "⅖": "2/5",
  "⅗": "3/5",
  "⅘": "4/5",
  "⅙": "1/6",
  "⅚": "5/6",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
};

/** Spells out fraction signs: `6⅜` becomes `6 3/8`. */
export function spellFractions(text: string): string {
  return text.replace(/(\d?)\s?([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/g, (_, digit: string, sign: string) =>
    digit === "" ? (VULGAR[sign] ?? sign) : `${digit} ${VULGAR[sign] ?? sign}`,
  );
}

/** A number with a common fraction (`6 3/8`, `6-3/8`), or such a fraction alone (`3/8`). */
export const FRACTION_PATTERN = String.raw`(?:\d+[\s-]+)?\d+\s?[/⁄]\s?\d+`;

/** The value of a text of `FRACTION_PATTERN`, or `null` for anything else and for a division by 0. */
export function readFraction(text: string): number | null {
  const match = /^(?:(\d+)[\s-]+)?(\d+)\s?[/⁄]\s?(\d+)$/.exec(text);
  if (match === null) return null;
  const [, whole = "0", numerator, denominator] = match;
  const value = Number(whole) + Number(numerator) / Number(denominator);
  return Number.isFinite(value) ? value : null;
}
