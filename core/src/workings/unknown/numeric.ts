import { formatFigure } from "../../wording/format-number";
import { sum as added } from "../../numbers/sum";
import { worthAt } from "../../solve/worth";
import { resolveTimeline } from "../../timeline/resolve-timeline";
import { settleFlows } from "../../timeline/settle-timeline";
import { accumulationOf } from "../../timeline/spells";
import { compose, type Composition } from "../compose/composition";
import { balanceInWords, chain, equationStep, part, wholeOf, worthOf } from "../compose/equation";
import { fixedAt } from "../compose/moves";
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

/** How the sought figure is written and what the timeline makes of it. */
export interface Sought {
  readonly quantity: Quantity;
  /** In a table: "i in %". */
  readonly head: string;
  /** What stands in the table for a value of the timeline's own unknown, and back. */
  readonly shown: (x: number) => number;
  readonly toX: (shown: number) => number;
  /** What each 1 of the table is of the quantity: a hundredth where it is in percent. */
  readonly unit: 1 | 0.01;
  readonly why: string;
}

/** The steps of a search, and what it finds for the quantity that is sought. */
export interface Searched {
  readonly steps: readonly Step[];
  readonly found: Expression;
}

/**
 * An unknown that no rearrangement has by itself: the equation, why that is so, two figures between
 * which it lies, and the steps that close in on it.
 */
export function numericSteps(
  composition: Composition,
  soughtIn: (composition: Composition) => Sought,
): Searched {
  const { list, steps } = termsAt(composition, fixedAt(0));
  // The letter of a rate per period is made when a flow first needs it.
  const sought = soughtIn(composition);
  const balance = balanceOf(composition);
  const atFigure = (shown: number) => balance(sought.toX(shown));
  const roots = composition.solution.answers.map(({ value }) => sought.shown(value));
  const [root = NaN, ...others] = roots;
  const search = searchFor(atFigure, root, others, sought.head);
  return {
    steps: [
      balanceInWords(composition, 0),
      ...steps,
      equationStep(list, 0),
      ...valuesStep(list),
      searchStep(sought, roots, search),
    ],
    found: foundBy(sought, list, root, search, atFigure),
  };
}

/** The equation with all that is known in numbers. */
function valuesStep(list: readonly Term[]): Step[] {
  const step = equationStep(list, 0, "values");
  return [{ ...step, kind: "numbers", level: "every-step", say: "Put in what is known." }];
}

/** From "no closed form" to the figure that is found. */
function searchStep({ why }: Sought, roots: readonly number[], search: Search | null): Step {
  const several =
    roots.length > 1
      ? ` The money changes direction more than once, and ${formatFigure(roots.length)} figures balance it: ${roots.map((one) => formatFigure(one, 6)).join("; ")}. The steps are for the first.`
      : "";
  const step = { kind: "search", level: "short", lines: [] } as const;
  if (search === null) {
    return {
      ...step,
      say: `${why}${several} The balance touches zero without crossing it, so it is found where it turns.`,
    };
  }
  return {
    ...step,
    say: `${why}${several} Between ${formatFigure(search.low, 8)} and ${formatFigure(search.high, 8)} money in less money out changes its sign, so it is zero somewhere between them. A straight line between the two ends says where to look next.`,
    table: search.table,
  };
}

/** The figure with the equation that it solves, so that it can be searched for again. */
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
    return Math.abs(written - wanted) <= 1e-6 * Math.abs(wanted);
  };
  // A formula that counts whole payments apart holds between two of them, and no further.
  const brackets =
    search === null ? [] : [search, { low: Math.floor(root), high: Math.ceil(root) }];
  const bracket = brackets.find(({ low, high }) => low < high && isSame(low) && isSame(high));
  // Terms that hold for this very figure alone are no equation.
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

/** Money in less money out today, of the timeline's own unknown. */
function balanceOf({ problem }: Composition): (x: number) => number {
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) throw new TypeError("Only a solved problem has workings");
  const { spells, flows } = timeline.value;
  return (x) => {
    const growth = accumulationOf(spells, x);
    return growth.ok ? worthAt(settleFlows(flows, x), growth.value, 0).value : NaN;
  };
}

/** The figure that was found, put back in: both sides come to the same. */
export function checkStep({ problem, solution, sheet }: Composition): Step {
  const found = compose(problem, solution, new Sheet(sheet.rounding), true);
  const { list } = termsAt(found, fixedAt(0));
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
        note: sign > 0 ? "in" : "out",
      },
    ];
  });
  return {
    kind: "check",
    level: "every-step",
    say: "Put it back in: both sides come to the same.",
    lines,
    value: added(side(1).map(({ worth }) => worth?.value ?? NaN)),
  };
}
