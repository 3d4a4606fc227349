import { describe, expect, test } from "@jest/globals";
import { flowField, rateField, readProblem, type SweepAxis } from "@kestrelmoor/core";
import { answerSweep } from "./answer-sweep";
import type { SweepRequest } from "./sweep-messages";
import { createSweeper } from "./sweeper";

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
const first: SweepAxis = { field: flowField(0, "amount"), values: [100, 200, 300] };
const second: SweepAxis = { field: rateField(0, "percent"), values: [10, 20] };

/** A worker of this thread, which answers each request in later turns of the event loop. */
class WorkerOfThisThread extends EventTarget {
  isEnded = false;
  rowsSolved = 0;
  private latest = -1;

  postMessage(request: SweepRequest): void {
    this.latest = request.id;
    const turn = () => new Promise<void>((resolve) => setTimeout(resolve));
    void turn().then(() =>
      answerSweep(request, {
        tell: (message) => {
          if (message.says === "row") this.rowsSolved += 1;
          void turn().then(() => {
            if (!this.isEnded) this.dispatchEvent(new MessageEvent("message", { data: message }));
          });
        },
        isStale: () => this.latest !== request.id,
        pause: turn,
      }),
    );
  }

  terminate(): void {
    this.isEnded = true;
  }
}

function sweeper() {
  const worker = new WorkerOfThisThread();
  const running = createSweeper(() => worker as unknown as Worker);
  const rows: number[][] = [];
  const onRow = (row: number, cells: Float64Array) => {
    rows[row] = [...cells].map((cell) => Math.round(cell));
  };
  return { worker, running, rows, onRow };
}

describe("a sweep beside the page", () => {
  test("tells every row, and then that it is done", async () => {
    const { running, rows, onRow } = sweeper();
    expect(await running.run({ problem, first, second }, onRow)).toEqual({ how: "done" });
    expect(rows).toEqual([
      [110, 120],
      [220, 240],
      [330, 360],
    ]);
  });

  test("gives way to the next one, whose rows alone are told", async () => {
    const { running, rows, onRow } = sweeper();
    const stale = running.run(
      { problem, first: { ...first, values: [1, 2, 3, 4] }, second },
      onRow,
    );
    const wanted = running.run(
      { problem, first: { ...first, values: [500] }, second: null },
      onRow,
    );
    expect(await stale).toEqual({ how: "cancelled" });
    expect(await wanted).toEqual({ how: "done" });
    await new Promise((resolve) => setTimeout(resolve, 20));
    expect(rows).toEqual([[550]]);
  });

  test("is not solved to its end when nobody wants it any more", async () => {
    const { worker, running, onRow } = sweeper();
    const values = Array.from({ length: 200_000 }, (_, index) => index);
    const long = running.run({ problem, first: { ...first, values }, second: null }, onRow);
    await new Promise((resolve) => setTimeout(resolve, 30));
    await running.run({ problem, first, second: null }, onRow);
    expect(await long).toEqual({ how: "cancelled" });
    expect(worker.rowsSolved).toBeLessThan(values.length);
  });

  test("ends with the page", async () => {
    const { worker, running, onRow } = sweeper();
    const end = running.run({ problem, first, second }, onRow);
    running.close();
    expect(await end).toEqual({ how: "cancelled" });
    expect(worker.isEnded).toBe(true);
  });

  test("says why it cannot begin", async () => {
    const { running, onRow } = sweeper();
    const unfit = { field: flowField(1, "amount"), values: [1] };
    expect(await running.run({ problem, first: unfit, second: null }, onRow)).toMatchObject({
      how: "refused",
      issues: [{ code: "sweep-field-unfit" }],
    });
  });

  test("that breaks is told as broken", async () => {
    const { worker, running, onRow } = sweeper();
    const end = running.run({ problem, first, second }, onRow);
    worker.dispatchEvent(new Event("error"));
    expect(await end).toEqual({ how: "broken" });
  });
});
