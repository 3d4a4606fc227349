import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { everything } from "../../../test/everything";
import { effective, list, single, stream } from "../../../test/problems";
import { readProblem } from "../problem/problem-file";
import { sentenceOf } from "../../wording/sentences";
import { solve } from "./solve";
import { USUAL_FORMAT } from "../../wording/answer-format";

type Json = Record<string, unknown>;

const nested = (depth: number): unknown => (depth === 0 ? 1 : { amount: nested(depth - 1) });

const BAD_VALUES: readonly unknown[] = [
  null,
  undefined,
  true,
  "",
  "12",
  "1e999",
  "P",
  "2027-02-30",
  "__proto__",
  NaN,
  Infinity,
  -Infinity,
  -0,
  -1,
  0,
  1e-320,
  0.5,
  1e9,
  1e308,
  [],
  [null],
  {},
  { times: 1, of: "residual" },
  { times: 1, of: "nobody" },
  { times: -1, of: "loan" },
  { endOf: "rent" },
  { endOf: "steps" },
  { endOf: "nobody" },
  { plus: 1, of: 1 },
  { plus: 1, of: 99 },
  nested(500),
];

/** Every place of a document, from its root down. */
function placesOf(value: unknown, path: readonly (string | number)[] = []): (string | number)[][] {
  if (typeof value !== "object" || value === null) return [[...path]];
  const inner = Object.entries(value).flatMap(([key, part]) =>
    placesOf(part, [...path, Array.isArray(value) ? Number(key) : key]),
  );
  return [[...path], ...inner];
}

function withBad(path: readonly (string | number)[], bad: unknown): unknown {
  if (path.length === 0) return bad;
  const copy = JSON.parse(JSON.stringify(everything)) as Json;
  let place: Json = copy;
  for (const key of path.slice(0, -1)) place = place[key] as Json;
  place[path.at(-1) ?? ""] = bad;
  return copy;
}

/** An answer that is a number, or issues with a code, a path and a sentence; never an exception. */
function expectSense(raw: unknown): void {
  const read = readProblem(raw);
  const outcome = read.ok ? solve(read.value) : read;
  if (outcome.ok) {
    for (const { value } of outcome.value.answers) expect(Number.isFinite(value)).toBe(true);
    expect(JSON.stringify(outcome.value)).not.toMatch(/NaN|Infinity/);
    return;
  }
  expect(outcome.issues.length).toBeGreaterThan(0);
  for (const found of outcome.issues) {
    expect(found.code).toMatch(/^[a-z-]+$/);
    expect(Array.isArray(found.path)).toBe(true);
    expect(sentenceOf(found, USUAL_FORMAT)).toMatch(/^[A-Z“"0-9−].*[.?]$/);
    expect(sentenceOf(found, USUAL_FORMAT)).not.toMatch(/NaN|undefined|\[object/);
  }
}

test("the problem with one of everything is sound", () => {
  const read = readProblem(everything);
  expect(read.ok && solve(read.value).ok).toBe(true);
});

describe("every field with every wrong value", () => {
  test.each(placesOf(everything).map((path) => [path.join(".") || "the whole", path] as const))(
    "%s",
    (_, path) => {
      for (const bad of BAD_VALUES) expectSense(withBad(path, bad));
    },
  );
});

test.each<[string, object]>([
  [
    "a thousand flows",
    { flows: Array.from({ length: 1000 }, (_, index) => single(`f${index}`, "in", 1, "P0D")) },
  ],
  ["10⁹ payments", { flows: [stream("s", "in", 1, { count: 1e9 })] }],
  [
    "a thousand rates",
    { rates: Array.from({ length: 1000 }, (_, index) => effective(5, `P${index}Y`)) },
  ],
  [
    "dates before the first",
    {
      flows: [
        {
          id: "d",
          kind: "dated",
          entries: [
            { on: "2027-03-01", amount: 1 },
            { on: "2027-02-28", amount: 1 },
          ],
        },
      ],
    },
  ],
  ["a flow that refers to itself", { flows: [single("a", "in", { times: 1, of: "a" }, "P0D")] }],
  ["a stream that waits for itself", { flows: [stream("a", "in", 1, { begins: { endOf: "a" } })] }],
  [
    "flows that refer to each other",
    {
      flows: [
        single("a", "in", { times: 1, of: "b" }, "P0D"),
        single("b", "in", { times: 1, of: "a" }, "P0D"),
      ],
    },
  ],
])("%s is refused when it is read", (_, parts) => {
  const raw = {
    format: "kestrelmoor-problem",
    version: 1,
    rates: [effective(5)],
    flows: [single("x", "in", 1, "P0D")],
    ...parts,
  };
  expect(readProblem(raw).ok).toBe(false);
  expectSense(raw);
});

test("lists of more amounts than one answer can take are refused", () => {
  const flows = Array.from({ length: 5 }, (_, index) =>
    list(`l${index}`, Array<number>(4001).fill(1)),
  );
  const read = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [effective(5)],
    flows,
    ask: { find: "value", at: "P0D" },
  });
  const found = read.ok ? solve(read.value) : read;
  expect(found.ok ? null : found.issues[0]?.code).toBe("problem-too-large");
});

test("a balance that is the rounding of its terms over a whole range is no fault of the engine", () => {
  const read = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [effective(null)],
    flows: [
      stream("falling", "in", 1e-300, {
        ...{ every: "P1M", count: "forever", timing: "start", begins: "P1M" },
        growth: { amount: -5, every: "P0.0001D" },
      }),
      stream("rising", "in", 100, {
        ...{ every: "P500Y", count: 2, begins: "P9Y" },
        growth: { amount: 1e-9, every: "P1W" },
      }),
      single("price", "out", 1e13, "P0D"),
    ],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (solution.ok) expect(Number.isFinite(solution.value.answers[0].value)).toBe(true);
  else for (const found of solution.issues) expect(sentenceOf(found, USUAL_FORMAT)).not.toBe("");
});

test("whatever is asked of whatever streams, there is a finite answer or a reason", () => {
  const size = fc.constantFrom(0, 1e-300, 0.01, 100, 1e13);
  const period = fc.constantFrom("P0.0001D", "P1D", "P1W", "P1M", "P1Y", "P500Y", "P0.37M");
  const begins = fc.constantFrom("P0D", "P1M", "P9Y", "P1000Y");
  const count = fc.constantFrom(1e-9, 0.5, 1, 2, 7.25, 360, 10_950, 1e6, "forever");
  const percent = fc.constantFrom(-99.999, -50, -1e-9, 0, 1e-12, 5, 1000, 1e6);
  const growth = fc.oneof(
    fc.constant(undefined),
    fc.record({ percent, every: period }),
    fc.record({ amount: fc.constantFrom(-1e13, -5, 0, 1e-9, 5, 1e13), every: period }),
  );
  const flow = fc
    .record({
      side: fc.constantFrom("in", "out"),
      size,
      every: period,
      begins,
      count,
      growth,
      timing: fc.constantFrom("end", "start"),
    })
    .map(({ side, size: amount, growth: grows, ...parts }) => ({
      ...stream("s", side as "in", amount, parts),
      ...(grows === undefined ? {} : { growth: grows }),
    }));
  const asked = fc.constantFrom("amount", "count", "begins", "growth", "rate", "single", "at");
  fc.assert(
    fc.property(
      fc.array(flow, { minLength: 1, maxLength: 3 }),
      fc.array(percent, { minLength: 1, maxLength: 2 }),
      size,
      begins,
      asked,
      (flows, rates, amount, at, kind) => {
        const [first, ...others] = flows.map((own, index) => ({
          ...own,
          id: `s${index}`,
        })) as unknown as [Json, ...Json[]];
        const unknown: Json =
          {
            amount: { ...first, amount: null },
            count: { ...first, count: null },
            begins: { ...first, begins: null },
            growth: { ...first, growth: { percent: null, every: "P1Y" } },
          }[kind as string] ?? first;
        const raw = {
          format: "kestrelmoor-problem",
          version: 1,
          rates: rates.map((figure, index) =>
            effective(
              kind === "rate" && index === 0 ? null : figure,
              index === 0 ? undefined : "P3Y",
            ),
          ),
          flows: [
            unknown,
            ...others,
            single(
              "x",
              "out",
              kind === "single" ? null : amount,
              kind === "at"
                ? null
                : first["count"] === "forever" || kind === "count"
                  ? at
                  : { endOf: "s0" },
            ),
          ],
        };
        expectSense(raw);
      },
    ),
    { numRuns: 150 },
  );
});
