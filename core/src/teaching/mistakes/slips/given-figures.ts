import type { FieldRef } from "../../../engine/fields/field-ref";
import type { FigureUnit } from "../../../engine/fields/figure-unit";
import { figuresOf, numberIn, withNumber } from "../../../engine/fields/problem-figures";
import type { Problem } from "../../../engine/problem/schema";
import { writeFigure, writePercent, type AnswerFormat } from "../../../wording/answer-format";
import { MISCOPIED_WORDS } from "../../../wording/teaching/mistakes/digits";
import type { Slip } from "../mistake";
import { RATE_DECIMALS } from "../words";

/** A given number, which a student copies. */
interface Given {
  readonly field: FieldRef;
  readonly unit: FigureUnit;
  readonly value: number;
  /** This value, or one in its place, as the question writes it. */
  readonly words: (value: number, format: AnswerFormat) => string;
}

function plainWords(value: number, format: AnswerFormat): string {
  return writeFigure(value, format, RATE_DECIMALS);
}

function percentWords(percent: number, format: AnswerFormat): string {
  return writePercent(percent, format, RATE_DECIMALS);
}

/** Nobody copies a longer list by hand. */
const LONGEST_LIST = 16;

/** The amounts and percentages that a problem gives, those of its lines before its rates. */
function givenFigures(problem: Problem): Given[] {
  const isLong = problem.flows.map(
    (flow) => flow.kind === "list" && flow.amounts.length > LONGEST_LIST,
  );
  const given = figuresOf(problem).flatMap((figure): Given[] => {
    const { field, unit } = figure;
    if (unit !== "money" && unit !== "percent") return [];
    if (field.on === "flow" && isLong[field.line] === true) return [];
    const value = numberIn(problem, figure);
    if (value === null || value === 0) return [];
    return [{ field, unit, value, words: unit === "percent" ? percentWords : plainWords }];
  });
  return [
    ...given.filter(({ field }) => field.on === "flow"),
    ...given.filter(({ field }) => field.on !== "flow"),
  ];
}

/** Copying mistakes in any given number. */
export function miscopied(
  problem: Problem,
  changed: (value: number) => readonly number[],
  isFor: (given: Given) => boolean = () => true,
): Slip[] {
  return givenFigures(problem)
    .filter(isFor)
    .flatMap(({ field, value, words }) =>
      changed(value).map((instead): Slip => ({
        done: (format) => MISCOPIED_WORDS.done(words(instead, format), words(value, format)),
        corrected: (format) => MISCOPIED_WORDS.corrected(words(value, format)),
        problem: withNumber(problem, field, instead),
        isRare: true,
      })),
    );
}
