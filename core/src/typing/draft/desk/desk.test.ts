import { expect, test } from "@jest/globals";
import { FIRST_DESK, readDesk } from "./desk";

test("what was kept is read part by part, and what cannot be read is left out", () => {
  const { real, table, ...others } = FIRST_DESK;
  expect(readDesk(JSON.parse(JSON.stringify(FIRST_DESK)))).toEqual(FIRST_DESK);
  const bad = { real: { ...real, rate: 5 }, table: { ...table, kind: "unheard-of" } };
  expect(readDesk({ ...others, ...bad, horoscope: {} })).toEqual(others);
});

test("a rate that was kept before it had a time over which others agree is read", () => {
  const { over, ...restated } = FIRST_DESK.restated;
  expect(readDesk({ restated })).toEqual({ restated: { ...restated, over } });
});

test.each([null, undefined, "desk", 7, [], [real()]])("%j is no desk: nothing is read", (kept) => {
  expect(readDesk(kept)).toEqual({});
});

function real() {
  return FIRST_DESK.real;
}
