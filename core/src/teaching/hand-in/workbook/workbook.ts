import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { USUAL_FORMAT } from "../../../wording/answer-format";
import { UNROUNDED } from "../../workings/mathematics/figures";
import { furtherWorkings } from "../../workings/further/further-workings";
import { workings, type WorkingsOptions } from "../../workings/workings";
import type { Workbook } from "./cells";
import { WorkingsSheet, type WorkbookHead } from "./workings-sheet";

/**
 * The workings of a solved problem as a workbook with live formulas: the given values are cells to change, and
 * everything else is calculated from them; a numerical solution has its own sheet.
 *
 * @param head the title, question and author
 * @param options as for the workings, with all steps
 * @returns sheets of cells; money in the problem's currency, rates as decimals, the answer in its final form
 * Accuracy: recalculated in double precision, the answer agrees with the engine's to a relative 1e-9, unless
 *   intermediate values are rounded
 * Source: formulas as in the workings; functions by their names in OpenFormula (OASIS, ODF 1.3 part 4)
 */
export function workbook(
  solved: SolvedProblem,
  head: WorkbookHead,
  options: Omit<WorkingsOptions, "level"> = {},
): Workbook {
  const every = { ...options, level: "every-step" } as const;
  const own = workings(solved, every);
  const further = furtherWorkings(solved, own, every);
  const sheet = new WorkingsSheet(solved, own, {
    rounding: UNROUNDED,
    format: USUAL_FORMAT,
    ...options,
  });
  return sheet.write(head, further);
}
