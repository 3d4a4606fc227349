import type { FactorKind, FactorTerms } from "../tables/factor-kinds";
import { formatPercent } from "./format-number";

export const FACTOR_NAMES: Readonly<Record<FactorKind, string>> = {
  "future-of-one": "future value of 1",
  "present-of-one": "present value of 1",
  "future-of-payments": "future value of 1 a period",
  "present-of-payments": "present value of 1 a period",
  "future-of-growing": "future value of growing payments, the first of them 1",
  "present-of-growing": "present value of growing payments, the first of them 1",
};

/** What each factor answers, for whoever has to choose one. */
export const FACTOR_SAYS: Readonly<Record<FactorKind, string>> = {
  "future-of-one": "What 1 put in today has become after some periods: (1+i)ⁿ.",
  "present-of-one": "What 1 due after some periods is worth today: (1+i)⁻ⁿ.",
  "future-of-payments": "What 1 put in every period has become by the end of the last.",
  "present-of-payments": "What 1 received every period is worth at the start of the first.",
  "future-of-growing":
    "What payments that grow by a percent every period have become by the end of the last.",
  "present-of-growing":
    "What payments that grow by a percent every period are worth at the start of the first.",
};

/** The table's name over a print or in a file. */
export function tableName({ kind, timing, growthPercent }: FactorTerms): string {
  const name = FACTOR_NAMES[kind].replace(/^./, (letter) => letter.toUpperCase());
  const growth = kind.endsWith("growing") ? `, growing by ${formatPercent(growthPercent)}` : "";
  const when = kind.endsWith("one") ? "" : `, paid at the ${timing} of each period`;
  return `${name}${growth}${when}`;
}

/** A factor with all its decimals, and with marks between thousands. */
export function fixedFactor(factor: number, decimals: number): string {
  const [whole = "", fraction = ""] = factor.toFixed(decimals).split(".");
  return `${whole.replace(/\B(?=(\d{3})+$)/g, ",")}.${fraction}`;
}
