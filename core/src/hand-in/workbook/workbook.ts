import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { UNROUNDED } from "../../workings/mathematics/figures";
import { furtherWorkings } from "../../workings/further/further-workings";
import { workings, type WorkingsOptions } from "../../workings/workings";
import type { Workbook } from "./cells";
import { WorkingsSheet, type WorkbookHead } from "./workings-sheet";

/**
 * The workings of a solved problem as a workbook with live formulas: what is given stands in cells to be
 * changed, everything else is worked out from them, a search in rows of its own.
 *
 * @param head what stands over the figures
 * @param options as of the workings; every step is told
 * @returns sheets of cells, money in the problem's currency and rates as decimals, but the answer as it is
 *   asked
 * Accuracy: recalculated in double precision the answer agrees with the engine's to a relative 1e-9, unless
 *   a rounding is asked for
 * Source: formulas as in the workings; functions by their names in OpenFormula (OASIS, ODF 1.3 part 4)
 */
export function workbook(
  problem: Problem,
  solution: Solution,
  head: WorkbookHead,
  options: Omit<WorkingsOptions, "level"> = {},
): Workbook {
  const every = { ...options, level: "every-step" } as const;
  const own = workings(problem, solution, every);
  const further = furtherWorkings(problem, solution, own, every);
  const sheet = new WorkingsSheet(problem, solution, own, options.rounding ?? UNROUNDED);
  return sheet.write(head, further);
}
