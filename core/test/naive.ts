import type { Amount, Flow, Position, Problem, Rate } from "../src/engine/problem/schema";
import { yearsOf } from "../src/engine/time/duration";

/**
 * The slow and obvious reading of a problem file, against which the closed forms are held: every payment
 * written out, every payment moved through the years by plain powers. It shares the reading of durations
 * with the engine and nothing else.
 */

export interface NaivePayment {
  readonly amount: number;
  readonly at: number;
}

/** Everything that a problem without an unknown pays, signed, payment by payment. */
export function naivePayments(problem: Problem): NaivePayment[] {
  return problem.flows.flatMap((flow) => paymentsOf(problem, flow));
}

function paymentsOf(problem: Problem, flow: Flow): NaivePayment[] {
  switch (flow.kind) {
    case "single": {
      const sign = flow.direction === "in" ? 1 : -1;
      return [{ amount: sign * amountOf(problem, flow.amount), at: yearsAt(problem, flow.at) }];
    }
    case "list":
      return flow.amounts.map((amount, index) => ({
        amount: signedOf(problem, amount),
        at: yearsAt(problem, flow.begins) + index * yearsOf(flow.every),
      }));
    case "dated":
      return flow.entries.map(({ on, amount }) => ({
        amount: signedOf(problem, amount),
        at: (Date.parse(on) - Date.parse(flow.entries[0]?.on ?? on)) / 86_400_000 / 365,
      }));
    case "stream": {
      const payments: NaivePayment[] = [];
      const every = yearsOf(flow.every);
      const first = yearsAt(problem, flow.begins) + (flow.timing === "end" ? every : 0);
      for (let index = 0; index < Number(flow.count); index += 1) {
        const amount = grown(amountOf(problem, flow.amount), flow.growth, index * every);
        payments.push({
          amount: flow.direction === "in" ? amount : -amount,
          at: first + index * every,
        });
      }
      return payments;
    }
  }
}

function grown(
  amount: number,
  growth: Extract<Flow, { kind: "stream" }>["growth"],
  passed: number,
): number {
  if (growth === undefined) return amount;
  const steps = Math.floor(passed / yearsOf(growth.every) + 1e-9);
  return "percent" in growth
    ? amount * (1 + Number(growth.percent) / 100) ** steps
    : amount + Number(growth.amount) * steps;
}

function amountOf(problem: Problem, amount: Amount): number {
  if (typeof amount === "number") return amount;
  const other = problem.flows.find(({ id }) => id === amount?.of);
  if (other === undefined || !("amount" in other)) throw new Error("Still unknown");
  return (amount?.times ?? NaN) * amountOf(problem, other.amount);
}

function signedOf(problem: Problem, amount: Amount): number {
  if (typeof amount === "number") return amount;
  const other = problem.flows.find(({ id }) => id === amount?.of);
  const sign = other !== undefined && "direction" in other && other.direction === "out" ? -1 : 1;
  return sign * amountOf(problem, amount);
}

export function yearsAt(problem: Problem, position: Position): number {
  if (typeof position === "string") return yearsOf(position);
  const other = problem.flows.find(({ id }) => id === position?.endOf);
  if (other?.kind !== "stream") throw new Error("Still unknown");
  return yearsAt(problem, other.begins) + Number(other.count) * yearsOf(other.every);
}

/** What one year at a rate makes of 1. */
function yearlyFactor(rates: readonly Rate[], rate: Rate): number {
  const decimal = percentOf(rates, rate.percent) / 100;
  switch (rate.quoted) {
    case "effective":
      return 1 + decimal;
    case "continuous":
      return Math.exp(decimal);
    case "nominal": {
      const periods = 1 / yearsOf(rate.compounding);
      return (1 + decimal / periods) ** periods;
    }
    case "periodic":
      return (1 + decimal) ** (1 / yearsOf(rate.compounding));
    case "effective-discount":
      return 1 / (1 - decimal);
    case "nominal-discount": {
      const periods = 1 / yearsOf(rate.compounding);
      return (1 - decimal / periods) ** -periods;
    }
    case "simple":
    case "bank-discount":
      throw new Error("No law for a year at a time");
  }
}

function percentOf(rates: readonly Rate[], percent: Rate["percent"]): number {
  if (typeof percent === "number") return percent;
  const other = rates[percent?.of ?? -1];
  if (other === undefined) throw new Error("Still unknown");
  return percentOf(rates, other.percent) + (percent?.plus ?? 0);
}

/** What 1 at one time is at a later one. */
export function naiveGrowth(problem: Problem, from: number, to: number): number {
  let factor = 1;
  problem.rates.forEach((rate, index) => {
    const start = rate.from === undefined ? -Infinity : yearsAt(problem, rate.from);
    const next = problem.rates[index + 1]?.from;
    const end = next === undefined ? Infinity : yearsAt(problem, next);
    const years = Math.min(to, end) - Math.max(from, start);
    if (years > 0) factor *= yearlyFactor(problem.rates, rate) ** years;
  });
  return factor;
}

export interface NaiveWorth {
  readonly value: number;
  /** The sum of the sizes of its terms: what rounding errors are measured by. */
  readonly size: number;
}

/** What everything in a problem without an unknown is worth at a time, one payment after the other. */
export function naiveWorth(problem: Problem, at: number): NaiveWorth {
  let [value, size] = [0, 0];
  for (const payment of naivePayments(problem)) {
    const factor =
      payment.at <= at
        ? naiveGrowth(problem, payment.at, at)
        : 1 / naiveGrowth(problem, at, payment.at);
    value += payment.amount * factor;
    size += Math.abs(payment.amount) * factor;
  }
  return { value, size };
}
