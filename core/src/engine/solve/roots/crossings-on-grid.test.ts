import { describe, expect, test } from "@jest/globals";
import { stream, effective, list, problemOf } from "../../../../test/problems";
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
  const timelineOf = (flows: object[], rates: object[] = [effective(5)]) => {
    const question = questionOf(problemOf({ rates, flows }));
    if (!question.ok) throw new Error("A problem that can be asked");
    return question.value.timeline;
  };
  const many = list("many", Array<number>(299).fill(1));
  const asked = stream("asked", "in", 5, { begins: null });

  test("is what it wants, for a few flows", () => {
    const timeline = timelineOf([asked, stream("pay", "out", 5, { count: 12 })]);
    expect(affordableLooks(timeline, 12_000, 1)).toBe(12_000);
    expect(affordableLooks(timeline, 12_000, 0.1)).toBe(1200);
  });

  test("does not depend on what stays where it is", () => {
    expect(affordableLooks(timelineOf([asked, many]), 12_000, 1)).toBe(12_000);
  });

  test("is less where each look costs more: for many amounts that move, or many rates", () => {
    const moving = { ...list("many", Array<number>(300).fill(1)), begins: null };
    expect(affordableLooks(timelineOf([moving]), 12_000, 1)).toBe(1000);
    expect(affordableLooks(timelineOf([moving]), 999, 0.5)).toBe(499);
    const rates = Array.from({ length: 33 }, (_, years) => ({
      ...effective(5),
      ...(years === 0 ? {} : { from: `P${years}Y` }),
    }));
    expect(affordableLooks(timelineOf([moving], rates), 12_000, 1)).toBe(40);
  });
});
