import { fractionLatex, moneyLatex, numberLatex } from "../latex";
import type { SettledSingle } from "../singles";
import type { LumpSum } from "./lump-sum";

/** How the parts of the textbook case are written, shared by the steps of each unknown. */

export function sizeLatex(flow: SettledSingle): string {
  return moneyLatex(Math.abs(flow.amount));
}

/** Years, as a fraction of months where that is what they are, so that the product can be done by hand. */
export function yearsLatex(years: number): string {
  const months = Number((years * 12).toPrecision(13));
  return Number.isInteger(months) && !Number.isInteger(years)
    ? fractionLatex(String(months), "12")
    : numberLatex(years);
}

export function growthSymbols({ period }: LumpSum): string {
  return period.isContinuous ? String.raw`e^{\delta t}` : "(1+i)^{n}";
}

/** 1 + i in numbers, with the sign that the rate has. */
export function onePlus(rate: number): string {
  return `1 ${rate < 0 ? "-" : "+"} ${numberLatex(Math.abs(rate))}`;
}

export function ratioLatex({ present, future }: LumpSum): string {
  return fractionLatex(sizeLatex(future), sizeLatex(present));
}

export function ratioOf({ present, future }: LumpSum): number {
  return Math.abs(future.amount) / Math.abs(present.amount);
}
