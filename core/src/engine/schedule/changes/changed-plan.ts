import { forceOfInterest } from "../../rates/force-of-interest";
import type { Accumulation } from "../../rates/accumulation";
import type { OtherAmount, Plan, PlannedPayment } from "../plan";
import type { ExtraChange, LoanChange, RateChange } from "./change";
import { isPause } from "./check-changes";
import { wholeUpTo } from "../../numbers/compare";

/**
 * A plan as changes make it.
 *
 * A rate that changes holds from the payment before on, and overrules whatever the problem says of later
 * rates. Where several changes have a say about the end, the one that comes last decides: with payments
 * kept the plan runs on until nothing is owed, with payments reset it ends when it would have.
 *
 * @param changes ones that `checkChanges` finds nothing wrong with
 */
export function changedPlan(plan: Plan, changes: readonly LoanChange[]): Plan {
  const extras = changes.filter((change) => change.kind === "extra");
  const roundUp = changes.find((change) => change.kind === "round-up");
  const rates = changes
    .filter((change) => change.kind === "rate")
    .sort((one, other) => one.fromPayment - other.fromPayment);
  const resets = new Set(
    momentsOf(changes).flatMap(({ at, then }) => (then === "reset" ? [at] : [])),
  );
  const isKept = lastMoment(changes)?.then === "kept";
  const hasExtras = extras.length > 0 || roundUp !== undefined;
  const isRepaying = plan.kind === "repaying";
  return {
    ...plan,
    growth: growthWith(plan, rates),
    growthKnownAt: (payment) =>
      growthWith(
        plan,
        rates.filter(({ fromPayment }) => fromPayment <= payment),
      ),
    payments: plan.payments.map((payment, index): PlannedPayment => {
      const number = index + 1;
      const pays = paysAt(changes, number);
      return {
        ...payment,
        pays,
        extra: pays === "nothing" ? 0 : extraAt(extras, number, plan.frequency),
        isReset: number <= plan.plannedCount && resets.has(number),
      };
    }),
    others: [...plan.others, ...joining(plan, changes)].sort((one, other) => one.time - other.time),
    roundUpTo: roundUp?.multiple ?? 0,
    fee: changes.reduce((sum, change) => (change.kind === "fee" ? sum + change.amount : sum), 0),
    // Savings with more put in end above their goal, and not with a deposit that is taken back.
    settles: plan.balances && !isKept && (isRepaying || !hasExtras),
    runsOn: runsOnWith(plan, changes),
    hasExtras,
    paysExtra: extras.length > 0,
  };
}

/** Whether changes let a plan run on past its planned payments, until nothing is owed. */
export function runsOnWith({ balances, kind }: Plan, changes: readonly LoanChange[]): boolean {
  return balances && kind === "repaying" && lastMoment(changes)?.then === "kept";
}

interface Moment {
  /** The number of the payment from which the change has its say about the size of payments. */
  readonly at: number;
  readonly then: "kept" | "reset";
}

function momentsOf(changes: readonly LoanChange[]): Moment[] {
  return changes.flatMap((change): Moment[] => {
    if (isPause(change)) return [{ at: change.toPayment + 1, then: change.then }];
    if (change.kind === "rate") return [{ at: change.fromPayment, then: change.then }];
    const setsPayment = change.kind === "residual" || (change.kind === "fee" && change.isAdded);
    return setsPayment ? [{ at: 1, then: "reset" }] : [];
  });
}

function lastMoment(changes: readonly LoanChange[]): Moment | undefined {
  return momentsOf(changes)
    .sort((one, other) => one.at - other.at)
    .at(-1);
}

function paysAt(changes: readonly LoanChange[], payment: number): PlannedPayment["pays"] {
  const pause = changes
    .filter(isPause)
    .find(({ fromPayment, toPayment }) => payment >= fromPayment && payment <= toPayment);
  if (pause === undefined) return "payment";
  return pause.kind === "holiday" ? "nothing" : "interest";
}

function extraAt(extras: readonly ExtraChange[], payment: number, frequency: number): number {
  return extras.reduce(
    (sum, extra) => (hasExtra(extra, payment, frequency) ? sum + extra.amount : sum),
    0,
  );
}

function hasExtra(extra: ExtraChange, payment: number, frequency: number): boolean {
  const { often, fromPayment, toPayment = Infinity } = extra;
  if (payment < fromPayment || payment > toPayment) return false;
  if (often === "payment" || payment === fromPayment) return true;
  return often === "year" && yearsTo(payment) > yearsTo(payment - 1);

  function yearsTo(other: number): number {
    return wholeUpTo((other - fromPayment) / frequency);
  }
}

/** What changes add to the balance or leave of it. */
function joining(plan: Plan, changes: readonly LoanChange[]): OtherAmount[] {
  return changes.flatMap((change): OtherAmount[] => {
    if (change.kind === "residual") return [{ time: plan.endTime, amount: -change.amount }];
    if (change.kind !== "fee" || !change.isAdded) return [];
    return [{ time: plan.others[0]?.time ?? 0, amount: change.amount }];
  });
}

/** @param rates in the order of their payments */
function growthWith({ growth, payments }: Plan, rates: readonly RateChange[]): Accumulation {
  return rates.reduce<Accumulation>(({ starts, forces }, { fromPayment, percent, quotation }) => {
    const from = fromPayment <= 1 ? 0 : (payments[fromPayment - 2]?.time ?? 0);
    const kept = starts.filter((start) => start < from);
    const force = forceOfInterest(percent, quotation) ?? NaN;
    return { starts: [...kept, from], forces: [...forces.slice(0, kept.length), force] };
  }, growth);
}
