import { describe, expect, test } from "@jest/globals";
import cases from "../../reference/simple-and-dates.json";
import { list, problemOf, single, stream } from "../../test/problems";
import { placeOf, recalculate } from "../../test/recalculate";
import { expectToHold, fromLatex } from "../../test/reckoner";
import { readProblem } from "../engine/problem/problem-file";
import type { Problem } from "../engine/problem/schema";
import { solve } from "../engine/solve/solve";
import type { SolvedProblem } from "../engine/solve/solved-problem";
import { readClaim } from "../typing/input/read-claim";
import { workbook } from "./hand-in/workbook/workbook";
import { markAnswer } from "./mistakes/mark";
import { runAccount } from "./proof/account-rows";
import { otherWays } from "./proof/other-ways";
import { furtherWorkings } from "./workings/further/further-workings";
import { workings } from "./workings/workings";
import { lineLatex, linePlain } from "./workings/write-line";

/*
 * What teaches, on problems with simple interest, discount, dates and times before today: the workings of further
 * questions, the workbook, the proof and the marking agree with the engine.
 */

const simple = (percent: unknown) => ({ percent, quoted: "simple" });
const bank = (percent: unknown, from?: string) => ({
  percent,
  quoted: "bank-discount",
  ...(from === undefined ? {} : { from }),
});

const ALSO = [
  { find: "balance", at: "P2M" },
  { find: "interest", from: "P0D", to: "P3M" },
  { find: "principal", from: "P1M", to: "P4M" },
  { find: "total", of: "in" },
  { find: "value", at: "P3M" },
] as const;

const made: readonly (readonly [string, Problem])[] = [
  ...cases.flatMap(({ id, problem }) => {
    const read = problem === undefined ? null : readProblem(problem);
    return read?.ok === true ? [[id, read.value] as const] : [];
  }),
  ...Object.entries({
    "payments that grow": {
      rates: [simple(6)],
      flows: [
        stream("pay", "out", 100, { every: "P1M", count: 9, growth: { percent: 2, every: "P1M" } }),
        single("back", "in", null, "P9M"),
      ],
    },
    "payments that rise, discounted": {
      rates: [bank(6), bank(9, "P5M")],
      flows: [
        stream("pay", "out", 100, { every: "P1M", count: 9, growth: { amount: 5, every: "P2M" } }),
        single("price", "in", null, "P0D"),
      ],
    },
    "a number of payments": {
      rates: [simple(6)],
      focal: "P1Y",
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("pay", "out", 110, { every: "P1M", count: null }),
      ],
    },
    "a growth": {
      rates: [simple(6)],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("pay", "out", 90, {
          every: "P1M",
          count: 10,
          growth: { percent: null, every: "P1M" },
        }),
      ],
    },
    "when payments begin": {
      rates: [simple(6)],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("pay", "out", 110, { every: "P1M", count: 10, begins: null }),
      ],
    },
    "a list": {
      rates: [bank(6)],
      flows: [
        list("project", [-1000, 300, 400, 500], { every: "P1M" }),
        single("more", "out", null, "P2M"),
      ],
    },
    "a value, in the past": {
      rates: [simple(6)],
      flows: [list("project", [-1000, 300, 400, 500], { every: "P1M", begins: "-P2M" })],
      ask: { find: "value", at: "-P1M" },
    },
    "two rates, and when": {
      rates: [simple(6), { ...simple(9), from: "P3M" }],
      flows: [single("lent", "out", 1000, "P0D"), single("back", "in", 1060, null)],
    },
    "a rate above another": {
      rates: [simple(null), { ...simple({ plus: 2, of: 0 }), from: "P3M" }],
      flows: [single("lent", "out", 1000, "P0D"), single("back", "in", 1060, "P9M")],
    },
    "a time by fractions of a period, before today": {
      fraction: "simple",
      rates: [{ percent: 6, quoted: "nominal", compounding: "P3M" }],
      flows: [single("put-in", "out", 1000, null), single("back", "in", 1060, "P0D")],
    },
    "a rate by fractions of a period, of payments": {
      fraction: "simple",
      rates: [{ percent: null, quoted: "nominal", compounding: "P3M" }],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("pay", "out", 110, { every: "P1M", count: 10 }),
      ],
    },
  }).map(([name, parts]) => [name, problemOf(parts)] as const),
].map(([name, problem]) => [
  name,
  problem.ask === undefined ? { ...problem, also: [...ALSO] } : problem,
]);

function solved(problem: Problem): SolvedProblem {
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return solution.value;
}

describe.each(made)("%s", (_, problem) => {
  const solution = solved(problem);
  const own = workings(solution);
  const answer = solution.answers[0].value;

  test("its workings end at the answer, and every line holds", () => {
    const values = own.steps
      .filter(({ kind }) => kind === "value")
      .flatMap(({ value }) => value ?? []);
    const nearest = Math.min(
      ...values.map((value) => Math.abs(Math.abs(value) - Math.abs(answer))),
    );
    expect(nearest).toBeLessThanOrEqual(1e-9 * Math.max(Math.abs(answer), 0.1));
    const further = furtherWorkings(solution, own).flatMap((part) => part?.steps ?? []);
    for (const { lines, say } of [...own.steps, ...further]) {
      expect(say).toMatch(/^[A-Z“\d].*[.]$/);
      expect(say).not.toMatch(/NaN|undefined|−\d+ (?:months|days) from/);
      for (const line of lines) {
        for (const notation of ["fractions", "factors"] as const) {
          expectToHold(linePlain(line, { notation }));
        }
        expectToHold(fromLatex(lineLatex(line)));
      }
    }
  });

  test("further questions end where the engine does", () => {
    furtherWorkings(solution, own).forEach((part, index) => {
      const wanted = solution.also[index] ?? null;
      expect(part === null).toBe(wanted === null);
      if (part === null || wanted === null) return;
      const size = Math.max(1, solution.facts.totalIn ?? 0);
      expect(Math.abs(part.result.value - wanted)).toBeLessThan(1e-9 * size);
    });
  });

  test("its workbook comes to the same", () => {
    const book = workbook(solution, { title: "Any", lines: [] });
    const at = (sheet: string, cell: string) => {
      const { column, row } = placeOf(cell);
      const held = book.sheets.find(({ name }) => name === sheet)?.rows[row - 1]?.[column - 1];
      if (held?.kind === "input") return held.value;
      return held?.kind === "formula" ? { formula: held.formula } : null;
    };
    const found = Math.abs(recalculate({ at }, book.answer.sheet, book.answer.cell));
    expect(Math.abs(found / Math.abs(answer) - 1)).toBeLessThan(1e-8);
  });

  test("what proves it proves it", () => {
    const life = runAccount(solution);
    expect(life === null).toBe(solution.settled.accrual !== undefined);
    if (life !== null) expect(Math.abs(life.left)).toBeLessThan(1e-9 * life.largest);
    for (const { name, apart } of otherWays(solution)) {
      expect([name, apart < 1e-9]).toEqual([name, true]);
    }
  });

  test("the answer is marked right, and a number from nowhere is marked without a fault", () => {
    const typed = solution.answers[0].unit === "money" ? answer.toFixed(2) : answer.toFixed(4);
    const claim = readClaim(typed.replace("-", "−"));
    if (!claim.ok) throw new Error(JSON.stringify(claim.issues));
    expect(markAnswer(problem, claim.value)).toMatchObject({ value: { verdict: "right" } });
    const wrong = readClaim("123.4567");
    if (wrong.ok) expect(markAnswer(problem, wrong.value).ok).toBe(true);
  });
});

test.each<[typed: string, at: string, dayCount: string | undefined, line: string]>([
  ["100 days", "P0.2777777777777778Y", "actual/360", "t = 100 / 360"],
  ["90 days", "P3M", "actual/360", "t = 3 / 12"],
  ["100 days", "P100D", undefined, "t = 100 / 365"],
])("%s (%s, %s) is written as %s", (_, at, dayCount, line) => {
  const problem = problemOf({
    ...(dayCount === undefined ? {} : { dayCount }),
    rates: [bank(8)],
    flows: [single("bill", "in", 5000, at), single("proceeds", "out", null, "P0D")],
  });
  const solved = solve(problem);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  const { steps } = workings(solved.value);
  const written = steps.flatMap(({ lines }) => lines.map((line) => linePlain(line)));
  expect(written.join("\n")).toContain(`\n${line} = `);
});
