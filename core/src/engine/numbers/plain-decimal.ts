/**
 * The shortest decimal digits that name a double, written out without an exponent: 1.5e-7 becomes
 * `0.00000015`. Reading the text gives the same double again.
 *
 * @param value finite
 */
export function plainDecimal(value: number): string {
  const short = String(value);
  const [mantissa = "", power] = short.split("e");
  if (power === undefined) return short;
  const sign = mantissa.startsWith("-") ? "-" : "";
  const [whole = "", fraction = ""] = mantissa.replace("-", "").split(".");
  const exponent = Number(power);
  const digits = whole + fraction;
  return exponent < 0
    ? `${sign}0.${"0".repeat(-exponent - 1)}${digits}`
    : `${sign}${digits.padEnd(exponent + 1, "0")}`;
}
