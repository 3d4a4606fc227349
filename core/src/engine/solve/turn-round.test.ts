import { describe, expect, test } from "@jest/globals";
import { effective, list, problemOf, single, stream } from "../../../test/problems";
import { issue, type Issue } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { withTurn } from "./turn-round";

const oneWay = issue("one-way-money", [], { direction: "out" });
const flow = (id: string, direction: "in" | "out" = "out") => single(id, direction, 1, "P1Y");
const problem = (flows: object[]) => problemOf({ rates: [effective(5)], flows });

/** Would be solvable with just these flows turned from out to in. */
const helps =
  (...ids: string[]) =>
  ({ flows }: Problem) =>
    flows.some((each) => ids.includes(each.id) && "direction" in each && each.direction === "in");

const turnsOf = (
  flows: object[],
  isSolvable: (turned: Problem) => boolean,
  issues: Issue[] = [oneWay],
) => withTurn(problem(flows), issues, isSolvable).map((found) => (found as { turn?: string }).turn);

describe("the flow to turn round", () => {
  test.each<[string, object[], (turned: Problem) => boolean, string | undefined]>([
    ["the one that helps", [flow("a"), flow("b"), flow("c")], helps("b"), "b"],
    ["the first, where only that helps", [flow("a"), flow("b")], helps("a"), "a"],
    ["the last of several that do", [flow("a"), flow("b"), flow("c")], helps("a", "b"), "b"],
    ["none where none helps", [flow("a"), flow("b")], () => false, undefined],
    ["a stream as well", [flow("a"), stream("b", "out", 1)], helps("b"), "b"],
    ["no list: its amounts go both ways", [list("a", [1, 2])], () => true, undefined],
    [
      "from in to out",
      [flow("a", "in")],
      ({ flows }) => flows.some((each) => "direction" in each && each.direction === "out"),
      "a",
    ],
    ["of twelve flows", Array.from({ length: 12 }, (_, i) => flow(`f${i}`)), () => true, "f11"],
    [
      "none of thirteen",
      Array.from({ length: 13 }, (_, i) => flow(`f${i}`)),
      () => true,
      undefined,
    ],
    [
      "beside 500 amounts in lists",
      [flow("a"), list("b", Array<number>(250).fill(1)), list("c", Array<number>(250).fill(1))],
      () => true,
      "a",
    ],
    [
      "not beside more, which would take too long to try",
      [flow("a"), list("b", Array<number>(501).fill(1))],
      () => true,
      undefined,
    ],
  ])("%s", (_, flows, isSolvable, turn) => {
    expect(turnsOf(flows, isSolvable)).toEqual([turn]);
  });

  test("is told on the issues that it may be behind, and on no others", () => {
    const cancels = issue("unknown-cancels", [], {});
    expect(turnsOf([flow("a")], () => true, [cancels, oneWay])).toEqual([undefined, "a"]);
  });

  test("is not looked for where it cannot be the reason", () => {
    let tried = 0;
    const isSolvable = () => {
      tried += 1;
      return true;
    };
    const cancels = issue("unknown-cancels", [], {});
    expect(turnsOf([flow("a")], isSolvable, [cancels])).toEqual([undefined]);
    expect(tried).toBe(0);
  });
});
