import { describe, expect, test } from "@jest/globals";
import cases from "../../reference/simple-and-dates.json";
import { list, problemOf, single, stream } from "../../test/problems";
import { testWhatTeaches } from "../../test/what-teaches";
import { readProblem } from "../engine/problem/problem-file";
import type { Problem } from "../engine/problem/schema";
import { solve } from "../engine/solve/solve";
import { workings } from "./workings/workings";
import { linePlain } from "./workings/write-line";

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

describe.each(made)("%s", (_, problem) => {
  testWhatTeaches(problem);
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
