import { withDigits } from "../../../engine/numbers/with-digits";
import { flowField, isSameField, type FieldRef } from "../../../engine/fields/field-ref";
import type { Amount, Flow, Problem } from "../../../engine/problem/schema";
import type { SolvedFlow, SolvedFlowOf, SolvedProblem } from "../../../engine/solve/solved-problem";
import { frequencyOf } from "../../../engine/time/duration";
import {
  number,
  of,
  product,
  sum,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { namedDates } from "./flow-names";
import { fixedAt, type Moment } from "./moment";
import { Moves } from "./moves";
import { Rates, type RatesAre } from "./rates";
import type { Sheet } from "./sheet";
import { snapped, unitsOfYear } from "./years";

/** The id of the payment that settles the rest after whole payments; no file can have it. */
export const LAST_PAYMENT = "*last";

/** The quantities of one flow in the workings. */
interface FlowQuantities {
  /** Its amount, by letter; lists have none. */
  readonly size: Quantity | null;
  /** Its number of payments, by letter; `null` for perpetuities and flows without one. */
  readonly count: Quantity | null;
  /** Its growth, if it grows. */
  readonly growth: Quantity | null;
}

/** A flow of the problem, with the quantities that it has in the workings. */
export type ComposedFlow<Kind extends Flow["kind"] = Flow["kind"]> = {
  readonly [One in Kind]: SolvedFlowOf<One> & FlowQuantities;
}[Kind];

/** The parts from which the workings of one problem are composed. */
export interface Composition {
  readonly solved: SolvedProblem;
  /** Whether any focal date gives the same answer. */
  readonly isCompound: boolean;
  readonly sheet: Sheet;
  /** The focal date that somebody has chosen, in years from today. */
  readonly wishedFocal: number | null;
  readonly rates: Rates;
  readonly moves: Moves;
  readonly flows: readonly ComposedFlow[];
  /** A time that moves by so many years for each 1 of the unknown. */
  readonly momentAt: (years: number, perUnknown: number) => Moment;
  /** An unknown time, by its letter. */
  readonly unknownTime: () => Quantity;
}

/**
 * @param sheet an empty sheet, which the composition fills
 * @param isFound whether the unknown is found and substituted: its letter then has a value
 */
export function compose(
  solved: SolvedProblem,
  sheet: Sheet,
  isFound = false,
  wishedFocal: number | null = null,
): Composition {
  const { problem, flows: solvedFlows } = solved;
  sheet.dates = namedDates(problem);
  const ratesAre: RatesAre = isFound ? "known" : "sought";
  // Where interest is not compound, nothing is restated for the payments: each of them is moved by itself.
  const isCompound = solved.settled.accrual === undefined;
  const common = isCompound ? commonFrequency(problem) : null;
  const rates = new Rates(sheet, solved, common, ratesAre);
  const hasStream = problem.flows.some(({ kind }) => kind === "stream");
  const moves = new Moves(
    sheet,
    solved.settled,
    rates,
    hasStream ? "k" : "n",
    unitsOfYear(problem),
  );
  const letters = lettersOf(solved, sheet, isFound);
  const counts = solvedFlows.map((flow) => {
    const count = letters.countOf(flow);
    if (count !== null && flow.kind === "stream") moves.know(flow.settled.frequency, count);
    return count;
  });
  const growths = solvedFlows.map(letters.growthOf);
  const flows = solvedFlows.map((flow, index): ComposedFlow => ({
    ...flow,
    size: letters.sizeOf(flow),
    count: counts[index] ?? null,
    growth: growths[index] ?? null,
  }));
  const [{ value: answer }] = solved.answers;
  const unknownTime = () =>
    sheet.once("unknown time", () =>
      sheet.unknown(sheet.letter("T"), "time", answer, solved.unknown.field),
    );
  const momentAt = (years: number, perUnknown: number): Moment => {
    if (perUnknown === 0 || isFound) return fixedAt(years);
    const unknown = counts.find((count) => count?.isUnknown === true) ?? unknownTime();
    const known = years - perUnknown * answer;
    return { years, isOpen: true, said: { known, perUnknown, unknown } };
  };
  return {
    solved,
    isCompound,
    sheet,
    wishedFocal,
    rates,
    moves,
    flows,
    momentAt,
    unknownTime,
  };
}

/** How the amounts, counts and growths of flows get their letters; each is made once, when it is first asked for. */
function lettersOf(solved: SolvedProblem, sheet: Sheet, isFound: boolean) {
  const isUnknown = (field: FieldRef) => isSameField(field, solved.unknown.field);
  const isSought = (field: FieldRef) => !isFound && isUnknown(field);
  const sizes = new Map<number, Quantity | null>();
  const sizeOf = (flow: SolvedFlow): Quantity | null => {
    const before = sizes.get(flow.index);
    if (before !== undefined) return before;
    const made = flow.kind === "single" || flow.kind === "stream" ? newSize(flow) : null;
    sizes.set(flow.index, made);
    return made;
  };
  const newSize = (flow: Extract<SolvedFlow, { kind: "single" | "stream" }>): Quantity => {
    const { index, file, settled } = flow;
    const field = flowField(index, "amount");
    const value = Math.abs(settled.amount);
    const letter = () => sheet.letter(moneyLetter(solved, flow));
    if (isSought(field)) return sheet.unknown(letter(), "money", value, field);
    // An answer has the digits of a calculated value.
    if (isUnknown(field) || file.id === LAST_PAYMENT)
      return sheet.work(letter(), "money", number(value));
    const referred = referredBy(file.amount);
    const base = solved.flows.find(({ file: { id } }) => id === referred?.of);
    const other = base === undefined ? null : sizeOf(base);
    if (referred === null || other === null) return sheet.given(letter(), "money", value, field);
    const multiple = product(number(referred.times), of(other));
    // An amount given by the unknown stays a multiple of it, so that the equation shows it; what is added to it
    // is a term of its own.
    if (other.isOpen) return sheet.work(null, "money", multiple);
    return sheet.work(letter(), "money", withMore(multiple, referred.plus));
  };
  const countOf = (flow: SolvedFlow): Quantity | null => {
    if (flow.kind !== "stream" || flow.file.count === "forever") return null;
    const field = flowField(flow.index, "count");
    const { count } = flow.settled;
    return isSought(field)
      ? sheet.unknown(sheet.letter("n"), "count", count, field)
      : sheet.given(sheet.letter("n"), "count", snapped(count), field);
  };
  const growthOf = (flow: SolvedFlow): Quantity | null => {
    if (flow.kind !== "stream" || flow.settled.growth === null) return null;
    const { by, figure } = flow.settled.growth;
    const field = flowField(flow.index, "growth");
    const kind = by === "percent" ? "rate" : "money";
    const value =
      by === "percent"
        ? withDigits(figure / 100, 15)
        : figure * (flow.file.direction === "out" ? -1 : 1);
    const letter = sheet.letter(by === "percent" ? "g" : "G");
    return isSought(field)
      ? sheet.unknown(letter, kind, value, field)
      : sheet.given(letter, kind, value, field);
  };
  return { sizeOf, countOf, growthOf };
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
function moneyLetter({ flows }: SolvedProblem, { index, kind, file, settled }: SolvedFlow): string {
  if (kind === "stream") return "PMT";
  if (file.id === LAST_PAYMENT) return "L";
  const at = settled.kind === "single" ? settled.at : 0;
  const others = flows.filter((flow) => flow.index !== index);
  const [other] = others;
  // If there are only two amounts, the earlier one is the present value, wherever today is.
  if (others.length === 1 && other?.kind === "single") return at < other.settled.at ? "PV" : "FV";
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
