import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { evenFlows } from "../project-flows";
import { netValue } from "../measures";
import { bestOne, bestWithin } from "./choose";
import { increments } from "./increments";
import { crossings, differenceOf, judgeAll, placesBy } from "./compare-projects";

const yearly = (...amounts: number[]) => evenFlows(amounts, "P1Y");

/** The textbook's conflict: the smaller one has the higher rate, the larger one the higher value. */
const small = yearly(-1000, 700, 600);
const large = yearly(-5000, 3000, 3200);
const poor = yearly(-800, 300, 300);

describe("ranking", () => {
  const judged = judgeAll([small, large, poor], { hurdlePercent: 8 });

  test("net present value and internal rate disagree", () => {
    expect(placesBy(judged, "npv")).toEqual([2, 1, 3]);
    expect(placesBy(judged, "irr")).toEqual([1, 2, 3]);
  });

  test("less time to get the money back is better, and never comes last of none", () => {
    expect(placesBy(judged, "payback")).toEqual([1, 2, null]);
  });

  test("those that are alike share their place, and the next is counted on", () => {
    const alike = judgeAll([small, small, poor], { hurdlePercent: 8 });
    expect(placesBy(alike, "npv")).toEqual([1, 1, 3]);
  });

  test("several internal rates put a project into no order", () => {
    const several = judgeAll([small, yearly(-1000, 3600, -4310, 1716)], { hurdlePercent: 8 });
    expect(placesBy(several, "irr")).toEqual([1, null]);
  });
});

describe("where two are worth the same", () => {
  test("is the internal rate of the one less the other", () => {
    const [only] = crossings([small, large]);
    expect(only?.pair).toEqual([0, 1]);
    // −4000 + 2300 v + 2600 v² = 0
    const root = (-2300 + Math.sqrt(2300 ** 2 + 4 * 2600 * 4000)) / (2 * 2600);
    expect(only?.percent).toBeCloseTo((1 / root - 1) * 100, 9);
  });

  test("both are worth there what is told, for any two projects on any times", () => {
    const project = fc
      .array(fc.integer({ min: -900, max: 900 }), { minLength: 2, maxLength: 7 })
      .chain((amounts) => fc.constantFrom("P1Y", "P6M").map((every) => evenFlows(amounts, every)));
    fc.assert(
      fc.property(project, project, (one, other) => {
        for (const { percent, value } of crossings([one, other])) {
          const force = Math.log1p(percent / 100);
          const size = netValue(
            [...one, ...other].map(({ at, amount }) => ({ at, amount: Math.abs(amount) })),
            force,
          );
          expect(Math.abs(netValue(other, force) - value)).toBeLessThan(1e-7 * Math.max(1, size));
        }
      }),
    );
  });

  test("a project has no crossing with itself", () => {
    expect(crossings([small, small])).toEqual([]);
  });
});

test("the one less the other is taken date by date, at unequal periods too", () => {
  expect(differenceOf(yearly(-100, 60), evenFlows([-40, 10, 20], "P6M"))).toEqual([
    { at: 0, amount: -60, label: "" },
    { at: 0.5, amount: -10, label: "" },
    { at: 1, amount: 40, label: "" },
  ]);
});

describe("choosing", () => {
  const judged = judgeAll([small, large, poor], { hurdlePercent: 8 });

  test("one alone: the one that is worth the most, or none", () => {
    expect(bestOne(judged)?.taken).toEqual([1]);
    expect(bestOne(judgeAll([poor], { hurdlePercent: 8 }))).toBeNull();
  });

  test.each([
    [999, null],
    [1000, [0]],
    [5000, [1]],
    [6000, [0, 1]],
    [60_000, [0, 1]],
  ])("with a budget of %d", (budget, taken) => {
    expect(bestWithin(judged, budget)?.taken ?? null).toEqual(taken);
  });

  test("a budget that is met to the cent is met", () => {
    const cents = judgeAll([yearly(-0.1, 1), yearly(-0.2, 1)], { hurdlePercent: 8 });
    expect(bestWithin(cents, 0.3)?.taken).toEqual([0, 1]);
  });

  test("no set that fits is worth more", () => {
    const project = fc
      .tuple(fc.integer({ min: 1, max: 900 }), fc.integer({ min: 1, max: 1500 }))
      .map(([outlay, later]) => yearly(-outlay, later));
    fc.assert(
      fc.property(
        fc.array(project, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 3000 }),
        (flows, budget) => {
          const projects = judgeAll(flows, { hurdlePercent: 10 });
          // One after the other, taken or not: the naive way.
          const most = (place: number, left: number): number => {
            const own = projects[place];
            if (own === undefined) return 0;
            const outlay = -(own.flows[0]?.amount ?? 0);
            const without = most(place + 1, left);
            const npv = own.judged.ok ? own.judged.value.npv : NaN;
            return outlay > left
              ? without
              : Math.max(without, npv + most(place + 1, left - outlay));
          };
          expect(bestWithin(projects, budget)?.npv ?? 0).toBeCloseTo(most(0, budget), 8);
        },
      ),
    );
  });
});

describe("the incremental project", () => {
  test("is the larger less the smaller, in the order of the outlays", () => {
    const [first, second] = increments([large, small, poor], { hurdlePercent: 8 });
    expect(first).toMatchObject({ from: 2, to: 1 });
    expect(second).toMatchObject({ from: 1, to: 0 });
    expect(second?.flows.map(({ amount }) => amount)).toEqual([-4000, 2300, 2600]);
  });

  test("is worth what the two are apart, whatever they are", () => {
    const project = fc
      .array(fc.integer({ min: -900, max: 900 }), { minLength: 1, maxLength: 5 })
      .map((amounts) => yearly(...amounts));
    fc.assert(
      fc.property(fc.array(project, { minLength: 2, maxLength: 6 }), (projects) => {
        const judged = judgeAll(projects, { hurdlePercent: 9 });
        const npv = (place: number) => {
          const found = judged[place]?.judged;
          return found?.ok === true ? found.value.npv : NaN;
        };
        for (const { from, to, judged: increment } of increments(projects, { hurdlePercent: 9 })) {
          expect(increment.ok && increment.value.npv).toBeCloseTo(npv(to) - npv(from), 7);
        }
      }),
    );
  });
});
