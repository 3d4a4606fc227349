import { dateOfAmount } from "../../../engine/flows/amount-date";
import { paymentTime } from "../../../engine/flows/payment-times";
import { isSameCount, isSameTime } from "../../../engine/numbers/compare";
import { sum as added } from "../../../engine/numbers/sum";
import { signOf } from "../../../engine/timeline/amounts";
import { flowField } from "../../../engine/fields/field-ref";
import { lineOfUnknown } from "../../../engine/problem/unknown";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { bareFigure, type ComposedFlow, type Composition } from "../compose/composition";
import { balanceInWords, chain, part, positiveFirst } from "../compose/equation";
import { lineOf } from "../compose/sheet";
import { evaluate } from "../mathematics/evaluate";
import {
  factorOf,
  minus,
  number,
  of,
  ONE,
  plus,
  power,
  product,
  quotient,
  squareRoot,
  sum,
  type Quantity,
  type SignedTerm,
} from "../mathematics/expression";
import { growthFactor } from "../mathematics/factors";
import { rearranged, step, valueStep } from "../steps";
import type { Closed } from "./simple-rate";

const WORDS = STEP_WORDS.quadratic;

/** A rate below this loses its digits where 1 is taken off the root. */
const LEAST_RATE = 1e-4;

/** Money at one of three dates at even intervals. */
interface Dated {
  readonly at: number;
  readonly term: SignedTerm;
}

/**
 * The rate per period where money moves at three dates, one period apart: the equation of value at the last of them is
 * a quadratic in 1 + i, and is solved as one.
 *
 * @returns `null` for other dates, several rates, amounts that grow, or a rate so near zero that its digits would be lost
 */
export function byQuadratic(composition: Composition): Closed | null {
  const { sheet, flows, solved } = composition;
  if (solved.settled.spells.length !== 1 || flows.some(({ size }) => size?.isOpen === true))
    return null;
  const money = flows.map((flow) => datedOf(composition, flow));
  const dated = money.flatMap((one) => one ?? []);
  const dates = distinct(dated.map(({ at }) => at));
  const [first = NaN, middle = NaN, last = NaN] = dates;
  if (money.includes(null) || dates.length !== 3 || !isSameTime(middle - first, last - middle))
    return null;
  const { rate, periodsPerYear, isForce } = composition.rates.basis(lineOfUnknown(solved.unknown));
  const perYear = typeof periodsPerYear === "number" ? periodsPerYear : periodsPerYear.value;
  if (isForce || !rate.isUnknown || !isSameCount((middle - first) * perYear, 1)) return null;
  const at = (date: number) => dated.filter((one) => isSameTime(one.at, date));
  // The money of the first date is positive, so that the parabola opens upwards.
  const total = added(at(first).map(({ term }) => term.sign * evaluate(term.of)));
  if (total === 0 || Math.abs(rate.value) < LEAST_RATE) return null;
  const side = total < 0 ? -1 : 1;
  const named = (letter: string, date: number, sign: 1 | -1) =>
    sheet.work(
      sheet.letter(letter),
      "money",
      positiveFirst(
        at(date).map(({ term }) => ({ sign: (term.sign * sign) as 1 | -1, of: term.of })),
      ),
    );
  const [a, b, c] = [named("a", first, side), named("b", middle, side), named("c", last, side)];
  const root = 1 + rate.value;
  const isUpper = 2 * a.value * root + b.value > 0;
  return solvedSteps(composition, { a, b, c }, rate, isUpper, last);
}

interface Coefficients {
  readonly a: Quantity;
  readonly b: Quantity;
  readonly c: Quantity;
}

/** x = (−b ± √(b² − 4ac))/(2a), and i = x − 1. */
function solvedSteps(
  composition: Composition,
  { a, b, c }: Coefficients,
  rate: Quantity,
  isUpper: boolean,
  focal: number,
): Closed {
  const { sheet } = composition;
  const i = of(rate);
  const under = minus(power(of(b), number(2)), product(number(4), of(a), of(c)));
  const root: SignedTerm = { sign: isUpper ? 1 : -1, of: squareRoot(under) };
  const formula = quotient(sum([{ sign: -1, of: of(b) }, root]), product(number(2), of(a)));
  const x = sheet.work(sheet.letter("x"), "factor", formula);
  const found = sheet.work(rate.letter, "rate", minus(of(x), ONE));
  const grown = (times: number) => factorOf(growthFactor, i, number(times));
  const equation = plus(product(of(a), grown(2)), product(of(b), grown(1)), of(c));
  return {
    found,
    focal,
    steps: [
      balanceInWords(composition, focal),
      step("term", "short", WORDS.coefficients, lineOf(a), lineOf(b), lineOf(c)),
      step(
        "equation",
        "short",
        WORDS.equation,
        chain(part(equation, "symbols"), part(number(0), "symbols")),
      ),
      rearranged(
        "short",
        WORDS.formula(isUpper, composition.solved.answers.length > 1),
        chain(part(of(x), "symbols"), part(formula, "symbols")),
      ),
      valueStep(
        STEP_WORDS.solve.substituteAndCalculate,
        x.value,
        chain(part(of(x), "symbols"), part(formula, "values"), part(of(x), "values")),
      ),
      valueStep(WORDS.rate, found.value, lineOf(found)),
    ],
  };
}

function distinct(times: readonly number[]): number[] {
  return times
    .toSorted((one, other) => one - other)
    .filter((time, index, all) => index === 0 || !isSameTime(time, all[index - 1] ?? NaN));
}

/** The amounts of a flow with their dates; `null` where they have no short form. */
function datedOf({ sheet }: Composition, flow: ComposedFlow): Dated[] | null {
  const { index } = flow;
  switch (flow.kind) {
    case "single": {
      const { size, file, settled } = flow;
      if (size === null) return null;
      return [{ at: settled.at, term: { sign: signOf(file.direction), of: of(size) } }];
    }
    case "stream": {
      const { size, file, settled } = flow;
      if (size === null || flow.growth !== null || ![1, 2, 3].includes(settled.count)) return null;
      return Array.from({ length: settled.count }, (_, place) => ({
        at: paymentTime(settled, place),
        term: { sign: signOf(file.direction), of: of(size) },
      }));
    }
    case "list":
      return listed(flow.settled, flow.settled.amounts, "amounts");
    case "dated":
      return listed(
        flow.settled,
        flow.settled.entries.map(({ amount }) => amount),
        "entries",
      );
  }

  function listed(
    settled: ComposedFlow<"list" | "dated">["settled"],
    amounts: readonly number[],
    field: "amounts" | "entries",
  ): Dated[] | null {
    if (amounts.length > 3) return null;
    return amounts.map((amount, place) => ({
      at: dateOfAmount(settled, place, (years) => years),
      term: {
        sign: amount < 0 ? -1 : 1,
        of: bareFigure(sheet, Math.abs(amount), flowField(index, field, place)),
      },
    }));
  }
}
