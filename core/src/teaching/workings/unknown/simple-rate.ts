import { isUpTo } from "../../../engine/numbers/compare";
import { signOf } from "../../../engine/timeline/amounts";
import { lineOfUnknown } from "../../../engine/problem/unknown";
import type { ComposedFlow, Composition } from "../compose/composition";
import { balanceInWords, chain, equationStep, part, positiveFirst } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { resultLine } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import { meanTime } from "../compose/stream-terms";
import { yearsExpression } from "../compose/years";
import { evaluate } from "../mathematics/evaluate";
import {
  of,
  ONE,
  product,
  quotient,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Step } from "../step";
import { rearranged, step, valueStep } from "../steps";
import { STEP_WORDS } from "../../../wording/teaching/step-words";

const WORDS = STEP_WORDS.rate;

/** A rate that has a formula. */
export interface Closed {
  readonly steps: readonly Step[];
  readonly found: Quantity;
  /** Of its equation, in years from today. */
  readonly focal: number;
}

/** An amount that is moved by a factor which is linear in the rate: 1 + r·t, or 1 − d·t. */
interface Moved {
  readonly sign: 1 | -1;
  /** Of all payments together, where they are moved by their mean time. */
  readonly size: Expression;
  /** How long it is moved, in years; 0 at the focal date. */
  readonly years: number;
}

/**
 * An unknown rate of simple interest or bank discount, where every amount is moved by a factor that is linear in it:
 * the interest over amounts times time. Two amounts are valued where that is so, for any focal date gives their rate.
 *
 * @returns `null` where an amount is moved the other way, so that the rate stands in a denominator
 */
export function simpleRate(composition: Composition): Closed | null {
  const { flows, solved, sheet } = composition;
  const { accrual, focal, spells } = solved.settled;
  if (accrual === undefined || accrual.kind === "simple-fraction" || focal === null) return null;
  if (spells.length > 1) return null;
  const isSimple = accrual.kind === "simple";
  const date = twoAmountsAt(flows, isSimple) ?? focal;
  const moved = flows.flatMap((flow) => movedTo(composition, flow, date, isSimple) ?? []);
  if (moved.length < flows.length) return null;
  const { list, steps } = termsAt(composition, fixedAt(date));
  const rate = composition.rates.simple(lineOfUnknown(solved.unknown));
  const result = rateFrom(moved, isSimple ? 1 : -1);
  const found = sheet.work(rate.letter, "rate", result);
  const letter = part(of(rate), "symbols");
  return {
    found,
    focal,
    steps: [
      balanceInWords(composition, date),
      ...steps,
      equationStep(composition, list, date),
      rearranged("short", WORDS.simple(isSimple), chain(letter, part(result, "symbols"))),
      step("numbers", "short", STEP_WORDS.solve.substitute, chain(letter, part(result, "numbers"))),
      valueStep(WORDS.decimal, found.value, resultLine(found)),
    ],
  };
}

/** The date at which two single amounts are linear in the rate; `null` for other flows. */
function twoAmountsAt(flows: readonly ComposedFlow[], isSimple: boolean): number | null {
  const times = flows.flatMap((flow) => (flow.kind === "single" ? flow.settled.at : []));
  if (times.length !== 2 || flows.length !== 2) return null;
  return isSimple ? Math.max(...times) : Math.min(...times);
}

/** One flow, moved to a date; `null` where its factor is not linear in the rate. */
function movedTo(
  composition: Composition,
  flow: ComposedFlow,
  date: number,
  isSimple: boolean,
): Moved | null {
  if ((flow.kind !== "single" && flow.kind !== "stream") || flow.size === null) return null;
  const at = flow.kind === "single" ? flow.settled.at : meanTime(composition, flow, date);
  if (at === null || !(isSimple ? isUpTo(at, date) : isUpTo(date, at))) return null;
  const count = flow.count === null ? ONE : of(flow.count);
  return {
    sign: signOf(flow.file.direction),
    size: product(of(flow.size), count),
    years: Math.abs(date - at),
  };
}

/** All amounts, against those that are moved, each times its years. */
function rateFrom(moved: readonly Moved[], sign: 1 | -1): Expression {
  const later = moved.filter(({ years }) => years > 0);
  // What is moved stands on the side on which its sum is positive.
  const side = Math.sign(
    later.reduce((sum, one) => sum + one.sign * evaluate(one.size) * one.years, 0),
  );
  const over = moved.map((one) => ({ sign: (-one.sign * side * sign) as 1 | -1, of: one.size }));
  const under = later.map((one) => ({
    sign: (one.sign * side) as 1 | -1,
    of: product(one.size, yearsExpression(one.years)),
  }));
  return quotient(positiveFirst(over), positiveFirst(under));
}
