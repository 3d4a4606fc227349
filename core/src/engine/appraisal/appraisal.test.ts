import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import cases from "../../../reference/appraisals.json";
import { appraise, appraiseAsFar, type Appraisal } from "./appraise";
import { crossoverRates } from "./crossover";
import { internalRates } from "./internal-rates";
import { netValue } from "./measures";
import { datedFlows, evenFlows } from "./project-flows";

function appraised(
  amounts: readonly number[],
  hurdlePercent = 10,
  reinvestPercent = hurdlePercent,
  every = "P1Y",
): Appraisal {
  const result = appraise(evenFlows(amounts, every), { hurdlePercent, reinvestPercent });
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value;
}

function ratesOf(result: ReturnType<typeof internalRates>): readonly number[] {
  if (!result.ok) throw new Error(JSON.stringify(result.issues));
  return result.value.percents;
}

describe.each(cases)(
  "$id of the reference",
  ({ amounts, hurdlePercent, reinvestPercent, every, expect: wanted }) => {
    const found = appraised(amounts, hurdlePercent, reinvestPercent, every);

    test("has all internal rates and no others", () => {
      expect(found.irrPercents).toHaveLength(wanted.irrPercents.length);
      wanted.irrPercents.forEach((percent, index) => {
        expect(Math.abs((found.irrPercents[index] ?? NaN) / Number(percent) - 1)).toBeLessThan(
          1e-12,
        );
      });
    });

    test.each([
      "npv",
      "mirrPercent",
      "payback",
      "discountedPayback",
      "profitabilityIndex",
      "equivalentAnnual",
    ] as const)("%s", (measure) => {
      const expected = wanted[measure];
      if (expected === null) expect(found[measure]).toBeNull();
      else {
        const error = Math.abs((found[measure] ?? NaN) - Number(expected));
        expect(error).toBeLessThan(Math.max(1e-12 * Math.abs(Number(expected)), 1e-10));
      }
    });
  },
);

describe("internal rates", () => {
  /** Π (1 + r_k)·x − 1, expanded: flows that have just the rates r_k. */
  const flowsWithRates = (percents: readonly number[]) => {
    let amounts = [1];
    for (const percent of percents) {
      const next = Array<number>(amounts.length + 1).fill(0);
      amounts.forEach((amount, index) => {
        next[index] = (next[index] ?? 0) - amount;
        next[index + 1] = (next[index + 1] ?? 0) + amount * (1 + percent / 100);
      });
      amounts = next;
    }
    return amounts.map((amount) => Math.round(amount * 1e9) / 1e9);
  };

  test("none is missed and none invented, also where they crowd each other", () => {
    const percent = fc.integer({ min: -8, max: 40 }).map((tenth) => tenth * 10);
    fc.assert(
      fc.property(fc.uniqueArray(percent, { minLength: 1, maxLength: 6 }), (percents) => {
        const found = ratesOf(internalRates(evenFlows(flowsWithRates(percents), "P1Y")));
        const wanted = [...percents].sort((one, other) => one - other);
        expect(found).toHaveLength(wanted.length);
        wanted.forEach((rate, index) => expect(found[index]).toBeCloseTo(rate, 9));
      }),
    );
  });

  test.each<[string, number[], number[]]>([
    ["one that only touches", [1000, -2300, 1322.5], [15]],
    ["two that touch", flowsWithRates([10, 10, 30, 30]), [10, 30]],
    ["three in one", flowsWithRates([20, 20, 20]), [20]],
    ["one at zero beside another", [-100, 230, -130], [0, 30]],
    ["twice zero", [100, -200, 100], [0]],
    ["a tenth of a percent apart", flowsWithRates([10, 10.1]), [10, 10.1]],
    ["a hundred thousand percent", [-1, 1001], [100_000]],
    ["none: all of one sign", [5, 6, 7], []],
    ["none: outlays around a gain", [-1050, 350, -855, 350, -500], []],
    ["a single flow", [-5], []],
    ["nothing but zeros", [0, 0, 0], []],
  ])("%s", (_, amounts, wanted) => {
    const found = ratesOf(internalRates(evenFlows(amounts, "P1Y")));
    expect(found).toHaveLength(wanted.length);
    wanted.forEach((rate, index) => expect(found[index]).toBeCloseTo(rate, 8));
  });

  test("say how they are known to be all", () => {
    const completeness = (amounts: number[], every = "P1Y") => {
      const found = internalRates(evenFlows(amounts, every));
      return found.ok ? found.value.completeness : null;
    };
    expect(completeness([-100, 50, 60, 70])).toBe("one-change");
    // Two changes of direction, but running totals that change once: Norstrøm's case, and once backwards.
    expect(completeness([-100, 300, -10])).toBe("running-totals");
    expect(completeness([-1000, 2300, -1320])).toBe("exact-isolation");
    const dated = internalRates(
      datedFlows([
        { on: "2027-03-01", amount: -1000 },
        { on: "2028-03-05", amount: 2300 },
        { on: "2037-02-12", amount: -1320 },
      ]),
    );
    expect(dated.ok && dated.value.completeness).toBe("turning-points");
  });

  test("make every kind of flow worth nothing", () => {
    const entry = fc.record({
      day: fc.integer({ min: 0, max: 4000 }),
      amount: fc.integer({ min: -9000, max: 9000 }),
    });
    fc.assert(
      fc.property(fc.array(entry, { minLength: 2, maxLength: 12 }), (entries) => {
        const flows = entries
          .map(({ day, amount }) => ({ at: day / 365, amount }))
          .sort((one, other) => one.at - other.at);
        for (const percent of ratesOf(internalRates(flows))) {
          const force = Math.log1p(percent / 100);
          fc.pre(Math.abs(force) < 20);
          const size = netValue(
            flows.map(({ at, amount }) => ({ at, amount: Math.abs(amount) * (1 + at) })),
            force,
          );
          expect(Math.abs(netValue(flows, force))).toBeLessThan(1e-9 * size);
        }
      }),
    );
  });
});

test("a search that would take too long leaves all other measures as they are", () => {
  const flows = Array.from({ length: 260 }, (_, index) => ({
    at: Math.sqrt(index),
    amount: index % 2 === 0 ? -100 - (index % 7) : 103 + (index % 5),
  }));
  const rates = { hurdlePercent: 8 };
  expect(appraise(flows, rates)).toMatchObject({ issues: [{ code: "rate-search-too-large" }] });
  const asFar = appraiseAsFar(flows, rates);
  if (!asFar.ok) throw new Error(JSON.stringify(asFar.issues));
  expect(asFar.value.ratesIssue?.code).toBe("rate-search-too-large");
  expect(asFar.value.npv).toBeCloseTo(
    flows.reduce((sum, { at, amount }) => sum + amount / 1.08 ** at, 0),
    8,
  );
});

describe("measures", () => {
  test("all of them for a plain project", () => {
    const found = appraised([-1000, 400, 400, 400], 0);
    expect(found).toMatchObject({
      npv: 200,
      payback: 2.5,
      discountedPayback: 2.5,
      profitabilityIndex: 1.2,
    });
    expect(found.equivalentAnnual).toBeCloseTo(200 / 3, 12);
  });

  test("exist or do not: no outlay, no inflow, no time", () => {
    const { mirrPercent, payback, profitabilityIndex } = appraised([100, 50, 60]);
    expect([mirrPercent, payback, profitabilityIndex]).toEqual([null, null, null]);
    expect(appraised([-100, -50]).mirrPercent).toBeNull();
    expect(appraised([-100]).equivalentAnnual).toBeNull();
  });

  test("rates from −100 % to −90 % are told apart", () => {
    // 1/(1 + r) of 0.5 and of 20: rates of 100 % and −95 %.
    const found = appraised([10, -20.5, 1]);
    expect(found.irrPercents).toEqual([expect.closeTo(100, 9)]);
    expect(found.irrPercentsBelow).toEqual([expect.closeTo(-95, 9)]);
  });

  test("count time in years, whatever the interval", () => {
    const monthly = appraised([-100, 60, 60], 0, 0, "P1M");
    expect(monthly.payback).toBeCloseTo((1 + 40 / 60) / 12, 12);
  });

  test("days are counted from the earliest date, in whatever order they come", () => {
    const flows = datedFlows([
      { on: "2028-03-01", amount: 121 },
      { on: "2026-03-01", amount: -100 },
    ]);
    expect(flows.map(({ at }) => at)).toEqual([0, 731 / 365]);
    expect(flows.map(({ amount }) => amount)).toEqual([-100, 121]);
  });

  test.each([
    ["rate-too-low", [-100, 200], { hurdlePercent: -100 }],
    ["rate-too-low", [-100, 200], { hurdlePercent: 5, reinvestPercent: -101 }],
    ["appraisal-without-flows", [], { hurdlePercent: 5 }],
    ["answer-too-large", [-1, ...Array<number>(3000).fill(1e12)], { hurdlePercent: -99.99 }],
  ])("%s", (code, amounts, rates) => {
    const result = appraise(evenFlows(amounts, "P1Y"), rates);
    expect(result.ok ? null : result.issues[0]?.code).toBe(code);
  });
});

test("two projects cross where they are worth the same", () => {
  const [one, other] = [evenFlows([-1000, 100, 1300], "P1Y"), evenFlows([-1000, 1150, 100], "P1Y")];
  const [rate, ...others] = ratesOf(crossoverRates(one, other));
  const force = Math.log1p((rate ?? NaN) / 100);
  expect(others).toEqual([]);
  expect(netValue(one, force)).toBeCloseTo(netValue(other, force), 8);
  expect(rate).toBeCloseTo((1200 / 1050 - 1) * 100, 9);
});
