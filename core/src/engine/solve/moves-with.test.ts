import { expect, test } from "@jest/globals";
import { effective, list, problemOf, single, stream } from "../../../test/problems";
import { resolveTimeline } from "../timeline/resolve-timeline";
import { movesWith } from "./moves-with";

test.each<[string, object, boolean]>([
  ["a known date stands still", single("x", "in", 1, "P2Y"), false],
  ["an unknown amount stands still too", single("x", "in", null, "P2Y"), false],
  ["an unknown date moves", single("x", "in", 1, null), true],
  ["known payments stand still", stream("x", "in", 1), false],
  ["an unknown payment stands still", stream("x", "in", null), false],
  ["an unknown count moves", stream("x", "in", 1, { count: null }), true],
  ["an unknown start moves", stream("x", "in", 1, { begins: null }), true],
  ["a known list stands still", list("x", [1, 2]), false],
  ["an unknown entry stands still", list("x", [1, null]), false],
  ["a list of unknown start moves", list("x", [1, 2], { begins: null }), true],
])("%s", (_, flow, moves) => {
  const resolved = resolveTimeline(problemOf({ rates: [effective(5)], flows: [flow] }));
  if (!resolved.ok) throw new Error(JSON.stringify(resolved.issues));
  expect(movesWith(resolved.value.flows[0])).toBe(moves);
});

test("dates of the calendar stand still", () => {
  expect(movesWith({ kind: "dated", id: "x", entries: [] })).toBe(false);
});
