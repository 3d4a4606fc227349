import type { FlowLine } from "../draft";
import type { RateReading } from "../read-rate-line";
import { paymentPeriods, usualCompounding } from "./payment-periods";

/** What is asked back about a rate, because nobody said it and the answer depends on it. */
export interface CompoundingQuestion {
  /**
   * - `differs`: the problem came with a compounding that its payments no longer have
   * - `several`: it follows the payments, and they have several intervals
   */
  readonly why: "differs" | "several";
  /** What the answer is calculated with for now, ISO 8601. */
  readonly now: string;
  /** How often money is paid, ISO 8601. */
  readonly paid: readonly string[];
}

/** The question about a rate; `null` where its compounding is said, or not in doubt. */
export function compoundingQuestion(
  flows: readonly FlowLine[],
  rate: RateReading,
): CompoundingQuestion | null {
  if (rate.kind !== "rate" || rate.quotation.quoted !== "nominal") return null;
  const now = rate.quotation.compounding;
  const periods = paymentPeriods(flows);
  if (rate.compoundedBy === "payments") {
    return periods.length > 1 ? { why: "several", now, paid: periods } : null;
  }
  const usual = usualCompounding(flows);
  return rate.compoundedBy === "before" && usual !== now
    ? { why: "differs", now, paid: [usual] }
    : null;
}

/** What says how a rate of an opened problem is compounded: its words, if they differ from the usual. */
export function compoundedByFile(
  quotation: { readonly quoted: string; readonly compounding?: string | undefined },
  usual: string,
): "words" | "before" {
  return quotation.quoted === "nominal" && quotation.compounding === usual ? "before" : "words";
}
