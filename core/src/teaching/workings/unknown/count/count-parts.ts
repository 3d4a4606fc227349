import { lineOfUnknown } from "../../../../engine/problem/unknown";
import {
  minus,
  number,
  of,
  ONE,
  product,
  factorOf,
  type Expression,
  type Quantity,
  type SignedTerm,
} from "../../mathematics/expression";
import { growthFactor } from "../../mathematics/factors";
import type { ComposedFlow, Composition } from "../../compose/composition";
import { otherSide, positiveFirst } from "../../compose/equation";
import { lineOf } from "../../compose/sheet";
import { fixedAt } from "../../compose/moment";
import { termsAt } from "../../compose/terms";
import type { Term } from "../../compose/term";
import type { Line, Step } from "../../step";
import { stepWithLines } from "../../steps";
import { STEP_WORDS } from "../../../../wording/teaching/step-words";

/** An amount that is added or subtracted. */
export interface Signed {
  readonly sign: 1 | -1;
  readonly of: Quantity;
}

/** The parts of the equation at the start of the stream's first period. */
export interface CountParts {
  readonly begin: number;
  readonly stream: Term;
  /** Rate for one payment period. */
  readonly rate: Quantity;
  readonly growth: Quantity | null;
  readonly isDue: boolean;
  /** The other amounts: their value when the payments start, and the amount due when they end. */
  readonly owed: Signed | null;
  readonly goal: Signed | null;
  readonly steps: readonly Step[];
  readonly list: readonly Term[];
}

export function countParts(composition: Composition): CountParts | null {
  const { solved, flows } = composition;
  const sought = flows[lineOfUnknown(solved.unknown)];
  if (sought?.kind !== "stream" || solved.settled.spells.length > 1) return null;
  const { index, settled: stream } = sought;
  if (stream.growth?.by === "amount" || (stream.growth !== null && stream.growth.payments > 1))
    return null;
  const begin = stream.begins;
  const moving = flows.map((flow) => flow !== sought && movesWithCount(flow));
  const { list, steps } = termsAt(composition, fixedAt(begin));
  const own = list.find(({ flow }) => flow === index);
  if (own === undefined) return null;
  const still = list.filter(({ flow }) => flow !== index && moving[flow] !== true);
  const owed = amountOf(composition, otherSide(still, own.sign), still, "A");
  const end = composition.momentAt(begin + stream.count / stream.frequency, 1 / stream.frequency);
  const atEnd = termsAt(composition, end, (flow) => moving[flow.index] === true);
  const beside = atEnd.list.map((term) => ({
    sign: (term.sign * own.sign) as 1 | -1,
    of: term.worth === null ? number(NaN) : of(term.worth),
  }));
  const goal = amountOf(composition, beside, atEnd.list, "B");
  if (atEnd.list.some(({ worth }) => worth === null) || still.some(({ worth }) => worth === null))
    return null;
  const percent = sought.growth;
  const growth =
    percent === null ? null : growthEach(composition, percent, stream.growth?.steps ?? 1);
  const extra = [...madeLine(owed), ...madeLine(goal)];
  return {
    begin,
    stream: own,
    rate: composition.rates.perPeriod(0, stream.frequency),
    growth,
    isDue: stream.timing === "start",
    owed,
    goal,
    list,
    steps: [
      ...steps,
      ...atEnd.steps,
      ...stepWithLines("term", "short", STEP_WORDS.count.together, extra),
    ],
  };
}

/** The line of an amount that combines several. */
function madeLine(one: Signed | null): Line[] {
  if (one === null) return [];
  const { letter, expression } = one.of;
  return letter === null || expression === null ? [] : [lineOf(one.of)];
}

function movesWithCount({ resolved: flow }: ComposedFlow): boolean {
  switch (flow.kind) {
    case "single":
      return flow.at.perUnknown !== 0;
    case "stream":
    case "list":
      return flow.begins.perUnknown !== 0;
    case "dated":
      return false;
  }
}

function growthEach({ sheet }: Composition, growth: Quantity, steps: number): Quantity {
  if (steps === 1) return growth;
  return sheet.define(
    sheet.letter("g", "p"),
    "rate",
    minus(factorOf(growthFactor, of(growth), number(steps)), ONE),
  );
}

/** Several amounts get one letter together; a single amount keeps its own; `null` if there is none. */
function amountOf(
  { sheet }: Composition,
  parts: readonly SignedTerm[],
  terms: readonly Term[],
  letter: string,
): Signed | null {
  if (terms.length === 0) return null;
  const [only] = parts;
  if (parts.length === 1 && only?.of.op === "quantity" && only.of.quantity.letter !== null) {
    return { sign: only.sign, of: only.of.quantity };
  }
  return { sign: 1, of: sheet.define(sheet.letter(letter), "money", positiveFirst(parts)) };
}

/** The terms of a sum, from amounts that may be missing. */
export function signed(amount: Signed | null, sign: 1 | -1, times?: Expression): SignedTerm[] {
  if (amount === null) return [];
  const whole = times === undefined ? of(amount.of) : product(of(amount.of), times);
  return [{ sign: (amount.sign * sign) as 1 | -1, of: whole }];
}
