import { describe, expect, test } from "@jest/globals";
import { readProblem, type SweepAxis } from "@kestrelmoor/core";
import { answerSweep } from "./answer-sweep";
import { startSweep } from "./start-sweep";
import type { SweepMessage, SweepRequest } from "./sweep-messages";

const read = readProblem({
  format: "kestrelmoor-problem",
  version: 1,
  rates: [{ percent: 10, quoted: "effective" }],
  flows: [
    { id: "in", kind: "single", direction: "out", amount: 100, at: "P0D" },
    { id: "out", kind: "single", direction: "in", amount: null, at: "P1Y" },
  ],
});
if (!read.ok) throw new Error("The problem is not sound");
const problem = read.value;
const first: SweepAxis = { path: ["flows", 0, "amount"], values: [100, 200, 300] };
const second: SweepAxis = { path: ["rates", 0, "percent"], values: [10, 20] };

/** A worker of this thread: it answers a row at each turn of the event loop, until it is ended. */
class SlowWorker extends EventTarget {
  isEnded = false;

  postMessage(request: SweepRequest): void {
    const messages: SweepMessage[] = [];
    answerSweep(request, (message) => messages.push(message));
    const next = () => {
      const message = messages.shift();
      if (message === undefined || this.isEnded) return;
      this.dispatchEvent(new MessageEvent("message", { data: message }));
      setTimeout(next);
    };
    setTimeout(next);
  }

  terminate(): void {
    this.isEnded = true;
  }
}

function sweepOf(request: SweepRequest) {
  const worker = new SlowWorker();
  const rows: number[][] = [];
  let told: () => void = () => undefined;
  const firstRow = new Promise<void>((resolve) => (told = resolve));
  const running = startSweep(
    request,
    (row, cells) => {
      rows[row] = [...cells].map((cell) => Math.round(cell));
      told();
    },
    () => worker as unknown as Worker,
  );
  return { worker, rows, firstRow, running };
}

describe("a sweep beside the page", () => {
  test("tells every row, and then that it is done", async () => {
    const { worker, rows, running } = sweepOf({ problem, first, second });
    expect(await running.end).toEqual({ how: "done" });
    expect(rows).toEqual([
      [110, 120],
      [220, 240],
      [330, 360],
    ]);
    expect(worker.isEnded).toBe(true);
  });

  test("stops in the middle when it is cancelled, and tells no more rows", async () => {
    const { worker, rows, firstRow, running } = sweepOf({ problem, first, second: null });
    await firstRow;
    running.cancel();
    expect(await running.end).toEqual({ how: "cancelled" });
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect([rows.length, worker.isEnded]).toEqual([1, true]);
  });

  test("says why it cannot begin", async () => {
    const unfit = { path: ["flows", 1, "amount"], values: [1] };
    const { running } = sweepOf({ problem, first: unfit, second: null });
    expect(await running.end).toMatchObject({
      how: "refused",
      issues: [{ code: "sweep-field-unfit" }],
    });
  });

  test("that breaks is told as broken", async () => {
    const { worker, running } = sweepOf({ problem, first, second });
    worker.dispatchEvent(new Event("error"));
    expect(await running.end).toEqual({ how: "broken" });
  });
});
