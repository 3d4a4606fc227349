import { issue, type Issue } from "../../issues/issue";
import { forceOfInterest } from "../../rates/force-of-interest";
import type { HolidayChange, InterestOnlyChange, LoanChange, LoanChangeKind } from "./change";
import type { ScheduleKind } from "../schedule-types";

/** Changes that mean something for what is owed, and nothing for savings. */
const FOR_LOANS: ReadonlySet<LoanChangeKind> = new Set(["interest-only", "residual"]);

/**
 * What is wrong with changes: which of them do not fit the payments, and which contradict one that
 * stands before them.
 *
 * @param plan how many payments are planned, and whether they repay or save
 * @returns issues whose paths are the place of the change in the list
 */
export function checkChanges(
  changes: readonly LoanChange[],
  plan: { readonly plannedCount: number; readonly kind: ScheduleKind },
): Issue[] {
  return changes.flatMap((change, place): Issue[] => {
    const found =
      unfit(change, plan.kind) ??
      impossibleRate(change) ??
      outside(change, plan.plannedCount) ??
      firstOf(changes.slice(0, place), (other) => contradiction(other, change));
    return found === null ? [] : [{ ...found, path: [place] }];
  });
}

function firstOf<Item>(items: readonly Item[], find: (item: Item) => Issue | null): Issue | null {
  for (const item of items) {
    const found = find(item);
    if (found !== null) return found;
  }
  return null;
}

function unfit(change: LoanChange, kind: ScheduleKind): Issue | null {
  const isForLoans = FOR_LOANS.has(change.kind) || (change.kind === "fee" && change.isAdded);
  return isForLoans && kind === "saving" ? issue("change-for-loans", [], {}) : null;
}

function impossibleRate(change: LoanChange): Issue | null {
  if (change.kind !== "rate") return null;
  const { percent, quotation } = change;
  return forceOfInterest(percent, quotation) === null
    ? issue("rate-too-low", [], { percent, quotation })
    : null;
}

function outside(change: LoanChange, count: number): Issue | null {
  if (!("fromPayment" in change)) return null;
  const from = change.fromPayment;
  // An extra may also come with a payment that another change adds at the end.
  if (change.kind !== "extra" && from > count) {
    return issue("change-after-end", [], { payment: from, count });
  }
  const to = "toPayment" in change ? (change.toPayment ?? Infinity) : Infinity;
  return to < from ? issue("change-backwards", [], { from, to }) : null;
}

/** Why two changes cannot both be; `null` where they can. */
function contradiction(one: LoanChange, other: LoanChange): Issue | null {
  if (isPause(one) && isPause(other)) {
    const from = Math.max(one.fromPayment, other.fromPayment);
    const to = Math.min(one.toPayment, other.toPayment);
    return from <= to ? issue("changes-overlap", [], { from, to }) : null;
  }
  if (one.kind === "rate" && other.kind === "rate") {
    const { fromPayment: payment } = other;
    return one.fromPayment === payment ? issue("rate-changed-twice", [], { payment }) : null;
  }
  if (one.kind === other.kind && (one.kind === "round-up" || one.kind === "residual")) {
    return issue("change-twice", [], {});
  }
  return extraInHoliday(one, other) ?? extraInHoliday(other, one);
}

function extraInHoliday(extra: LoanChange, holiday: LoanChange): Issue | null {
  if (extra.kind !== "extra" || extra.often !== "once" || holiday.kind !== "holiday") return null;
  const { fromPayment: payment } = extra;
  return payment >= holiday.fromPayment && payment <= holiday.toPayment
    ? issue("extra-in-holiday", [], { payment })
    : null;
}

export function isPause(change: LoanChange): change is InterestOnlyChange | HolidayChange {
  return change.kind === "interest-only" || change.kind === "holiday";
}
