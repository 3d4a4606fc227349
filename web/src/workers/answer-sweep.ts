import { prepareSweep } from "@kestrelmoor/core";
import type { SweepMessage, SweepRequest } from "./sweep-messages";

/** Solves a sweep row by row and tells each row as soon as it is there. */
export function answerSweep(
  { problem, first, second }: SweepRequest,
  tell: (message: SweepMessage, transfer?: Transferable[]) => void,
): void {
  const sweep = prepareSweep(problem, first, second);
  if (!sweep.ok) {
    tell({ says: "refused", issues: sweep.issues });
    return;
  }
  for (let row = 0; row < sweep.value.rows; row += 1) {
    const cells = sweep.value.solveRow(row);
    tell({ says: "row", row, cells }, [cells.buffer]);
  }
  tell({ says: "done" });
}
