import type { DatedAmount } from "../../../engine/flows/flow-kind";
import { sum as added } from "../../../engine/numbers/sum";
import { spanWords } from "../../../wording/format-time";
import type { Sheet } from "../compose/sheet";
import { snapped, yearsExpression } from "../compose/years";
import {
  number,
  of,
  product,
  sum,
  factorOf,
  type Expression,
  type Quantity,
} from "../mathematics/expression";
import { growthFactor } from "../mathematics/factors";
import { workingFigure } from "../mathematics/figures";
import type { StepTable } from "../step";
import { PROJECT_STEP_WORDS } from "../../../wording/teaching/project-step-words";
import { withMarks, writeMoney, type AnswerFormat } from "../../../wording/answer-format";

/** More amounts are written as a sum, with a table. */
const MOST_WRITTEN = 6;

/** The rows of a long table that are shown, at its beginning and at its end. */
const ROWS_BEFORE = 8;
const ROWS_AFTER = 2;

/** The value of some amounts at one date: as an expression, and as a table if that is too long. */
export interface Worth {
  readonly expression: Expression;
  /** With its sum sign, as in a textbook. */
  readonly symbols: Expression;
  readonly isLong: boolean;
  readonly table: StepTable;
}

/**
 * The value of amounts at a date, at a yearly rate.
 *
 * @param sign 1 if money in is positive, −1 if money out is
 */
export function worthOfAmounts(
  sheet: Sheet,
  flows: readonly DatedAmount[],
  rate: Quantity,
  focal: number,
  sign: 1 | -1 = 1,
): Worth {
  const moved = flows.filter(({ amount }) => amount !== 0);
  const expression = sum(
    moved.map(({ at, amount }) => ({
      sign: amount * sign < 0 ? -1 : 1,
      of: product(
        of(sheet.given(null, "money", Math.abs(amount), null)),
        growthTo(rate, snapped(focal - at)),
      ),
    })),
  );
  const isLong = moved.length > MOST_WRITTEN;
  const letter = rate.letter?.base ?? "i";
  const exponent = focal === 0 ? "-t_k" : "T-t_k";
  return {
    expression,
    isLong,
    symbols: {
      op: "written",
      latex: String.raw`\sum_{k} C_k\,(1+${letter})^{${exponent}}`,
      plain: `Σ C(k) × (1 + ${letter})^${focal === 0 ? "(−t(k))" : "(T − t(k))"}`,
      of: expression,
    },
    table: tableOf(moved, rate.value, focal, sign, sheet.format),
  };
}

function growthTo(rate: Quantity, years: number): Expression {
  return years === 0 ? number(1) : factorOf(growthFactor, of(rate), yearsExpression(years));
}

function tableOf(
  moved: readonly DatedAmount[],
  rate: number,
  focal: number,
  sign: number,
  format: AnswerFormat,
): StepTable {
  const words = PROJECT_STEP_WORDS.columns;
  const force = Math.log1p(rate);
  const rows = moved.map(({ at, amount }) => {
    const factor = Math.exp(force * (focal - at));
    return [
      at === 0 ? "today" : spanWords(at, format),
      writeMoney(sign * amount, format),
      withMarks(workingFigure(factor), format),
      writeMoney(sign * amount * factor, format),
    ];
  });
  const leftOut = Math.max(0, rows.length - ROWS_BEFORE - ROWS_AFTER);
  const total = added(
    moved.map(({ at, amount }) => sign * amount * Math.exp(force * (focal - at))),
  );
  return {
    head: [
      words.time,
      words.amount,
      focal === 0 ? words.discountFactor : words.accumulationFactor,
      words.value,
    ],
    rows: [
      ...(leftOut === 0 ? rows : [...rows.slice(0, ROWS_BEFORE), ...rows.slice(-ROWS_AFTER)]),
      [words.total, "", "", writeMoney(total, format)],
    ],
    leftOut,
    leftOutAfter: ROWS_BEFORE,
  };
}
