import type { DatedAmount } from "../flows/flow-kind";
import { expandFlow } from "../flows/flow-kinds";
import { logGrowth, type Accumulation } from "../rates/accumulation";
import type { Account } from "../solve/account";
import { openingSide } from "../solve/follow-ups";
import type { ScheduleOptions } from "./schedule-types";

/** A payment as it is planned, before rounding and before anything is cleared early. */
export interface PlannedPayment {
  readonly time: number;
  /** Above zero in the way the schedule counts: repaid, or saved. */
  readonly amount: number;
  readonly extra: number;
  readonly interestOnly: boolean;
}

/** An amount beside the payments: above zero where it adds to the balance. */
export interface OtherAmount {
  readonly time: number;
  readonly amount: number;
}

/** All that a schedule is run from, freed of directions. */
export interface Plan {
  readonly kind: "repaying" | "saving";
  readonly inCents: boolean;
  readonly growth: Accumulation;
  /** Payments a year. */
  readonly frequency: number;
  readonly payments: readonly PlannedPayment[];
  /** In the order in which they join the balance. */
  readonly others: readonly OtherAmount[];
  /** Whether a payment that can clear the balance early does so. */
  readonly clears: boolean;
  /** Whether the problem balances, so that the last payment must leave what later amounts are worth. */
  readonly balances: boolean;
}

/** @param frequency payments a year of the stream */
export function planOf(
  { flows, growth }: Account,
  options: ScheduleOptions,
  frequency: number,
  balances: boolean,
): Plan {
  const side = openingSide(flows);
  const expanded = (isOwn: boolean): DatedAmount[] =>
    flows
      .filter(({ id }) => (id === options.flow) === isOwn)
      .flatMap((flow) => expandFlow(flow, growth))
      .sort((one, other) => one.at - other.at);
  const own = expanded(true);
  const kind = Math.sign(own[0]?.amount ?? 0) === side ? "saving" : "repaying";
  const sign = kind === "saving" ? side : -side;
  return {
    kind,
    inCents: options.rounding === "cent",
    growth,
    frequency,
    clears: true,
    // Savings with extra deposits end above their goal, and not with a payment that is taken back.
    balances: balances && (kind === "repaying" || (options.extra ?? []).length === 0),
    payments: own.map(({ amount, at }, index) => ({
      time: at,
      amount: sign * amount,
      extra: extraAt(options, index + 1),
      interestOnly: (options.interestOnly ?? []).some(
        ({ fromPayment, toPayment }) => index + 1 >= fromPayment && index + 1 <= toPayment,
      ),
    })),
    others: expanded(false).map(({ amount, at }) => ({ time: at, amount: side * amount })),
  };
}

function extraAt({ extra = [] }: ScheduleOptions, payment: number): number {
  return extra
    .filter(
      ({ fromPayment, toPayment = Infinity }) => payment >= fromPayment && payment <= toPayment,
    )
    .reduce((sum, { amount }) => sum + amount, 0);
}

/**
 * What 1 earns between two times. Between neighbouring payments the period itself is taken: the
 * difference of two far times would lose the digits by which half a cent is told.
 */
export function interestFactor({ growth, frequency }: Plan, from: number, to: number): number {
  const period = 1 / frequency;
  const isOnePeriod = growth.starts.length === 1 && Math.abs(to - from - period) < SAME_TIME;
  return Math.expm1(isOnePeriod ? logGrowth(growth, 0, period) : logGrowth(growth, from, to));
}

/** Years that are no difference: times are sums of fractions. */
export const SAME_TIME = 1e-9;
