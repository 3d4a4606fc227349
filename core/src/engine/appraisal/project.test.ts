import { describe, expect, test } from "@jest/globals";
import { readProblem } from "../problem/problem-file";
import { solve } from "../solve/solve";
import { projectOf } from "./project";

function projectIn(parts: object) {
  const problem = readProblem({
    format: "kestrelmoor-problem",
    version: 1,
    rates: [{ percent: 8, quoted: "effective" }],
    ...parts,
  });
  if (!problem.ok) throw new Error(JSON.stringify(problem.issues));
  const solution = solve(problem.value);
  return projectOf(problem.value, solution.ok ? solution.value : null);
}

const list = (amounts: unknown[], more: object = {}) => ({
  ...{ id: "shed", kind: "list", every: "P1Y", begins: "P0D", amounts },
  ...more,
});

describe("a problem as a project", () => {
  test("has the amounts of a list with what they are for", () => {
    const found = projectIn({
      flows: [list([-500, 300, 300], { labels: ["Shed", "", "Honey"] })],
      ask: { find: "value", at: "P0D" },
    });
    expect(found).toEqual({
      ok: true,
      value: [
        { at: 0, amount: -500, label: "Shed" },
        { at: 1, amount: 300, label: "" },
        { at: 2, amount: 300, label: "Honey" },
      ],
    });
  });

  test("nets what moves on the same day, and keeps what every part is for", () => {
    const found = projectIn({
      flows: [
        list([-500, 300], { labels: ["Shed", "Honey"] }),
        { id: "grant", label: "Grant", kind: "single", direction: "in", amount: 120, at: "P0D" },
        {
          ...{ id: "wages", label: "Wages", kind: "stream", direction: "out", amount: 10 },
          ...{ every: "P6M", count: 2, timing: "end", begins: "P0D" },
        },
      ],
      ask: { find: "value", at: "P0D" },
    });
    expect(found.ok && found.value).toEqual([
      { at: 0, amount: -380, label: "Shed, Grant" },
      { at: 0.5, amount: -10, label: "Wages" },
      { at: 1, amount: 290, label: "Honey, Wages" },
    ]);
  });

  test("has its dates in order, each with its own label", () => {
    const entry = (on: string, amount: number, label: string) => ({ on, amount, label });
    const found = projectIn({
      rates: [{ percent: null, quoted: "effective" }],
      flows: [
        {
          id: "press",
          kind: "dated",
          entries: [
            entry("2027-01-01", -500, "Press"),
            entry("2029-01-01", 400, "Late"),
            entry("2028-01-01", 300, "Early"),
          ],
        },
      ],
    });
    expect(found.ok && found.value.map(({ label }) => label)).toEqual(["Press", "Early", "Late"]);
    expect(found.ok && found.value[1]?.at).toBe(1);
  });

  test("needs no answer where only the rate is sought, and none at all where nothing is", () => {
    const flows = [list([500, 300])];
    expect(projectIn({ rates: [{ percent: null, quoted: "effective" }], flows }).ok).toBe(true);
    expect(projectIn({ flows }).ok).toBe(true);
  });

  test("has the amount that was found", () => {
    const found = projectIn({ flows: [list([-500, null])] });
    expect(found.ok && found.value[1]?.amount).toBeCloseTo(540, 9);
  });

  test.each<[string, object, string]>([
    ["an amount without an answer", { flows: [list([500, null, null])] }, "appraisal-unknown-flow"],
    [
      "payments for ever",
      {
        flows: [
          {
            ...{ id: "rent", kind: "stream", direction: "in", amount: 10, every: "P1Y" },
            ...{ count: "forever", timing: "end", begins: "P0D" },
          },
        ],
        ask: { find: "value", at: "P0D" },
      },
      "appraisal-endless",
    ],
    [
      "too many payments",
      {
        flows: [
          {
            ...{ id: "rent", kind: "stream", direction: "in", amount: 10, every: "P1D" },
            ...{ count: 20_000, timing: "end", begins: "P0D" },
          },
        ],
        ask: { find: "value", at: "P0D" },
      },
      "problem-too-large",
    ],
  ])("%s is told", (_, parts, code) => {
    expect(projectIn(parts)).toMatchObject({ ok: false, issues: [{ code }] });
  });
});
