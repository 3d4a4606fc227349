import { describe, expect, test } from "@jest/globals";
import { evaluate } from "./evaluate";
import { number, type Expression, type Factor } from "./expression";
import { explicitForm, FACTORS } from "./factors";

/** Arguments for each factor, in its own order, where its taught formula keeps its digits. */
const ARGUMENTS: Readonly<Record<string, readonly number[]>> = {
  growth: [0.031, 17.5],
  "continuous-growth": [0.045, 7.25],
  "equivalent-rate": [0.02, 4, 12],
  "rate-from-force": [0.06, 12],
  "level-present": [0.0125, 60],
  "level-future": [0.0125, 60],
  "growing-present": [0.05, 0.02, 25],
  "growing-future": [0.05, 0.08, 25],
  "steps-present": [0.03, 14],
  "rate-of-several": [0.01, 12],
};

/** Payments valued one by one: amount of payment k, from 0, one period before the first. */
function valued(amount: (k: number) => number, rate: number, count: number): number {
  let value = 0;
  for (let k = 0; k < count; k += 1) value += amount(k) / (1 + rate) ** (k + 1);
  return value;
}

const BY_HAND: Readonly<Record<string, (args: readonly number[]) => number>> = {
  growth: ([i = 0, n = 0]) => (1 + i) ** n,
  "continuous-growth": ([force = 0, t = 0]) => Math.exp(force * t),
  "equivalent-rate": ([i = 0, m = 0, p = 0]) => (1 + i) ** (m / p) - 1,
  "rate-from-force": ([force = 0, p = 0]) => Math.exp(force / p) - 1,
  "level-present": ([i = 0, n = 0]) => valued(() => 1, i, n),
  "level-future": ([i = 0, n = 0]) => valued(() => 1, i, n) * (1 + i) ** n,
  "growing-present": ([i = 0, g = 0, n = 0]) => valued((k) => (1 + g) ** k, i, n),
  "growing-future": ([i = 0, g = 0, n = 0]) => valued((k) => (1 + g) ** k, i, n) * (1 + i) ** n,
  "steps-present": ([i = 0, n = 0]) => valued((k) => k, i, n),
  "rate-of-several": ([i = 0, n = 0]) => (1 + i) ** n - 1,
};

describe.each(FACTORS.map((factor): [string, Factor] => [factor.name, factor]))(
  "%s",
  (name, factor) => {
    const args = ARGUMENTS[name] ?? [];
    const written = args.map(number);

    test("is what its payments come to one by one", () => {
      const byHand = BY_HAND[name]?.(args) ?? NaN;
      expect(factor.evaluate(args)).toBeCloseTo(byHand, 9);
    });

    test("is taught by a formula that comes to the same", () => {
      expect(evaluate(factor.explicit(written)) / factor.evaluate(args)).toBeCloseTo(1, 11);
    });
  },
);

describe("where the taught formula would divide nothing by nothing", () => {
  const named = (name: string) => FACTORS.find((factor) => factor.name === name);
  test.each<[string, string, readonly number[], number]>([
    ["level payments without a rate", "level-present", [0, 12], 12],
    ["their accumulation", "level-future", [0, 12], 12],
    ["steps without a rate", "steps-present", [0, 5], 10],
    ["growth just as high as the rate", "growing-present", [0.04, 0.04, 26], 25],
    ["the same accumulated", "growing-future", [0.04, 0.04, 1], 1],
  ])("%s", (_, name, args, wanted) => {
    const factor = named(name);
    const explicit: Expression | undefined = factor && explicitForm(factor, args.map(number));
    expect(factor?.evaluate(args)).toBeCloseTo(wanted, 12);
    expect(explicit === undefined ? NaN : evaluate(explicit)).toBeCloseTo(wanted, 12);
  });
});
