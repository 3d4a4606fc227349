import type { FactorKind, FactorTerms } from "../engine/tables/factor-kinds";
import { writeMoney, writePercent, type AnswerFormat } from "./answer-format";

export const FACTOR_NAMES: Readonly<Record<FactorKind, string>> = {
  "future-of-one": "future value of 1",
  "present-of-one": "present value of 1",
  "future-of-payments": "future value of an annuity of 1",
  "present-of-payments": "present value of an annuity of 1",
  "future-of-growing": "future value of a growing annuity, first payment 1",
  "present-of-growing": "present value of a growing annuity, first payment 1",
};

/** What each factor is, to help choose one. */
export const FACTOR_SAYS: Readonly<Record<FactorKind, string>> = {
  "future-of-one": "The future value of 1 invested for n periods: (1+i)ⁿ.",
  "present-of-one": "The present value of 1 due in n periods: (1+i)⁻ⁿ.",
  "future-of-payments": "The value of 1 deposited each period, at the end of the last period.",
  "present-of-payments": "The value of 1 received each period, at the start of the first period.",
  "future-of-growing":
    "The value of payments that grow by a fixed percentage, at the end of the last period.",
  "present-of-growing":
    "The value of payments that grow by a fixed percentage, at the start of the first period.",
};

/** The title of the table, printed or in a file. */
export function tableName(
  { kind, timing, growthPercent }: FactorTerms,
  format: AnswerFormat,
): string {
  const name = FACTOR_NAMES[kind].replace(/^./, (letter) => letter.toUpperCase());
  const growth = kind.endsWith("growing")
    ? `, growing by ${writePercent(growthPercent, format)}`
    : "";
  const when = kind.endsWith("one") ? "" : `, paid at the ${timing} of each period`;
  return `${name}${growth}${when}`;
}

/** A factor with a fixed number of decimals and separated thousands. */
export function fixedFactor(factor: number, decimals: number, format: AnswerFormat): string {
  return writeMoney(factor, { ...format, sign: "", rounding: "half-up" }, decimals);
}
