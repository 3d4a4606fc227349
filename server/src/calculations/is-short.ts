import type { CalculationName } from "./calculations";

/** Texts longer than this are not even looked at. */
export const LONGEST_SHORT_BODY = 4096;

/** A calculation within these bounds takes a few milliseconds at most, whatever it is about: `npm run soak` tries. */
const MOST = { flows: 8, rates: 4, followUps: 8, payments: 400, amounts: 24, searched: 2 };

/** Judges by the size of a body, before anything is checked or calculated. What it does not know is not short. */
export function isShort(name: CalculationName, body: unknown): boolean {
  switch (name) {
    case "/rates/convert":
      return true;
    case "/appraise":
      return lengthAt(body, "amounts") + lengthAt(body, "entries") <= MOST.amounts;
    case "/solve":
      return isShortProblem(body);
    default:
      return false;
  }
}

function isShortProblem(body: unknown): boolean {
  const flows = listAt(body, "flows");
  const rates = listAt(body, "rates");
  return (
    flows.length <= MOST.flows &&
    rates.length <= MOST.rates &&
    lengthAt(body, "also") <= MOST.followUps &&
    flows.reduce<number>((sum, flow) => sum + paymentsOf(flow), 0) <= MOST.payments &&
    (!isSearched(flows, rates) ||
      (flows.length <= MOST.searched &&
        rates.length === 1 &&
        flows.every((flow) => lengthAt(flow, "amounts") <= MOST.amounts)))
  );
}

/** An unknown rate, count or time may have to be searched for; an amount is found at once, from however many flows. */
function isSearched(flows: readonly unknown[], rates: readonly unknown[]): boolean {
  return (
    rates.some((rate) => at(rate, "percent") === null) ||
    flows.some((flow) => ["count", "begins", "at"].some((key) => at(flow, key) === null))
  );
}

/** How many payments a flow has; one where that is the unknown. */
function paymentsOf(flow: unknown): number {
  const count = at(flow, "count");
  return (typeof count === "number" ? count : 1) + lengthAt(flow, "amounts");
}

const lengthAt = (value: unknown, key: string): number => listAt(value, key).length;

function listAt(value: unknown, key: string): readonly unknown[] {
  const list = at(value, key);
  return Array.isArray(list) ? list : [];
}

function at(value: unknown, key: string): unknown {
  return typeof value === "object" && value !== null
    ? (value as Readonly<Record<string, unknown>>)[key]
    : undefined;
}
