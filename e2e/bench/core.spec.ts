import { readFileSync } from "node:fs";
import { join } from "node:path";
import type { FieldRef, Problem } from "@kestrelmoor/core";
import { test } from "@playwright/test";
import { bundleCore, type Core } from "./core-bundle";
import { report, reportFigure } from "./report";

interface Case {
  readonly problem: unknown;
  readonly expect: { readonly value: string };
}

/** Milliseconds that some work takes: the median of many runs, the first ones not counted. */
function timed(work: () => unknown, runs = 15, rounds = 1): number {
  const times: number[] = [];
  for (let run = -3; run < runs; run += 1) {
    const began = performance.now();
    for (let round = 0; round < rounds; round += 1) work();
    if (run >= 0) times.push((performance.now() - began) / rounds);
  }
  return times.sort((one, other) => one - other)[Math.floor(runs / 2)] ?? NaN;
}

/** B: one `expm1` of a `log1p`, the least that a worth can cost, in milliseconds. */
function bareLoop(): number {
  let sink = 0;
  const each = timed(() => {
    for (let index = 1; index <= 1e6; index += 1) sink += Math.expm1(Math.log1p(index * 1e-8));
  });
  if (!Number.isFinite(sink)) throw new Error("The loop was not run");
  return each / 1e6;
}

function read(core: Core, raw: unknown): Problem {
  const problem = core.readProblem(raw);
  if (!problem.ok) throw new Error(JSON.stringify(problem.issues));
  return problem.value;
}

function loan(core: Core, percent: number | null, amount: number | null, parts: object): Problem {
  return read(core, {
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent, quoted: "nominal", compounding: "P1M" }],
    flows: [
      { id: "loan", kind: "single", direction: "in", amount: 97_000, at: "P0D" },
      {
        id: "repayments",
        kind: "stream",
        direction: "out",
        amount,
        every: "P1M",
        count: 360,
        timing: "end",
        begins: "P0D",
        ...parts,
      },
    ],
  });
}

/** A row of numbers that looks like chance and is the same in every run. */
function* numbers(seed: number): Generator<number, never> {
  for (let state = seed; ;) {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    yield state / 2_147_483_648;
  }
}

function uneven(count: number, changes: number, seed: number): number[] {
  const chance = numbers(seed);
  const turns = new Set<number>();
  while (turns.size < changes) turns.add(1 + Math.floor(chance.next().value * (count - 1)));
  let sign = -1;
  return Array.from({ length: count }, (_, index) => {
    if (turns.has(index)) sign = -sign;
    return (sign * Math.ceil(chance.next().value * 1e7)) / 100;
  });
}

test("accuracy and speed of the core", async () => {
  const { core, gzip, brotli } = await bundleCore();
  const cases = JSON.parse(
    readFileSync(join(import.meta.dirname, "../../core/reference/problems.json"), "utf8"),
  ) as Case[];
  const errors = cases
    // Near zero a relative error is that of the amounts whose difference decides.
    .filter(({ expect }) => Math.abs(Number(expect.value)) > 0.01)
    .map(({ problem, expect }) => {
      const solution = core.solve(read(core, problem));
      return solution.ok
        ? Math.abs(solution.value.answers[0].value / Number(expect.value) - 1)
        : Infinity;
    });
  reportFigure(
    `${errors.length} problems of the reference, worst relative error`,
    "1e-12",
    Math.max(...errors).toExponential(1),
  );
  reportFigure(
    "the engine without Zod, minified: brotli (gzip)",
    "33 kB",
    `${(brotli / 1000).toFixed(1)} kB (${(gzip / 1000).toFixed(1)} kB)`,
  );

  const bare = bareLoop();
  report("B, one expm1 and log1p in a bare loop", `${(bare * 1e6).toFixed(1)} ns`);
  const inBare = (name: string, problem: Problem, rounds: number) => {
    const question = core.questionOf(problem);
    if (!question.ok) throw new Error("The problem is not ready");
    const each = timed(() => core.findRoots(question.value), 15, rounds);
    report(name, `${(each * 1000).toFixed(2)} µs, ${(each / bare).toFixed(0)} B`);
    return each / bare;
  };
  const amount = inBare("ready problem: an amount", loan(core, 6, null, {}), 20_000);
  const rates = [12, 360, 360_000].map((count) => {
    const payment = (97_000 * 0.006) / (1 - 1.006 ** -count);
    return inBare(
      `ready problem: a rate, ${count} payments`,
      loan(core, null, payment, { count }),
      3000,
    );
  });
  const counts = inBare("ready problem: a count", loan(core, 6, 700, { count: null }), 3000);
  const inB = (ratio: number) => `${ratio.toFixed(0)} B`;
  reportFigure(
    "solving for an amount, in B: one `expm1` and one `log1p` in a bare loop",
    "40 B",
    inB(amount),
  );
  reportFigure(
    "solving for a rate, whether of 12 payments or of 360,000",
    "600 B",
    rates.map(inB).join(", "),
  );
  reportFigure("solving for a number of payments", "600 B", inB(counts));
  const whole = timed(() => core.solve(loan(core, 6, null, {})), 15, 300);
  report(
    "reading, solving and facts of a loan",
    `${(whole * 1000).toFixed(0)} µs, ${(whole / bare).toFixed(0)} B`,
  );

  const axis = (field: FieldRef, from: number, step: number) => ({
    field,
    values: Array.from({ length: 201 }, (_, index) => from + index * step),
  });
  const swept = loan(core, 6, null, {});
  const sweeping = timed(() => {
    const sweep = core.prepareSweep(
      swept,
      axis(core.rateField(0, "percent"), 1, 0.05),
      axis(core.flowField(1, "count"), 12, 2),
    );
    if (!sweep.ok) throw new Error("The sweep is not ready");
    for (let row = 0; row < 201; row += 1) sweep.value.solveRow(row);
  });
  // The time is for a person; the ratio is the same on any machine.
  const each = (took: number, of: number, digits = 0) =>
    `${took.toFixed(digits)} ms, ${inB(took / of / bare)} each`;
  reportFigure(
    "201 × 201 sweep of a loan over rate and count",
    "150 ms",
    each(sweeping, 201 * 201),
  );

  const daily = loan(core, 4.9, null, { every: "P1D", count: 10_950 });
  const accounting = timed(() => core.schedule(daily, { flow: "repayments", rounding: "cent" }));
  reportFigure("schedule of 10,950 rows in cents", "15 ms", each(accounting, 10_950, 1));

  const searches = Array.from({ length: 30 }, (_, seed) => {
    const flows = core.evenFlows(uneven(120, 40, seed + 1), "P1Y");
    return timed(() => core.internalRates(flows), 3);
  });
  reportFigure(
    "all rates of 120 flows with 40 changes of sign, worst of 30",
    "100 ms",
    `${Math.max(...searches).toFixed(0)} ms`,
  );
});
