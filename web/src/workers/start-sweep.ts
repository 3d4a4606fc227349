import type { Issue } from "@kestrelmoor/core";
import type { SweepMessage, SweepRequest } from "./sweep-messages";

/** How a sweep ended. */
export type SweepEnd =
  | { readonly how: "done" }
  | { readonly how: "cancelled" }
  | { readonly how: "refused"; readonly issues: readonly Issue[] }
  | { readonly how: "broken" };

export interface RunningSweep {
  readonly end: Promise<SweepEnd>;
  /** Ends the worker at once, in the middle of whatever it solves. */
  readonly cancel: () => void;
}

const sweepWorker = () =>
  new Worker(new URL("./sweep.worker.ts", import.meta.url), { type: "module" });

/**
 * Solves a sweep beside the page.
 *
 * @param onRow called for each row as it comes
 * @param makeWorker a worker that answers as `sweep.worker.ts` does; it lives for this one sweep
 */
export function startSweep(
  request: SweepRequest,
  onRow: (row: number, cells: Float64Array) => void,
  makeWorker: () => Worker = sweepWorker,
): RunningSweep {
  const worker = makeWorker();
  let finish: (end: SweepEnd) => void = () => undefined;
  const end = new Promise<SweepEnd>((resolve) => {
    finish = (how) => {
      // Ended before it is told, so that no row follows the end.
      worker.terminate();
      resolve(how);
    };
  });
  worker.addEventListener("message", ({ data }: MessageEvent<SweepMessage>) => {
    if (data.says === "row") onRow(data.row, data.cells);
    else if (data.says === "done") finish({ how: "done" });
    else finish({ how: "refused", issues: data.issues });
  });
  worker.addEventListener("error", () => finish({ how: "broken" }));
  worker.postMessage(request);
  return { end, cancel: () => finish({ how: "cancelled" }) };
}
