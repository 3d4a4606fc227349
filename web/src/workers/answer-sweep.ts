import { prepareSweep } from "@kestrelmoor/core";
import type { SweepMessage, SweepRequest } from "./sweep-messages";

/** How long rows are solved before the worker looks whether they are still wanted. */
const LOOKS_UP_AFTER_MS = 8;

interface Surroundings {
  readonly tell: (message: SweepMessage, transfer?: Transferable[]) => void;
  /** Whether another request has come in the meantime. */
  readonly isStale: () => boolean;
  /** Lets messages in that have come. */
  readonly pause: () => Promise<void>;
}

/** Solves a sweep row by row and tells each row as soon as it is there, until nobody wants it any more. */
export async function answerSweep(
  { id, problem, first, second }: SweepRequest,
  { tell, isStale, pause }: Surroundings,
): Promise<void> {
  const sweep = prepareSweep(problem, first, second);
  if (!sweep.ok) {
    tell({ id, says: "refused", issues: sweep.issues });
    return;
  }
  let lookedUp = performance.now();
  for (let row = 0; row < sweep.value.rows; row += 1) {
    if (performance.now() - lookedUp > LOOKS_UP_AFTER_MS) {
      await pause();
      if (isStale()) return;
      lookedUp = performance.now();
    }
    const cells = sweep.value.solveRow(row);
    tell({ id, says: "row", row, cells }, [cells.buffer]);
  }
  tell({ id, says: "done" });
}
