import { expect, test } from "@jest/globals";
import { balancePoints } from "./balance-points";

const row = (time: number) => ({ time, opening: time, interest: 1, moved: 2, closing: time + 3 });

test("a short account is drawn with its growth and its jumps", () => {
  expect(balancePoints([row(0), row(1)], 4)).toEqual([
    { years: 0, balance: 1 },
    { years: 0, balance: 3 },
    { years: 1, balance: 2 },
    { years: 1, balance: 4 },
  ]);
});

test("a long one by as many dates as can be seen, with its first and its last", () => {
  const points = balancePoints(
    Array.from({ length: 10_950 }, (_, index) => row(index / 365)),
    40,
  );
  expect(points.length).toBeLessThan(200);
  expect(points[0]?.years).toBe(0);
  expect(points.at(-1)?.years).toBe(10_949 / 365);
});

test("rounding at the end is drawn as nothing", () => {
  const end = { time: 1, opening: 100, interest: 5, moved: -105, closing: -3e-12 };
  expect(balancePoints([end], 105).at(-1)).toEqual({ years: 1, balance: 0 });
});
