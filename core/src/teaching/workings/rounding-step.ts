import { writeFigure, type AnswerFormat } from "../../wording/answer-format";
import { STEP_WORDS } from "../../wording/teaching/step-words";
import { roundsOnTheWay, type Rounding } from "./mathematics/figures";
import type { Step } from "./step";
import { PART_BETWEEN, isClose } from "../../engine/numbers/compare";

/** The decimals of the comparison. */
const DECIMALS = 6;

/**
 * The effect of rounding intermediate values; no step if none is rounded.
 *
 * @param value the result with rounded intermediate values
 * @param exact the unrounded result
 */
export function roundingStep(
  value: number,
  exact: number,
  rounding: Rounding,
  format: AnswerFormat,
): Step[] {
  if (!roundsOnTheWay(rounding) || !Number.isFinite(value)) return [];
  const difference = value - exact;
  const written = (one: number) => writeFigure(one, format, DECIMALS);
  return [
    {
      kind: "rounding",
      level: "short",
      say: isClose(value, exact, PART_BETWEEN.anyWay)
        ? STEP_WORDS.rounding.same
        : STEP_WORDS.rounding.differs(
            written(value),
            written(exact),
            written(Math.abs(difference)),
          ),
      lines: [],
      value: difference,
    },
  ];
}
