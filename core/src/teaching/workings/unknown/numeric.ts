import { writeFigure, type AnswerFormat } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { sum as added } from "../../../engine/numbers/sum";
import { worthAt } from "../../../engine/solve/worth";
import { settleFlows } from "../../../engine/timeline/settle-timeline";
import { focalOf } from "../../../engine/timeline/focal";
import { accumulationOf } from "../../../engine/timeline/spells";
import { compose, type Composition } from "../compose/composition";
import { focalDate } from "../compose/focal-date";
import { balanceInWords, chain, equationStep, part, wholeOf, worthOf } from "../compose/equation";
import { fixedAt } from "../compose/moment";
import { Sheet } from "../compose/sheet";
import { termsAt } from "../compose/terms";
import type { Term } from "../compose/term";
import { evaluateWith } from "../mathematics/evaluate";
import {
  number,
  of,
  readableSum,
  sum,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import type { Step } from "../step";
import { searchFor, type Search } from "./search";
import { isClose } from "../../../engine/numbers/compare";

const WORDS = STEP_WORDS.search;

/** How the unknown is written, and how it relates to the unknown of the timeline. */
export interface Sought {
  readonly quantity: Quantity;
  /** Its column head: "i (%)". */
  readonly head: string;
  /** Converts the unknown of the timeline to the value in the table, and back. */
  readonly shown: (x: number) => number;
  readonly toX: (shown: number) => number;
  /** The value of each 1 of the table: 0.01 if the table has percentages. */
  readonly unit: 1 | 0.01;
  readonly why: string;
  /** Where the number of terms depends on it, so that no equation can be written. */
  readonly hasNoEquation?: true;
}

/** The steps of a numerical solution, and the value it finds. */
export interface Searched {
  readonly steps: readonly Step[];
  readonly found: Expression;
}

/**
 * An unknown that cannot be isolated: the equation, the reason, two values between which the solution lies,
 * and the trials that approach it.
 */
export function numericSteps(
  composition: Composition,
  soughtIn: (composition: Composition) => Sought,
): Searched {
  const focal = focalDate(composition);
  const { list, steps } = termsAt(composition, fixedAt(focal));
  // The letter of a periodic rate is made when a flow first needs it.
  const sought = soughtIn(composition);
  const isWritten = sought.hasNoEquation !== true;
  const balance = balanceOf(composition, focal);
  const atFigure = (shown: number) => balance(sought.toX(shown));
  const roots = composition.solved.answers.map(({ value }) => sought.shown(value));
  const [root = NaN, ...others] = roots;
  const search = searchFor(atFigure, root, others, sought.head, composition.sheet.format);
  return {
    steps: [
      balanceInWords(composition, focal),
      ...(isWritten
        ? [
            ...steps,
            equationStep(composition, list, focal),
            ...valuesStep(composition, list, focal),
          ]
        : []),
      searchStep(sought, roots, search, composition.sheet.format),
    ],
    found: isWritten ? foundBy(sought, list, root, search, atFigure) : number(root * sought.unit),
  };
}

/** The equation with the known values substituted. */
function valuesStep(composition: Composition, list: readonly Term[], focal: number): Step[] {
  const step = equationStep(composition, list, focal, "values");
  return [{ ...step, kind: "numbers", level: "every-step", say: WORDS.substituteKnown }];
}

/** Why there is no closed form, and how the solution is found. */
function searchStep(
  { why }: Sought,
  roots: readonly number[],
  search: Search | null,
  format: AnswerFormat,
): Step {
  const written = (value: number, decimals: number) => writeFigure(value, format, decimals);
  const values = roots.map((one) => written(one, 6)).join("; ");
  const several = roots.length > 1 ? [WORDS.several(written(roots.length, 0), values)] : [];
  const how =
    search === null
      ? WORDS.touches
      : WORDS.between(written(search.low, 8), written(search.high, 8));
  return {
    kind: "search",
    level: "short",
    lines: [],
    say: [why, ...several, how].join(" "),
    ...(search === null ? {} : { table: search.table }),
  };
}

/** What part a balance may move by where a figure is rounded to the digits that are shown. */
const AS_WRITTEN = 1e-6;

/** The solution with its equation, so that it can be solved again. */
function foundBy(
  { quantity, unit }: Sought,
  list: readonly Term[],
  root: number,
  search: Search | null,
  atFigure: (shown: number) => number,
): Expression {
  const value = root * unit;
  const balance = sum(list.map((term) => ({ sign: term.sign, of: worthOf(term) })));
  const isSame = (shown: number) => {
    const wanted = atFigure(shown);
    const written = evaluateWith(balance, quantity, shown * unit);
    return isClose(written, wanted, AS_WRITTEN);
  };
  // A formula with separate whole payments holds only between two of them.
  const brackets =
    search === null ? [] : [search, { low: Math.floor(root), high: Math.ceil(root) }];
  const bracket = brackets.find(({ low, high }) => low < high && isSame(low) && isSame(high));
  // Terms that hold only for this value are not an equation.
  if (bracket === undefined) return number(value);
  return {
    op: "root",
    unknown: quantity,
    balance,
    low: bracket.low * unit,
    high: bracket.high * unit,
    value,
  };
}

/** Money in less money out at the focal date, as a function of the unknown of the timeline. */
function balanceOf({ solved }: Composition, focal: number): (x: number) => number {
  const { spells, flows } = solved.timeline;
  return (x) => {
    const growth = accumulationOf(spells, x);
    const own = solved.timeline.focal === null ? focal : focalOf(solved.timeline, x);
    return growth.ok ? worthAt(settleFlows(flows, x), growth.value, own).value : NaN;
  };
}

/** The check: the answer is substituted, and both sides agree. */
export function checkStep(composition: Composition, focal = focalDate(composition)): Step {
  const { solved, sheet } = composition;
  const found = compose(solved, new Sheet(sheet.rounding), true);
  const { list } = termsAt(found, fixedAt(focal));
  found.sheet.numberLetters();
  const side = (sign: number) => list.filter((term) => term.sign === sign);
  const lines = [1, -1].flatMap((sign) => {
    const terms = side(sign);
    if (terms.length === 0) return [];
    const total = found.sheet.define(
      null,
      "money",
      readableSum(
        terms.map((term) => ({ sign: 1, of: worthOf(term) })),
        "W",
      ),
    );
    return [
      {
        ...chain(
          part(
            readableSum(
              terms.map((term) => ({ sign: 1, of: wholeOf(term) })),
              "W",
            ),
            "numbers",
          ),
          part(of(total), "values"),
        ),
        note: sign > 0 ? STEP_WORDS.solve.moneyIn : STEP_WORDS.solve.moneyOut,
      },
    ];
  });
  return {
    kind: "check",
    level: "every-step",
    say: STEP_WORDS.solve.check,
    lines,
    value: added(side(1).map(({ worth }) => worth?.value ?? NaN)),
  };
}
