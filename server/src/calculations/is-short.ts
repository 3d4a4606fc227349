import type { CalculationName } from "./calculations";

/** Texts longer than this are not even looked at. */
export const LONGEST_SHORT_BODY = 4096;

/**
 * A calculation within these bounds takes a few milliseconds at most, whatever it is about: `npm run soak` tries. How
 * many payments a stream has does not matter: they are valued in closed form.
 */
const MOST = { flows: 8, rates: 4, followUps: 8, amounts: 400 };

/** The same where something has to be searched for, or every rate that is hidden in a list. */
const MOST_SEARCHED = { flows: 2, rates: 1, amounts: 24 };

/** Judges by the size of a body, before anything is checked or calculated. What it does not know is not short. */
export function isShort(name: CalculationName, body: unknown): boolean {
  switch (name) {
    case "/rates/convert":
      return true;
    case "/appraise":
      return amountsOf(body) <= MOST_SEARCHED.amounts;
    case "/solve":
      return isShortQuestion(body);
    default:
      return false;
  }
}

/** A question is as long as its parts together. */
const MOST_PARTS = 4;

function isShortQuestion(body: unknown): boolean {
  const parts = listAt(body, "parts");
  return parts.length === 0
    ? isShortProblem(body)
    : parts.length <= MOST_PARTS && parts.every((part) => isShortProblem(at(part, "problem")));
}

function isShortProblem(body: unknown): boolean {
  const flows = listAt(body, "flows");
  const rates = listAt(body, "rates");
  const most = isSearched(flows, rates) ? MOST_SEARCHED : MOST;
  return (
    flows.length <= most.flows &&
    rates.length <= most.rates &&
    lengthAt(body, "also") <= MOST.followUps &&
    (isCompound(body) || movedOneByOne(flows) <= most.amounts) &&
    flows.reduce<number>((sum, flow) => sum + amountsOf(flow), 0) <= most.amounts &&
    (most === MOST || hasOneSeries(flows))
  );
}

/**
 * Whether the signs change once at most, or all payments are of one list. Two series may change signs at every payment,
 * as may one that falls; then each payment is looked at.
 */
function hasOneSeries(flows: readonly unknown[]): boolean {
  const isAlone = flows.length === 1;
  const series = flows.filter((flow) => at(flow, "count") !== undefined || amountsOf(flow) > 0);
  return (
    series.length <= 1 &&
    series.every((flow) => at(flow, "growth") === undefined && (isAlone || amountsOf(flow) === 0))
  );
}

/** An unknown rate, count or time may have to be searched for; an amount is found at once, from however many flows. */
function isSearched(flows: readonly unknown[], rates: readonly unknown[]): boolean {
  return (
    rates.some((rate) => at(rate, "percent") === null) ||
    flows.some((flow) => ["count", "begins", "at"].some((key) => at(flow, key) === null))
  );
}

/** Whether payments are valued in closed form, or moved one by one. */
function isCompound(body: unknown): boolean {
  const laws = listAt(body, "rates").map((rate) => at(rate, "quoted"));
  return !(
    laws.includes("simple") ||
    laws.includes("bank-discount") ||
    at(body, "fraction") === "simple"
  );
}

/** How many payments a problem has where each is moved by itself; one of unknown number may have very many. */
function movedOneByOne(flows: readonly unknown[]): number {
  return flows.reduce<number>((sum, flow) => {
    const count = at(flow, "count");
    if (count === undefined) return sum + 1;
    return typeof count === "number" ? sum + count : Number.POSITIVE_INFINITY;
  }, 0);
}

/** How many amounts are listed one by one. */
function amountsOf(value: unknown): number {
  return lengthAt(value, "amounts") + lengthAt(value, "entries");
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
