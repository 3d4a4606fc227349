import { flowField, isSameField, type FieldRef } from "../../fields/field-ref";
import type { Amount, Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { resolveTimeline } from "../../timeline/resolve-timeline";
import type { ResolvedFlow } from "../../timeline/timeline";
import { frequencyOf } from "../../time/duration";
import {
  number,
  of,
  product,
  sum,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Step } from "../step";
import { fixedAt, Moves, type Moment } from "./moves";
import { Rates, type RatesAre } from "./rates";
import type { Sheet } from "./sheet";
import { snapped } from "./years";

/** The id of the payment that settles the rest after whole payments; no file can have it. */
export const LAST_PAYMENT = "*last";

/** The parts from which the workings of one problem are composed. */
export interface Composition {
  readonly problem: Problem;
  readonly solution: Solution;
  readonly sheet: Sheet;
  readonly rates: Rates;
  readonly moves: Moves;
  /** The flows with their references resolved, linear in the unknown. */
  readonly resolved: readonly ResolvedFlow[];
  /** The amount of each flow, by letter; lists have none. */
  readonly sizes: readonly (Quantity | null)[];
  /** The number of payments of each stream, by letter; `null` for perpetuities and other flows. */
  readonly counts: readonly (Quantity | null)[];
  /** The growth of each growing stream. */
  readonly growths: readonly (Quantity | null)[];
  /** A time that moves by so many years for each 1 of the unknown. */
  readonly momentAt: (years: number, perUnknown: number) => Moment;
  /** An unknown time, by its letter. */
  readonly unknownTime: () => Quantity;
  /** The conversions since the last call: rates first, then times. */
  readonly takeConversions: () => Step[];
}

/**
 * @param sheet an empty sheet, which the composition fills
 * @param isFound whether the unknown is found and substituted: its letter then has a value
 */
export function compose(
  problem: Problem,
  solution: Solution,
  sheet: Sheet,
  isFound = false,
): Composition {
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) throw new TypeError("Only a solved problem has workings");
  const resolved = timeline.value.flows;
  const ratesAre: RatesAre = isFound ? "known" : "sought";
  const rates = new Rates(sheet, problem, solution, commonFrequency(problem), ratesAre);
  const isUnknown = (field: FieldRef) => isSameField(field, solution.unknown.field);
  const isSought = (field: FieldRef) => !isFound && isUnknown(field);
  const hasStream = problem.flows.some(({ kind }) => kind === "stream");
  const moves = new Moves(sheet, solution.settled, rates, hasStream ? "k" : "n");
  const sizes = new Map<number, Quantity | null>();
  const sizeAt = (index: number): Quantity | null => {
    const before = sizes.get(index);
    if (before !== undefined) return before;
    const made = sizeOf(index);
    sizes.set(index, made);
    return made;
  };
  const sizeOf = (index: number): Quantity | null => {
    const flow = problem.flows[index];
    const settled = solution.settled.flows[index];
    if (
      flow === undefined ||
      !("amount" in flow) ||
      settled === undefined ||
      !("amount" in settled)
    ) {
      return null;
    }
    const field = flowField(index, "amount");
    const value = Math.abs(settled.amount);
    const letter = () => sheet.letter(moneyLetter(problem, solution, index));
    if (isSought(field)) return sheet.unknown(letter(), "money", value, field);
    // An answer has the digits of a calculated value.
    if (isUnknown(field) || flow.id === LAST_PAYMENT)
      return sheet.work(letter(), "money", number(value));
    const referred = referredBy(flow.amount);
    if (referred === null) return sheet.given(letter(), "money", value, field);
    const other = sizeAt(problem.flows.findIndex(({ id }) => id === referred.of));
    if (other === null) return sheet.given(letter(), "money", value, field);
    const multiple = product(number(referred.times), of(other));
    // An amount given by the unknown stays a multiple of it, so that the equation shows it; what is added to it
    // is a term of its own.
    if (other.isOpen) return sheet.work(null, "money", multiple);
    return sheet.work(letter(), "money", withMore(multiple, referred.plus));
  };
  const counts = problem.flows.map((flow, index) => {
    const settled = solution.settled.flows[index];
    if (flow.kind !== "stream" || settled?.kind !== "stream" || flow.count === "forever")
      return null;
    const field = flowField(index, "count");
    const count = isSought(field)
      ? sheet.unknown(sheet.letter("n"), "count", settled.count, field)
      : sheet.given(sheet.letter("n"), "count", snapped(settled.count), field);
    moves.know(settled.frequency, count);
    return count;
  });
  const growths = problem.flows.map((flow, index) => {
    const settled = solution.settled.flows[index];
    if (flow.kind !== "stream" || settled?.kind !== "stream" || settled.growth === null)
      return null;
    const { by, figure } = settled.growth;
    const field = flowField(index, "growth");
    const kind = by === "percent" ? "rate" : "money";
    const value =
      by === "percent" ? Number((figure / 100).toPrecision(15)) : figure * (isOut(flow) ? -1 : 1);
    const letter = sheet.letter(by === "percent" ? "g" : "G");
    return isSought(field)
      ? sheet.unknown(letter, kind, value, field)
      : sheet.given(letter, kind, value, field);
  });
  const unknownTime = () =>
    sheet.once("unknown time", () =>
      sheet.unknown(sheet.letter("T"), "time", solution.answers[0].value, solution.unknown.field),
    );
  const momentAt = (years: number, perUnknown: number): Moment => {
    if (perUnknown === 0 || isFound) return fixedAt(years);
    const unknown = counts.find((count) => count?.isUnknown === true) ?? unknownTime();
    const known = years - perUnknown * solution.answers[0].value;
    return { years, isOpen: true, said: { known, perUnknown, unknown } };
  };
  return {
    problem,
    solution,
    sheet,
    rates,
    moves,
    momentAt,
    unknownTime,
    resolved,
    sizes: problem.flows.map((_, index) => sizeAt(index)),
    counts,
    growths,
    takeConversions: () => [...rates.takeSteps(), ...moves.takeSteps()],
  };
}

function isOut(flow: { readonly direction: "in" | "out" }): boolean {
  return flow.direction === "out";
}

function referredBy(amount: Amount): Extract<Amount, object> | null {
  return typeof amount === "object" ? amount : null;
}

function withMore(multiple: Expression, plus = 0): Expression {
  if (plus === 0) return multiple;
  return sum([
    { sign: 1, of: multiple },
    { sign: plus < 0 ? -1 : 1, of: number(Math.abs(plus)) },
  ]);
}

/** The textbook's letters: present value, future value, payment. */
function moneyLetter(problem: Problem, { settled }: Solution, index: number): string {
  if (problem.flows[index]?.kind === "stream") return "PMT";
  if (problem.flows[index]?.id === LAST_PAYMENT) return "L";
  const own = settled.flows[index];
  const at = own?.kind === "single" ? own.at : 0;
  const others = settled.flows.filter((_, place) => place !== index);
  const [other] = others;
  // If there are only two amounts, the earlier one is the present value, wherever today is.
  if (others.length === 1 && other?.kind === "single") return at < other.at ? "PV" : "FV";
  return at === 0 ? "PV" : "FV";
}

/** Payments a year, if there are streams and all have the same number. */
function commonFrequency({ flows }: Problem): number | null {
  const frequencies = new Set(
    flows.flatMap((flow) => (flow.kind === "stream" ? [frequencyOf(flow.every)] : [])),
  );
  const [only] = frequencies;
  return frequencies.size === 1 ? (only ?? null) : null;
}

/** A value of a problem that has no letter in formulas. */
export function bareFigure(sheet: Sheet, value: number, field: FieldRef): Expression {
  return of(sheet.given(null, "money", value, field));
}
