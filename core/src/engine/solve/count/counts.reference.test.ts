import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import cases from "../../../../reference/counts.json";
import { readProblem } from "../../problem/problem-file";
import { runAccount } from "../../../teaching/proof/account-rows";
import { schedule } from "../../schedule/schedule";
import { workings } from "../../../teaching/workings/workings";
import { answerText } from "../../../wording/answer-sentence";
import { solve } from "../solve";
import type { WholePayments } from "../solution";

function solvedWith(file: unknown) {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  const whole = solution.value.facts.wholePayments;
  if (whole === undefined) throw new Error("A count comes in whole payments");
  return { problem: read.value, solution: solution.value, whole };
}

function expectNear(value: number | null | undefined, wanted: string | null): void {
  if (wanted === null) expect(value ?? null).toBeNull();
  else expect(Math.abs((value ?? NaN) / Number(wanted) - 1)).toBeLessThan(1e-9);
}

const KINDS: readonly (readonly [pattern: RegExp, kind: WholePayments["kind"]])[] = [
  [/last-smaller$/, "smaller"],
  [/whole$/, "cents"],
  [/interest-alone$/, "interest-alone"],
];

describe.each(cases)("$id", ({ problem: file, expect: wanted, family }) => {
  const { problem, solution, whole } = solvedWith(file);

  test("comes out in whole payments as the reference has it", () => {
    expect(whole.kind).toBe(KINDS.find(([pattern]) => pattern.test(family))?.[1]);
    expectNear(solution.answers[0].value, wanted.n);
    expect(whole.full).toBe(wanted.fullPayments);
    expectNear(whole.last?.amount, wanted.lastPayment);
    expectNear(whole.last?.years, wanted.lastAt);
    expectNear(whole.goalReachedYears, wanted.timeGoalReached);
    expectNear(whole.totalPaid, wanted.totalPaid);
  });

  test("and everything else says the same", () => {
    const stream = problem.flows.find(({ kind }) => kind === "stream");
    const made = schedule(problem, { flow: stream?.id ?? "", rounding: "none" });
    if (!made.ok) throw new Error(JSON.stringify(made.issues));
    const payments = whole.full + (whole.last === null ? 0 : 1);
    expect(made.value.rows).toHaveLength(payments);
    expectNear(made.value.totalPaid, wanted.totalPaid);
    expectNear(made.value.finalPayment, wanted.lastPayment ?? String(amountOf(stream)));
    const account = runAccount(solution);
    expect(Math.abs(account?.left ?? NaN)).toBeLessThan(1e-9 * (account?.largest ?? NaN));
    const { totalIn, totalOut, interest = NaN } = solution.facts;
    expect(Math.abs((totalIn ?? NaN) - (totalOut ?? NaN))).toBeCloseTo(interest, 6);
    const told = answerText(solution);
    expect(told).toContain(whole.kind === "interest-alone" ? "interest alone" : "final payment");
    const { steps } = workings(solution);
    expect(steps.at(-1)?.say).toBe(told);
    const values = steps.map(({ value }) => value ?? NaN);
    if (wanted.lastPayment === null) {
      const { frequency } = streamOf(solution);
      const periods = (whole.goalReachedYears ?? NaN) * frequency - whole.full;
      expect(values.some((value) => Math.abs(value / periods - 1) < 1e-7)).toBe(true);
    } else {
      const last = Number(wanted.lastPayment);
      expect(values.some((value) => Math.abs(value / last - 1) < 1e-7)).toBe(true);
    }
  });
});

function amountOf(flow: { readonly kind: string; readonly amount?: unknown } | undefined): number {
  return Number(flow?.amount);
}

function streamOf({ settled }: ReturnType<typeof solvedWith>["solution"]) {
  const stream = settled.flows.find(({ kind }) => kind === "stream");
  if (stream?.kind !== "stream") throw new Error("There are payments");
  return stream;
}

describe("whatever the goal", () => {
  /** What equal deposits have grown to, one by one. */
  const fundAfter = (deposits: number, amount: number, i: number, isDue: boolean) => {
    let fund = 0;
    for (let paid = 0; paid < deposits; paid += 1) {
      fund = isDue ? (fund + amount) * (1 + i) : fund * (1 + i) + amount;
    }
    return fund;
  };

  test("a last deposit is never negative, and never larger than a full one but for cents", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 900 }),
        fc.integer({ min: 1, max: 24 }),
        fc.integer({ min: 2000, max: 300_000 }),
        fc.boolean(),
        (amount, halves, goal, isDue) => {
          fc.pre(goal > amount * 1.5);
          const i = halves / 2400;
          const { whole } = solvedWith({
            format: "kestrelmoor-problem",
            version: 1,
            rates: [{ percent: halves / 2, quoted: "nominal", compounding: "P1M" }],
            flows: [
              {
                ...{ id: "deposits", kind: "stream", direction: "out", amount, every: "P1M" },
                ...{ count: null, timing: isDue ? "start" : "end", begins: "P0D" },
              },
              {
                ...{ id: "goal", kind: "single", direction: "in", amount: goal },
                at: { endOf: "deposits" },
              },
            ],
          });
          const before = fundAfter(whole.full, amount, i, isDue);
          if (whole.kind === "interest-alone") {
            expect(before).toBeLessThan(goal);
            expect(before * (1 + i)).toBeGreaterThanOrEqual(goal * (1 - 1e-12));
          }
          if (whole.kind === "smaller") {
            expect(whole.last?.amount).toBeGreaterThan(0);
            expect(whole.last?.amount).toBeLessThan(amount);
          }
          if (whole.last !== null) {
            const { amount: last } = whole.last;
            const end = isDue ? (before + last) * (1 + i) : before * (1 + i) + last;
            expect(end / goal).toBeCloseTo(1, 9);
          }
        },
      ),
      { numRuns: 300 },
    );
  });
});
