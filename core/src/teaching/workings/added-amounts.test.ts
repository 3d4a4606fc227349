import { describe, expect, test } from "@jest/globals";
import { expectToHold, fromLatex } from "../../../test/reckoner";
import { readProblem } from "../../engine/problem/problem-file";
import { solve } from "../../engine/solve/solve";
import { workings } from "./workings";
import { lineLatex, linePlain } from "./write-line";

const years = (count: number) => `P${count}Y`;
const single = (id: string, direction: "in" | "out", amount: unknown, at: string) => ({
  ...{ id, kind: "single", direction, amount, at },
});

/** The value today of 1 due after some years at 5%. */
const v = (count: number) => 1.05 ** -count;

/** A problem with amounts that are said by another, and its answer by hand. */
const CASES: readonly (readonly [name: string, flows: readonly object[], answer: number])[] = [
  [
    "two payments of which the second is twice the first and 500 more",
    [
      single("loan", "in", 9000, years(0)),
      single("first", "out", null, years(1)),
      single("second", "out", { times: 2, of: "first", plus: 500 }, years(3)),
    ],
    (9000 - 500 * v(3)) / (v(1) + 2 * v(3)),
  ],
  [
    "a second payment 200 below the first",
    [
      single("loan", "in", 9000, years(0)),
      single("first", "out", null, years(1)),
      single("second", "out", { times: 1, of: "first", plus: -200 }, years(2)),
    ],
    (9000 + 200 * v(2)) / (v(1) + v(2)),
  ],
  [
    "level payments that are a tenth of an unknown loan and 50 more",
    [
      single("loan", "in", null, years(0)),
      {
        ...{ id: "payments", kind: "stream", direction: "out", every: "P1Y", count: 12 },
        ...{ amount: { times: 0.1, of: "loan", plus: 50 }, timing: "end", begins: "P0D" },
      },
      single("rest", "out", 4000, years(12)),
    ],
    (50 * ((1 - v(12)) / 0.05) + 4000 * v(12)) / (1 - (0.1 * (1 - v(12))) / 0.05),
  ],
  [
    "a list of which one amount is said by the unknown",
    [
      single("price", "out", null, years(0)),
      {
        ...{ id: "receipts", kind: "list", every: "P1Y", begins: "P1Y" },
        amounts: [300, 0, 400],
      },
      single("scrap", "in", { times: 0.25, of: "price", plus: 120 }, years(4)),
    ],
    (300 * v(1) + 400 * v(3) + 120 * v(4)) / (1 - 0.25 * v(4)),
  ],
  [
    "a known amount said by a known one",
    [
      single("first", "in", 800, years(1)),
      single("second", "in", { times: 2, of: "first", plus: -300 }, years(2)),
      single("price", "out", null, years(0)),
    ],
    800 * v(1) + 1300 * v(2),
  ],
];

test("a known amount below zero is told: it would go the other way unsaid", () => {
  const read = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent: 5, quoted: "effective" }],
    flows: [
      single("first", "in", 800, years(1)),
      single("second", "in", { times: 1, of: "first", plus: -900 }, years(2)),
      single("price", "out", null, years(0)),
    ],
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  expect(solve(read.value)).toMatchObject({
    ok: false,
    issues: [{ code: "amount-below-zero", path: ["flows", 1, "amount"] }],
  });
});

describe.each(CASES)("%s", (_, flows, answer) => {
  const read = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent: 5, quoted: "effective" }],
    flows,
  });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const solution = solve(read.value);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));

  test("has the answer that comes of it by hand", () => {
    expect(solution.value.answers[0].value / answer).toBeCloseTo(1, 12);
  });

  test("has workings that end there, of which every line holds", () => {
    const { steps } = workings(solution.value);
    const told = steps.findLast(({ kind, value }) => kind === "value" && value !== undefined);
    expect((told?.value ?? NaN) / answer).toBeCloseTo(1, 12);
    let reckoned = 0;
    for (const { lines } of steps) {
      for (const line of lines) {
        for (const notation of ["fractions", "factors"] as const) {
          reckoned += expectToHold(linePlain(line, { notation }));
        }
        expectToHold(fromLatex(lineLatex(line)));
      }
    }
    expect(reckoned).toBeGreaterThan(0);
  });
});
