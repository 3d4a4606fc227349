import { Piscina } from "piscina";
import { tooMuchWork } from "../http/refusal";
import type { Calculator } from "./calculator";
import type { Performed } from "./perform";
import type { Task } from "./worker";

export interface PoolOptions {
  /** The built module of `worker.ts`. */
  readonly file: string;
  readonly threads: number;
  /** How many may wait for a thread. */
  readonly mostWaiting?: number;
  /** How long one may take from when it began, in milliseconds. */
  readonly deadline?: number;
  /** How long one may wait for a thread, in milliseconds. */
  readonly longestWait?: number;
}

/** A calculation that fills more memory than this ends its thread, and nothing else. */
const THREAD_MEMORY_MB = 256;

/**
 * Threads that calculate, so that no call holds up the others. One that takes too long ends together with its thread,
 * which is replaced.
 */
export function createPool({
  file,
  threads,
  mostWaiting = 200,
  deadline = 2000,
  longestWait = 8000,
}: PoolOptions): Calculator {
  const pool = new Piscina<Task, Performed>({
    filename: file,
    minThreads: threads,
    maxThreads: threads,
    resourceLimits: { maxOldGenerationSizeMb: THREAD_MEMORY_MB },
  });
  // What goes wrong with a thread is told to the caller whose calculation it was.
  pool.on("error", () => undefined);
  // Tasks that can be ended are queued by the pool without a limit.
  let unfinished = 0;

  return {
    calculate: async (name, text) => {
      if (unfinished >= threads + mostWaiting) throw tooBusy();
      const began = new Float64Array(new SharedArrayBuffer(8));
      const ending = new AbortController();
      const asked = Date.now();
      let timer: NodeJS.Timeout;
      const watch = () => {
        const start = began[0] ?? 0;
        const left = start === 0 ? asked + longestWait - Date.now() : start + deadline - Date.now();
        if (left <= 0) ending.abort();
        else timer = setTimeout(watch, start === 0 ? Math.min(left, deadline) : left);
      };
      timer = setTimeout(watch, deadline);
      unfinished += 1;
      try {
        return await pool.run({ name, text, began }, { signal: ending.signal });
      } catch (error) {
        if (ending.signal.aborted && began[0] !== 0) {
          throw tooMuchWork(`The calculation takes longer than ${deadline / 1000} seconds.`);
        }
        if (ending.signal.aborted) throw tooBusy();
        if (isOutOfMemory(error)) throw tooMuchWork("The calculation takes too much memory.");
        throw error;
      } finally {
        unfinished -= 1;
        clearTimeout(timer);
      }
    },
    close: () => pool.destroy(),
  };
}

function tooBusy() {
  return tooMuchWork("Too many calculations are waiting.", "Try again in a moment.");
}

function isOutOfMemory(error: unknown): boolean {
  return (error as { readonly code?: unknown }).code === "ERR_WORKER_OUT_OF_MEMORY";
}
