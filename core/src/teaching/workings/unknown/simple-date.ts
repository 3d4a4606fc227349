import { brokenPeriods } from "../../../engine/rates/accumulation";
import { lineOfUnknown } from "../../../engine/problem/unknown";
import type { Composition } from "../compose/composition";
import { balanceInWords, chain, otherSide, part, positiveFirst } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { askedLine, lineOf } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import { yearsExpression } from "../compose/years";
import {
  factorOf,
  logarithm,
  minus,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { growthFactor } from "../mathematics/factors";
import type { Step } from "../step";
import { foundStep, rearranged, step, stepWithLines, valueStep } from "../steps";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { frequencyWords, severalPeriods } from "../../../wording/quotation-words";

const WORDS = STEP_WORDS.date;

/**
 * The unknown time of a single amount where interest is not compound: everything else at the focal date is A, the
 * amount itself is B, and the time between is what turns one into the other.
 *
 * @returns `null` where several rates apply, or something else moves with it
 */
export function simpleDate(composition: Composition): Step[] | null {
  const { flows, solved } = composition;
  const { accrual, focal, spells } = solved.settled;
  const own = flows[lineOfUnknown(solved.unknown)];
  if (accrual === undefined || focal === null || own?.kind !== "single") return null;
  const moves = flows.filter(({ resolved }) => movesWith(resolved));
  if (spells.length > 1 || moves.length !== 1 || own.size === null) return null;
  const sheet = composition.sheet;
  const still = termsAt(composition, fixedAt(focal), (flow) => flow !== own);
  if (still.list.some(({ worth }) => worth === null) || own.size.isOpen) return null;
  const sign = own.settled.amount < 0 ? -1 : 1;
  const total = positiveFirst(otherSide(still.list, sign));
  const together = sheet.record(() =>
    total.op === "quantity" ? total.quantity : sheet.define(sheet.letter("A"), "money", total),
  );
  const rest = together.value;
  const isAfter = own.settled.at > focal;
  // What is later is the larger one, by the interest of the time between.
  const [early, late] = isAfter ? [rest, own.size] : [own.size, rest];
  const between =
    accrual.kind === "simple-fraction"
      ? brokenTime(composition, early, late, accrual.frequency)
      : simpleTime(composition, accrual.kind, early, late);
  const time = sheet.work(
    composition.unknownTime().letter,
    "time",
    fromFocal(focal, of(between.time), isAfter),
  );
  const isPlain = focal === 0 && isAfter;
  return [
    balanceInWords(composition, focal),
    ...still.steps,
    ...stepWithLines("term", "short", WORDS.togetherAt, together.lines),
    ...between.steps,
    foundStep(
      isPlain ? WORDS.inYears : WORDS.fromToday,
      time,
      isPlain ? chain(part(of(time), "symbols"), part(of(time), "values")) : lineOf(time),
    ),
  ];
}

function movesWith(resolved: Composition["flows"][number]["resolved"]): boolean {
  if (resolved.kind === "single") return resolved.at.perUnknown !== 0;
  if (resolved.kind === "dated") return false;
  return resolved.begins.perUnknown !== 0;
}

function fromFocal(focal: number, between: Expression, isAfter: boolean): Expression {
  if (focal === 0 && isAfter) return between;
  const date = yearsExpression(focal);
  if (focal === 0) return { op: "sum", terms: [{ sign: -1, of: between }] };
  return isAfter ? plus(date, between) : minus(date, between);
}

interface Between {
  readonly steps: readonly Step[];
  /** In years. */
  readonly time: Quantity;
}

/** S = P(1 + rt), so t = (S − P)/(Pr); P = S(1 − dt), so t = (S − P)/(Sd). */
function simpleTime(
  { sheet, rates }: Composition,
  kind: "simple" | "bank-discount",
  early: Quantity,
  late: Quantity,
): Between {
  const rate = of(rates.simple(0));
  const isInterest = kind === "simple";
  const principal = of(isInterest ? early : late);
  const letter = sheet.letter("t");
  const time = sheet.work(
    letter,
    "time",
    quotient(minus(of(late), of(early)), product(principal, rate)),
  );
  const t = of({ ...time, isOpen: true, isUnknown: true });
  const equation = isInterest
    ? [product(of(early), plus(ONE, product(rate, t))), of(late)]
    : [product(of(late), minus(ONE, product(rate, t))), of(early)];
  const [left = ONE, right = ONE] = equation;
  const formula = time.expression ?? ONE;
  return {
    time,
    steps: [
      step(
        "equation",
        "short",
        WORDS.simpleEquation(isInterest),
        askedLine(time, STEP_WORDS.given.years),
        chain(part(left, "symbols"), part(right, "symbols")),
      ),
      rearranged(
        "short",
        WORDS.simple(isInterest),
        chain(part(of(time), "symbols"), part(formula, "symbols")),
      ),
      valueStep(
        STEP_WORDS.solve.substitute,
        time.value,
        chain(part(of(time), "symbols"), part(formula, "values"), part(of(time), "values")),
      ),
    ],
  };
}

/** Whole compounding periods by logarithms, and of the next as much as simple interest needs. */
function brokenTime(
  { sheet, rates, solved }: Composition,
  early: Quantity,
  late: Quantity,
  frequency: number,
): Between {
  const rate = rates.compounding(0);
  const ratio = quotient(of(late), of(early));
  const log = quotient(logarithm(ratio), logarithm(plus(ONE, of(rate))));
  const count = sheet.work(sheet.letter("n"), "count", log);
  const { whole } = brokenPeriods(count.value);
  const w = number(whole);
  const grown = whole === 0 ? ONE : factorOf(growthFactor, of(rate), w);
  const left = sheet.work(
    sheet.letter("f"),
    "count",
    quotient(minus(quotient(of(late), product(of(early), grown)), ONE), of(rate)),
  );
  const periods = plus(w, of(left));
  const time = sheet.work(
    sheet.letter("t"),
    "time",
    frequency === 1 ? periods : quotient(periods, number(frequency)),
  );
  const quotation = solved.settled.spells[0]?.quotation;
  const every =
    quotation !== undefined && "compounding" in quotation ? quotation.compounding : "P1Y";
  const { noun } = frequencyWords(every);
  return {
    time,
    steps: [
      valueStep(
        WORDS.wholePeriods(severalPeriods(noun), String(whole)),
        count.value,
        lineOf(count),
      ),
      valueStep(WORDS.partOfPeriod(noun), left.value, lineOf(left)),
      valueStep(WORDS.inYears, time.value, lineOf(time)),
    ],
  };
}
