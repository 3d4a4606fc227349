import { withDigits } from "../../../engine/numbers/with-digits";
import type { Names } from "../../input/names";
import type { SaidAmount } from "../../input/read-amount";
import { formatExact, formatFigure } from "../../../wording/format-number";

/** An amount as somebody would have typed it; `?` for the unknown. */
export function writeAmount(amount: SaidAmount | null, names: Names): string {
  if (amount === null) return "?";
  if (typeof amount === "number") return formatExact(amount);
  const { times, of, plus = 0 } = amount;
  const name = names.nameOf(of);
  if (plus !== 0) {
    const multiple = times === 1 ? name : `${formatExact(times)} x ${name}`;
    return `${multiple} ${plus > 0 ? "+" : "-"} ${formatExact(Math.abs(plus))}`;
  }
  if (times === 1) return `same as ${name}`;
  if (times === 2) return `twice ${name}`;
  const percent = withDigits(times * 100, 12);
  // As a percentage only where that is what it is to the last digit.
  return times < 1 && percent / 100 === times
    ? `${formatFigure(percent, 10)}% of ${name}`
    : `${formatExact(times)} x ${name}`;
}
