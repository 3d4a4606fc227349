import { expect, test } from "@jest/globals";
import { effective, single, solved, stream } from "../../../test/problems";
import { growthOf, paidSingle } from "./settled-timeline";

const solution = solved({
  rates: [
    effective(null),
    { percent: { plus: 2, of: 0 }, quoted: "periodic", compounding: "P6M", from: "P1Y" },
  ],
  flows: [
    single("put-in", "out", 100, "P0D"),
    stream("fee", "out", 0, { count: 2 }),
    single("back", "in", 105 * 1.07 ** 2, "P2Y"),
  ],
});

test("a settled timeline has every figure, that of the unknown and of what hangs on it too", () => {
  expect(solution.settled.spells).toEqual([
    {
      start: 0,
      quotation: { quoted: "effective" },
      percent: expect.closeTo(5, 9),
      force: expect.closeTo(Math.log(1.05), 12),
    },
    {
      start: 1,
      quotation: { quoted: "periodic", compounding: "P6M" },
      percent: expect.closeTo(7, 9),
      force: expect.closeTo(2 * Math.log(1.07), 12),
    },
  ]);
  expect(growthOf(solution.settled)).toEqual({
    starts: [0, 1],
    forces: [expect.closeTo(Math.log(1.05), 12), expect.closeTo(2 * Math.log(1.07), 12)],
  });
});

test("a single amount is found by its place, and no other kind of flow is taken for one", () => {
  expect(paidSingle(solution, 0)).toMatchObject({ id: "put-in", amount: -100, at: 0 });
  expect(paidSingle(solution, 1)).toBeNull();
  expect(paidSingle(solution, 7)).toBeNull();
});
