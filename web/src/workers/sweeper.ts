import type { Issue } from "@kestrelmoor/core";
import type { SweepMessage, SweepRequest } from "./sweep-messages";

/** How a sweep ended. */
export type SweepEnd =
  | { readonly how: "done" }
  | { readonly how: "cancelled" }
  | { readonly how: "refused"; readonly issues: readonly Issue[] }
  | { readonly how: "broken" };

/** Solves sweeps beside the page, one at a time: a new one takes the place of what is running. */
export interface Sweeper {
  /** @param onRow called for each row as it comes, and never after the sweep has ended */
  readonly run: (
    request: Omit<SweepRequest, "id">,
    onRow: (row: number, cells: Float64Array) => void,
  ) => Promise<SweepEnd>;
  /** Ends the worker, in the middle of whatever it solves. */
  readonly close: () => void;
}

const sweepWorker = () =>
  new Worker(new URL("./sweep.worker.ts", import.meta.url), { type: "module" });

interface Running {
  readonly id: number;
  readonly onRow: (row: number, cells: Float64Array) => void;
  readonly finish: (end: SweepEnd) => void;
}

/**
 * @param makeWorker a worker that answers as `sweep.worker.ts` does. It lives for many sweeps: while a
 *   slider is dragged there are sixty a second, and to start a worker takes longer than a sweep
 */
export function createSweeper(makeWorker: () => Worker = sweepWorker): Sweeper {
  const worker = makeWorker();
  let running: Running | null = null;
  let lastId = 0;
  const finish = (end: SweepEnd) => {
    const ended = running;
    running = null;
    ended?.finish(end);
  };
  worker.addEventListener("message", ({ data }: MessageEvent<SweepMessage>) => {
    // What the worker said before it heard of the next request is not wanted any more.
    if (data.id !== running?.id) return;
    if (data.says === "row") running.onRow(data.row, data.cells);
    else if (data.says === "done") finish({ how: "done" });
    else finish({ how: "refused", issues: data.issues });
  });
  worker.addEventListener("error", () => finish({ how: "broken" }));
  return {
    run: (request, onRow) => {
      finish({ how: "cancelled" });
      lastId += 1;
      const id = lastId;
      return new Promise((resolve) => {
        running = { id, onRow, finish: resolve };
        worker.postMessage({ id, ...request });
      });
    },
    close: () => {
      worker.terminate();
      finish({ how: "cancelled" });
    },
  };
}
