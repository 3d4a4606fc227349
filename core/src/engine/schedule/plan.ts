import type { PaymentRounding } from "../flows/payment-rounding";
import type { DatedAmount, SettledFlow } from "../flows/flow-kind";
import { expandFlow } from "../flows/flow-kinds";
import type { Accumulation } from "../rates/accumulation";
import type { Account } from "../solve/account";
import { openingSide } from "../solve/follow-ups";
import type { ScheduleKind, ScheduleRounding } from "./schedule-types";

/** A payment as it is planned, before rounding and before anything is cleared early. */
export interface PlannedPayment {
  readonly time: number;
  /** Above zero in the way the schedule counts: repaid, or saved. */
  readonly amount: number;
  readonly extra: number;
  /** The payment, only the interest of its period, or nothing at all. */
  readonly pays: "payment" | "interest" | "nothing";
  /** Whether the payments from this one on are set anew, so that all ends when it should. */
  readonly isReset: boolean;
}

/** An amount beside the payments: above zero where it adds to the balance. */
export interface OtherAmount {
  readonly time: number;
  readonly amount: number;
}

/** All that a schedule is run from, freed of directions. */
export interface Plan {
  readonly kind: ScheduleKind;
  /** Whether the balance is owed by the student; else it is theirs. */
  readonly isOwed: boolean;
  readonly inCents: boolean;
  /** How a payment that is set anew is rounded to the cent; `null` where it is not, or as the schedule is. */
  readonly paymentRounding: PaymentRounding | null;
  readonly growth: Accumulation;
  /** Growth as it was known when a payment is reset: later changes are not foreseen. */
  readonly growthKnownAt: (payment: number) => Accumulation;
  /** Payments a year. */
  readonly frequency: number;
  /** The planned ones, and where the plan may run on those that would follow. */
  readonly payments: readonly PlannedPayment[];
  readonly plannedCount: number;
  /** When the first period begins, in years. */
  readonly beginTime: number;
  /** When the last planned period ends, in years. */
  readonly endTime: number;
  /** In the order in which they join the balance. */
  readonly others: readonly OtherAmount[];
  /** Each payment is raised to a multiple of this; 0 where it is not. */
  readonly roundUpTo: number;
  /** Charged on the first day: paid beside the account, or added to what is owed. */
  readonly fee: number;
  /** Whether a payment that can clear the balance early does so. */
  readonly clears: boolean;
  /** Whether the problem balances, so that in the end just what later amounts are worth is left. */
  readonly balances: boolean;
  /** What is left at the end beyond that, where it does not. */
  readonly surplus: number;
  /** Whether the last planned payment makes up for what the others leave. */
  readonly settles: boolean;
  /** Whether payments go on past the planned ones until the balance is cleared. */
  readonly runsOn: boolean;
  /** Whether more than the payments brings the balance down, so that less than a residual may be left. */
  readonly hasExtras: boolean;
  /** Whether something is paid on top of payments, be they rounded up or not. */
  readonly paysExtra: boolean;
}

interface PlanOptions {
  readonly flow: string;
  readonly rounding: ScheduleRounding;
  /** Payments a year of the stream. */
  readonly frequency: number;
  readonly balances: boolean;
  readonly paymentRounding: PaymentRounding | null;
}

/**
 * The plan that a problem makes, with nothing changed.
 *
 * @param more how many payments beyond the planned ones are told as well
 */
export function planOf(account: Account, options: PlanOptions, more = 0): Plan {
  const { flow, rounding, frequency, balances, paymentRounding } = options;
  const { growth } = account;
  const flows = withEqualPayments(account);
  const side = openingSide(flows);
  const expanded = (chosen: readonly SettledFlow[]): DatedAmount[] =>
    chosen.flatMap((own) => expandFlow(own, growth)).sort((one, other) => one.at - other.at);
  const [own, others] = [true, false].map((isOwn) =>
    flows.filter(({ id }) => (id === flow) === isOwn),
  ) as [SettledFlow[], SettledFlow[]];
  const planned = expanded(own);
  const payments = more === 0 ? planned : expanded(prolonged(own, planned.length + more));
  const kind = Math.sign(planned[0]?.amount ?? 0) === side ? "saving" : "repaying";
  const sign = kind === "saving" ? side : -side;
  const stream = own.find((one) => one.kind === "stream");
  const beginTime = stream?.kind === "stream" ? stream.begins : 0;
  return {
    kind,
    isOwed: side > 0,
    inCents: rounding === "cent",
    paymentRounding,
    growth,
    growthKnownAt: () => growth,
    frequency,
    payments: payments.map(({ amount, at }) => ({
      time: at,
      amount: sign * amount,
      extra: 0,
      pays: "payment",
      isReset: false,
    })),
    plannedCount: planned.length,
    beginTime,
    endTime: beginTime + planned.length / frequency,
    others: expanded(others).map(({ amount, at }) => ({ time: at, amount: side * amount })),
    roundUpTo: 0,
    fee: 0,
    clears: true,
    balances,
    surplus: 0,
    settles: balances,
    runsOn: false,
    hasExtras: false,
    paysExtra: false,
  };
}

/** A plan settles with its last payment itself: one that takes up the cents is planned like the others. */
function withEqualPayments({ flows, roundedPayment }: Account): readonly SettledFlow[] {
  const last = roundedPayment === undefined ? undefined : flows.at(-1);
  if (last === undefined) return flows;
  return flows
    .slice(0, -1)
    .map((flow) =>
      flow.kind === "stream" && flow.id === last.id ? { ...flow, count: flow.count + 1 } : flow,
    );
}

/** The stream alone, as it would go on; a smaller last payment is no part of it then. */
function prolonged(own: readonly SettledFlow[], count: number): SettledFlow[] {
  return own.flatMap((flow) => (flow.kind === "stream" ? [{ ...flow, count }] : []));
}
