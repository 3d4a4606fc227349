import { describe, expect, test } from "@jest/globals";
import { single, stream, effective, list, problemOf } from "../../../test/problems";
import { questionOf } from "../solve";
import { crossingsOnGrid } from "./crossings-on-grid";
import { affordableLooks } from "./looks";

describe("roots along a grid", () => {
  test.each<[string, (x: number) => number, number, number, number[]]>([
    ["between two points", (x) => x - 2.5, 5, 1, [2.5]],
    ["on a point", (x) => x - 2, 5, 1, [2]],
    ["on the first", (x) => x, 5, 1, [0]],
    ["on the last", (x) => x - 5, 5, 1, [5]],
    ["beyond the last", (x) => x - 5.01, 5, 1, []],
    ["several", (x) => Math.cos(Math.PI * x), 3, 1, [0.5, 1.5, 2.5]],
    ["with narrow steps", (x) => (x - 0.11) * (x - 0.19), 10, 0.15, [0.11, 0.19]],
    ["left again within one step, missed", (x) => (x - 0.11) * (x - 0.12), 10, 0.15, []],
    ["a jump is no root", (x) => 1 / (x - 2.5), 5, 1, []],
    ["no value, no root", (x) => (x < 2.2 ? NaN : x - 3.5), 5, 1, [3.5]],
  ])("%s", (_, f, steps, width, roots) => {
    expect(crossingsOnGrid(f, steps, width)).toEqual(roots.map((root) => expect.closeTo(root, 9)));
  });

  test("no more of them, and no more looks, than are wanted", () => {
    let furthest = 0;
    const f = (x: number) => {
      furthest = Math.max(furthest, x);
      return Math.cos(Math.PI * x);
    };
    expect(crossingsOnGrid(f, 100, 1, 2)).toEqual(
      [0.5, 1.5].map((root) => expect.closeTo(root, 9)),
    );
    expect(furthest).toBe(2);
  });
});

describe("how many looks a search may take", () => {
  const flowsOf = (flows: object[]) => {
    const question = questionOf(problemOf({ rates: [effective(5)], flows }));
    if (!question.ok) throw new Error("A problem that can be asked");
    return question.value.timeline.flows;
  };
  const asked = single("asked", "in", null, "P0D");

  test("is what it wants, for a few flows", () => {
    const flows = flowsOf([asked, stream("pay", "out", 5, { count: 12 })]);
    expect(affordableLooks(flows, 12_000, 1)).toBe(12_000);
    expect(affordableLooks(flows, 12_000, 0.1)).toBe(1200);
  });

  test("is less where each look costs more", () => {
    const flows = flowsOf([asked, list("many", Array<number>(299).fill(1))]);
    expect(affordableLooks(flows, 12_000, 1)).toBe(1000);
    expect(affordableLooks(flows, 999, 0.5)).toBe(499);
  });
});
