import { withDigits } from "../../../engine/numbers/with-digits";
import { number, type Expression } from "../mathematics/expression";

/** Years as calculated by hand: a whole number, or a fraction in months, weeks or days. */
export function yearsExpression(years: number): Expression {
  if (Number.isInteger(snapped(years))) return number(snapped(years));
  for (const unit of [12, 52, 365]) {
    const units = snapped(years * unit);
    if (Number.isInteger(units)) return { op: "fraction", over: units, under: unit };
  }
  return number(years);
}

/** Times are sums of fractions: a number this close to a round one is equal to it. */
export function snapped(figure: number): number {
  return withDigits(figure, 13);
}
