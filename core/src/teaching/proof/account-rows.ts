import { growthFactor } from "../../engine/rates/accumulation";
import { openingSide } from "../../engine/solve/follow-ups";
import { growthOf } from "../../engine/solve/settled-timeline";
import { yearsAsked, type SolvedProblem } from "../../engine/solve/solved-problem";
import { singleAmounts } from "./single-amounts";
import { isBefore } from "../../engine/numbers/compare";

/** One date of the account: interest since the previous date, the cash flow, and the balance. */
export interface AccountRow {
  /** Years from today. */
  readonly time: number;
  readonly opening: number;
  readonly interest: number;
  /** Positive if it adds to the balance. */
  readonly moved: number;
  readonly closing: number;
}

/** The account of a problem, date by date. */
export interface AccountLife {
  /** `owed` if the first flow is money in, `saved` if it is money out. */
  readonly kind: "owed" | "saved";
  readonly rows: readonly AccountRow[];
  /** The closing balance: only rounding, if the answer is right. */
  readonly left: number;
  /** The largest balance, to compare the closing balance with. */
  readonly largest: number;
  /** A perpetuity: rows stop when their present value is negligible. */
  readonly isBrokenOff: boolean;
}

/**
 * Calculates the account of a solved problem date by date from interest and cash flows, without an annuity
 * formula. If the answer is right, it closes at zero. A value asked for is paid out at its date, so that its
 * account closes at zero too.
 *
 * @returns money unrounded; `null` if there are more than 60,000 amounts, or interest is not compound
 */
export function runAccount(solved: SolvedProblem): AccountLife | null {
  const { paid } = solved;
  // An account adds interest at each of its dates: simple interest and discount have none.
  if (paid.accrual !== undefined) return null;
  const growth = growthOf(paid);
  const flows =
    solved.unknown.kind === "value"
      ? [
          ...paid.flows,
          {
            kind: "single" as const,
            id: "",
            amount: -solved.answers[0].value,
            at: yearsAsked(solved) ?? 0,
          },
        ]
      : paid.flows;
  const single = singleAmounts(flows, growth);
  if (single === null || single.amounts.length === 0) return null;
  const side = openingSide(flows);
  const rows: AccountRow[] = [];
  let [time, balance, largest] = [single.amounts[0]?.at ?? 0, 0, 0];
  for (let index = 0; index < single.amounts.length;) {
    const at = single.amounts[index]?.at ?? time;
    const opening = balance;
    const interest = opening * (growthFactor(growth, time, at) - 1);
    let moved = 0;
    for (; index < single.amounts.length; index += 1) {
      const one = single.amounts[index];
      if (one === undefined || isBefore(at, one.at)) break;
      moved += side * one.amount;
    }
    balance = opening + interest + moved;
    largest = Math.max(largest, Math.abs(balance));
    rows.push({ time: at, opening, interest, moved, closing: balance });
    time = at;
  }
  return {
    kind: side > 0 ? "owed" : "saved",
    rows,
    left: balance,
    largest,
    isBrokenOff: single.isBrokenOff,
  };
}
