import { lineOfUnknown } from "../../../engine/problem/unknown";
import { spanWords } from "../../../wording/format-time";
import { severalPeriods } from "../../../wording/quotation-words";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import {
  asExpression,
  logarithm,
  of,
  ONE,
  plus,
  product,
  quotient,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Basis } from "../compose/rates";
import type { ComposedFlow, Composition } from "../compose/composition";
import { balanceInWords, chain, otherSide, part, positiveFirst } from "../compose/equation";
import { flowName } from "../compose/flow-names";
import { fixedAt } from "../compose/moment";
import { askedLine, lineOf } from "../compose/sheet";
import type { Term } from "../compose/term";
import { termsAt } from "../compose/terms";
import { yearsExpression } from "../compose/years";
import type { Line, Step } from "../step";
import { foundStep, rearranged, step, stepWithLines } from "../steps";
import { numericSteps } from "./numeric";
import { simpleDate } from "./simple-date";

const WORDS = STEP_WORDS.date;

/**
 * An unknown time, of an amount or of the start of payments: the value of the other amounts must grow or
 * shrink to the value due at that time.
 */
export function dateSteps(composition: Composition): Step[] {
  const closed = composition.isCompound ? byLogarithms(composition) : simpleDate(composition);
  return closed ?? bySearch(composition);
}

function byLogarithms(composition: Composition): Step[] | null {
  const stage = stageOf(composition);
  const sides = stage === null ? null : sidesAt(composition, stage);
  if (stage === null || sides === null) return null;
  const { sheet, flows, solved } = composition;
  const {
    value: grown,
    lines,
    conversions,
  } = sheet.record(() => grownToSpell(composition, stage, sides.rest));
  const time = timeFrom(composition, grown, sides.goal);
  const due = flows[lineOfUnknown(solved.unknown)];
  const what = due?.kind === "single" ? WORDS.unknownAmount : WORDS.unknownPayments;
  const goalName = due?.kind === "single" ? flowName(due, sheet.format) : what;
  return [
    balanceInWords(composition, stage.date, STEP_WORDS.focalDate.unknownDate),
    ...sides.steps,
    ...stepWithLines("term", "short", WORDS.together(what), sides.together),
    ...conversions,
    ...stepWithLines("term", "short", WORDS.toChange(spanWords(grown.start, sheet.format)), lines),
    growthStep(goalName, grown, sides.goal, time),
    ...timeSteps(grown, time),
  ];
}

/** What moves with the unknown time, and from where the rest is counted. */
interface Stage {
  readonly date: number;
  readonly isMoved: (flow: ComposedFlow) => boolean;
  /** Years from today. */
  readonly from: number;
  /** Under which rate the unknown time lies. */
  readonly spell: number;
}

/** `null` if something moves by more or less than the unknown time, or reaches into another rate with it. */
function stageOf(composition: Composition): Stage | null {
  const { solved, flows } = composition;
  const { spells } = solved.settled;
  const moving = flows.map(rateOfMove);
  if (moving.some((move) => move !== 0 && move !== 1)) return null;
  const isMoved = ({ index }: ComposedFlow) => moving[index] === 1;
  const spans = flows.filter((flow) => isMoved(flow) && flow.kind !== "single");
  // Payments that start at the unknown time may reach into another rate, which again depends on that time.
  if (spans.length > 0 && spells.length > 1) return null;
  const date = solved.answers[0].value;
  const spell = Math.max(
    0,
    spells.findLastIndex(({ start }) => start <= date),
  );
  const fixed = flows.filter((flow) => !isMoved(flow));
  return { date, isMoved, from: startingDate(composition, fixed, spell), spell };
}

/** What stands still, valued where it is counted from, and what is due at the unknown time. */
interface Sides {
  readonly rest: Quantity;
  readonly goal: Quantity;
  readonly steps: readonly Step[];
  /** The lines that put several amounts together. */
  readonly together: readonly Line[];
}

function sidesAt(composition: Composition, { date, from, isMoved }: Stage): Sides | null {
  const own = termsAt(composition, composition.momentAt(date, 1), isMoved);
  const still = termsAt(composition, fixedAt(from), (flow) => !isMoved(flow));
  const isOpen = [...own.list, ...still.list].some(({ worth }) => worth === null);
  if (isOpen || still.list.length === 0) return null;
  const sign = own.list[0]?.sign ?? 1;
  const due = own.list.map((term) => ({
    sign: (term.sign * sign) as 1 | -1,
    of: of(term.worth ?? unset()),
  }));
  const rest = named(composition, positiveFirst(otherSide(still.list, sign)), "A");
  const goal = named(composition, positiveFirst(due), "B");
  const together = [rest, goal].flatMap((one) =>
    one.letter === null || one.expression === null ? [] : [lineOf(one)],
  );
  const steps = [still, own].flatMap(({ list, stepsWithout }) => stepsWithout(aloneIn(list)));
  return { rest, goal, steps, together };
}

/** The value of the only amount, which gets its letter where it is worked out. */
function aloneIn(list: readonly Term[]): Quantity | null {
  const [only, ...more] = list;
  return more.length === 0 && only?.worth?.letter === null ? only.worth : null;
}

/** What stands still, at the time from which it grows at one rate to what is due. */
interface Grown {
  readonly moved: Quantity;
  /** Years from today. */
  readonly start: number;
  readonly basis: Basis;
}

function grownToSpell(
  { sheet, rates, moves, solved }: Composition,
  { from, spell }: Stage,
  rest: Quantity,
): Grown {
  const basis = rates.basis(spell);
  const start = Math.max(from, solved.settled.spells[spell]?.start ?? 0);
  if (start <= from) return { moved: rest, start, basis };
  const growth = moves.between(fixedAt(from), fixedAt(start), null);
  const moved = sheet.define(sheet.letter("A", "c"), "money", product(of(rest), growth));
  return { moved, start, basis };
}

interface Time {
  /** ln(B ÷ A) ÷ ln(1 + i) */
  readonly formula: Expression;
  /** In periods of the rate. */
  readonly count: Quantity;
  /** In years from today. */
  readonly total: Quantity;
}

function timeFrom(composition: Composition, { moved, start, basis }: Grown, goal: Quantity): Time {
  const { sheet, flows } = composition;
  const { rate, isForce, periodsPerYear: perYear } = basis;
  const log = isForce ? of(rate) : logarithm(plus(ONE, of(rate)));
  const formula = quotient(logarithm(quotient(of(goal), of(moved))), log);
  const isCounted = flows.some(({ count }) => count !== null);
  const letter = sheet.letter(isForce ? "t" : isCounted ? "k" : "n");
  const count = sheet.work(letter, "count", formula);
  const years = isForce || perYear === 1 ? of(count) : quotient(of(count), asExpression(perYear));
  const total = sheet.work(
    composition.unknownTime().letter,
    "time",
    start === 0 ? years : plus(yearsExpression(start), years),
  );
  return { formula, count, total };
}

/** A·(1 + i)ⁿ = B */
function growthStep(
  goalName: string,
  { moved, basis: { rate, isForce, noun } }: Grown,
  goal: Quantity,
  { count, total }: Time,
): Step {
  const isTime = count.letter === total.letter;
  const growth: Expression = isForce
    ? { op: "exponential", exponent: product(of(rate), openOf(count)) }
    : { op: "power", base: plus(ONE, of(rate)), exponent: openOf(count) };
  return step(
    "equation",
    "short",
    WORDS.equation(goalName),
    ...(isTime ? [] : [askedLine(count, WORDS.periodsToThen(noun))]),
    chain(part(product(of(moved), growth), "symbols"), part(of(goal), "symbols")),
  );
}

function timeSteps({ start, basis: { noun } }: Grown, { formula, count, total }: Time): Step[] {
  const letter = part(of(count), "symbols");
  const say = noun === "year" ? WORDS.calculateYears : WORDS.calculatePeriods(severalPeriods(noun));
  const isPlain = total.expression?.op === "quantity";
  return [
    rearranged("short", WORDS.logarithms, chain(letter, part(formula, "symbols"))),
    step("numbers", "short", STEP_WORDS.solve.substitute, chain(letter, part(formula, "values"))),
    foundStep(say, count, chain(letter, part(of(count), "values"))),
    ...(isPlain
      ? []
      : [foundStep(start === 0 ? WORDS.inYears : WORDS.fromToday, total, lineOf(total))]),
  ];
}

/** The multiple of the unknown time by which a flow moves; `NaN` if it does not move as a whole. */
function rateOfMove({ resolved: flow }: ComposedFlow): number {
  switch (flow.kind) {
    case "single":
      return flow.at.perUnknown;
    case "stream":
      return flow.count.perUnknown !== 0 ? NaN : flow.begins.perUnknown;
    case "list":
      return flow.begins.perUnknown;
    case "dated":
      return 0;
  }
}

/** The date to which the other amounts are moved first: today, or the date of a single amount. */
function startingDate(
  { solved }: Composition,
  fixed: readonly ComposedFlow[],
  spellIndex: number,
): number {
  const [only] = fixed;
  const isAlone = fixed.length === 1 && solved.settled.spells.length === 1;
  return spellIndex === 0 && isAlone && only?.kind === "single" ? only.settled.at : 0;
}

function named(
  { sheet }: Composition,
  whole: ReturnType<typeof positiveFirst>,
  letter: string,
): Quantity {
  if (whole.op === "quantity" && whole.quantity.letter !== null) return whole.quantity;
  const own = whole.op === "quantity" ? (whole.quantity.expression ?? whole) : whole;
  return sheet.define(sheet.letter(letter), "money", own);
}

function openOf(count: Quantity) {
  return of({ ...count, isOpen: true, isUnknown: true });
}

function unset(): never {
  throw new TypeError("A known term has a worth");
}

function bySearch(composition: Composition): Step[] {
  const { sheet } = composition;
  const sought = composition.unknownTime();
  const { letter } = sought;
  const searched = numericSteps(composition, () => ({
    quantity: sought,
    head: STEP_WORDS.search.yearsHead,
    shown: (years: number) => years,
    toX: (years: number) => years,
    unit: 1,
    why: WORDS.numerically,
  }));
  const time = sheet.work(letter, "time", searched.found);
  return [
    ...searched.steps,
    foundStep(WORDS.found, time, chain(part(of(time), "symbols"), part(of(time), "values"))),
  ];
}
