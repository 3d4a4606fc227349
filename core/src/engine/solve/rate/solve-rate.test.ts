import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import {
  effective,
  list,
  problemOf,
  single,
  solved,
  stream,
  whyNot,
} from "../../../../test/problems";
import type { Completeness } from "../solution";
import { solve } from "../solve";

const found = (flows: readonly object[], rates: readonly object[] = [effective(null)]) => {
  const { answers, completeness } = solved({ rates, flows });
  return { percents: answers.map(({ value }) => value), completeness };
};

const closeTo = (percents: readonly number[], digits = 9) =>
  percents.map((percent) => expect.closeTo(percent, digits));

/** Amounts b and c, at two times, that make −a + b·e^(−δs) − c·e^(−δt) zero at both of two forces. */
function balancingTwice(a: number, s: number, t: number, forces: readonly [number, number]) {
  const [one, other] = forces.map((force) => [Math.exp(-force * s), Math.exp(-force * t)]) as [
    [number, number],
    [number, number],
  ];
  const determinant = one[1] * other[0] - one[0] * other[1];
  return [
    (a * (one[1] - other[1])) / determinant,
    (a * (one[0] - other[0])) / determinant,
  ] as const;
}

describe("every rate is found, and how it is known that there is no other", () => {
  test.each<[string, object[], number[], Completeness]>([
    [
      "the money turns once",
      [single("a", "out", 100, "P0D"), single("b", "in", 121, "P2Y")],
      [10],
      "one-change",
    ],
    [
      "it turns once when what is paid on the same day is taken together",
      [list("in", [0, 20, 20, 151.5625]), list("out", [-100, 0, -10])],
      [25],
      "one-change",
    ],
    [
      "its running totals turn once, for a rate above zero",
      [list("a", [-100, 150, -20, -90 + 1.5 * 100])],
      [],
      "running-totals",
    ],
    [
      "they turn once backwards, for a rate below zero",
      [list("a", [30, -20, 150, -100])],
      [],
      "running-totals",
    ],
    [
      "they turn once either way, for one rate on each side",
      [list("a", [-100, 260, -150])],
      [(Math.sqrt(7600) + 260) / 2 - 100, (260 - Math.sqrt(7600)) / 2 - 100].sort((a, b) => a - b),
      "running-totals",
    ],
    ["whole periods", [list("a", [-1000, 2300, -1320])], [10, 20], "exact-isolation"],
    [
      "three rates, one of them none",
      [list("a", [-1000, 3300, -3620, 1320])],
      [0, 10, 20],
      "exact-isolation",
    ],
    [
      "whole periods of three months, a year from now",
      [list("a", [-1000, 2300, -1320], { every: "P3M", begins: "P1Y" })],
      [(1.1 ** 4 - 1) * 100, (1.2 ** 4 - 1) * 100],
      "exact-isolation",
    ],
    [
      "periods of five and seven months: whole months of both",
      [
        single("a", "out", 1000, "P0D"),
        single("b", "in", balancingTwice(1000, 5 / 12, 1, [0.1, 0.4])[0], "P5M"),
        single("c", "out", balancingTwice(1000, 5 / 12, 1, [0.1, 0.4])[1], "P1Y"),
      ],
      [Math.expm1(0.1) * 100, Math.expm1(0.4) * 100],
      "exact-isolation",
    ],
    [
      "times that have nothing in common",
      [
        single("a", "out", 1000, "P0D"),
        single("b", "in", balancingTwice(1000, 0.7131313, 2.2222222, [0.1, 0.4])[0], "P0.7131313Y"),
        single(
          "c",
          "out",
          balancingTwice(1000, 0.7131313, 2.2222222, [0.1, 0.4])[1],
          "P2.2222222Y",
        ),
      ],
      [Math.expm1(0.1) * 100, Math.expm1(0.4) * 100],
      "turning-points",
    ],
    [
      "days so far apart that exact arithmetic would take too long",
      [
        single("a", "out", 1000, "P0D"),
        single("b", "in", balancingTwice(1000, 1301 / 365, 2603 / 365, [0.1, 0.4])[0], "P1301D"),
        single("c", "out", balancingTwice(1000, 1301 / 365, 2603 / 365, [0.1, 0.4])[1], "P2603D"),
      ],
      [Math.expm1(0.1) * 100, Math.expm1(0.4) * 100],
      "turning-points",
    ],
  ])("%s", (_, flows, percents, completeness) => {
    const solution = found(flows);
    expect(solution.completeness).toBe(completeness);
    if (percents.length > 0) expect(solution.percents).toEqual(closeTo(percents, 7));
  });

  const worth = (amounts: readonly number[], percent: number) =>
    amounts.reduce((sum, amount, time) => sum + amount / (1 + percent / 100) ** time, 0);

  test("by running totals, each rate makes the amounts balance, and lies on its side of zero", () => {
    const forwards = [-100, 150, -20, 30];
    const [above] = found([list("a", forwards)]).percents;
    expect(above).toBeGreaterThan(0);
    expect(worth(forwards, above ?? NaN)).toBeCloseTo(0, 9);
    const backwards = [...forwards].reverse();
    const [below] = found([list("a", backwards)]).percents;
    expect(below).toBeLessThan(0);
    // Read backwards, growing is shrinking.
    expect((1 + (below ?? NaN) / 100) * (1 + (above ?? NaN) / 100)).toBeCloseTo(1, 12);
  });
});

describe("rates of payments that are no plain sum of terms", () => {
  /** Rates between the two at which a function of the yearly growth changes its sign, on a fine grid. */
  function scanned(f: (growth: number) => number, low: number, high: number): number[] {
    const roots: number[] = [];
    for (let percent = low; percent < high; percent += 0.05) {
      let [left, right] = [1 + percent / 100, 1 + (percent + 0.05) / 100];
      if (f(left) * f(right) > 0) continue;
      for (let step = 0; step < 60; step += 1) {
        const middle = (left + right) / 2;
        if (f(left) * f(middle) <= 0) right = middle;
        else left = middle;
      }
      roots.push((left - 1) * 100);
    }
    return roots;
  }

  test("for ever, with a cost on the way: all rates above what for ever needs", () => {
    const price = 100 / 0.08 - 700 / 1.08 ** 10;
    const { percents, completeness } = found([
      single("price", "out", price, "P0D"),
      stream("rent", "in", 100, { count: "forever" }),
      single("roof", "out", 700, "P10Y"),
    ]);
    const scan = scanned((g) => -price + 100 / (g - 1) - 700 / g ** 10, 0.01, 60);
    expect(percents).toEqual(closeTo(scan, 6));
    expect(percents).toContainEqual(expect.closeTo(8, 8));
    expect(completeness).toBe("exact-isolation");
  });

  test("growing for ever, with a cost on the way", () => {
    const price = 100 / 0.05 - 1500 / 1.08 ** 10;
    const { percents } = found([
      single("price", "out", price, "P0D"),
      stream("rent", "in", 100, { count: "forever", growth: { percent: 3, every: "P1Y" } }),
      single("roof", "out", 1500, "P10Y"),
    ]);
    const scan = scanned((g) => -price + 100 / (g - 1.03) - 1500 / g ** 10, 3.01, 60);
    expect(percents).toEqual(closeTo(scan, 6));
    expect(percents).toContainEqual(expect.closeTo(8, 7));
  });

  test("rising by an amount for ever, with a cost on the way", () => {
    const price = 100 / 0.08 + 5 / 0.08 ** 2 - 2500 / 1.08 ** 10;
    const { percents } = found([
      single("price", "out", price, "P0D"),
      stream("rent", "in", 100, { count: "forever", growth: { amount: 5, every: "P1Y" } }),
      single("roof", "out", 2500, "P10Y"),
    ]);
    const f = (g: number) => -price + 100 / (g - 1) + 5 / (g - 1) ** 2 - 2500 / g ** 10;
    expect(percents).toEqual(closeTo(scanned(f, 0.1, 60), 6));
    expect(percents).toContainEqual(expect.closeTo(8, 7));
  });

  const level = (growth: number, count: number) =>
    growth === 1 ? count : (1 - growth ** -count) / (growth - 1);

  test("a fraction of a payment, whose factor adds a root of its own that is none", () => {
    const last = (100 * level(1.06, 10.5) - 500) * 1.06 ** 20;
    const { percents } = found([
      single("loan", "out", 500, "P0D"),
      stream("back", "in", 100, { count: 10.5 }),
      single("last", "out", last, "P20Y"),
    ]);
    const f = (g: number) => -500 + 100 * level(g, 10.5) - last / g ** 20;
    const scan = scanned(f, -40.012, 90);
    expect(scan).toHaveLength(2);
    expect(percents).toEqual(closeTo(scan, 6));
  });

  test("a fraction of a payment, where a rate of zero is one of the rates", () => {
    const { percents } = found([
      single("loan", "out", 700, "P0D"),
      stream("back", "in", 100, { count: 10.5 }),
      single("last", "out", 350, "P20Y"),
    ]);
    const f = (g: number) => -700 + 100 * level(g, 10.5) - 350 / g ** 20;
    const scan = scanned(f, -40.012, 90);
    expect(scan).toHaveLength(2);
    expect(percents).toEqual(closeTo(scan, 6));
    expect(percents).toContainEqual(expect.closeTo(0, 9));
  });
});

test("a root that is −100 % to the last digit is no rate", () => {
  const flows = [single("put-in", "out", 1e12, "P0D"), single("back", "in", 1e-9, "P1Y")];
  expect(whyNot({ rates: [effective(null)], flows })).toMatchObject({ code: "no-rate-balances" });
});

describe("an unknown rate on which later ones hang", () => {
  const quotations: [string, object, (percent: number) => number][] = [
    ["effective", { quoted: "effective" }, (percent) => Math.log1p(percent / 100)],
    [
      "nominal",
      { quoted: "nominal", compounding: "P1M" },
      (percent) => 12 * Math.log1p(percent / 1200),
    ],
    [
      "periodic",
      { quoted: "periodic", compounding: "P6M" },
      (percent) => 2 * Math.log1p(percent / 100),
    ],
    ["continuous", { quoted: "continuous" }, (percent) => percent / 100],
  ];

  describe.each(quotations)("%s", (_, quotation, forceOf) => {
    const rates = [
      { ...quotation, percent: null },
      { ...quotation, percent: { plus: 2, of: 0 }, from: "P1Y" },
    ];
    const logGrowth = (percent: number, years: number) =>
      forceOf(percent) * Math.min(1, years) + forceOf(percent + 2) * Math.max(0, years - 1);

    test.each([-99.5, -97, -60, -3, 0, 4.5, 90, 400])(
      "%d % where the money turns once",
      (percent) => {
        const back = 100 * Math.exp(logGrowth(percent, 3));
        const { percents, completeness } = found(
          [single("a", "out", 100, "P0D"), single("b", "in", back, "P3Y")],
          rates,
        );
        expect(percents).toEqual(closeTo([percent]));
        expect(completeness).toBe("one-change");
      },
    );

    test.each<[number, number]>([
      [3, 20],
      [-10, 5],
      [-20, -3],
    ])("%d % and %d % where it turns twice", (low, high) => {
      // 100 = b/a(2) − c/a(5) at both.
      const [one, other] = [low, high].map((percent) => [
        Math.exp(-logGrowth(percent, 2)),
        Math.exp(-logGrowth(percent, 5)),
      ]) as [[number, number], [number, number]];
      const determinant = one[0] * -other[1] + one[1] * other[0];
      const b = (100 * (-other[1] + one[1])) / determinant;
      const c = (100 * (one[0] - other[0])) / determinant;
      const { percents, completeness } = found(
        [single("a", "out", 100, "P0D"), single("b", "in", b, "P2Y"), single("c", "out", c, "P5Y")],
        rates,
      );
      expect(percents).toEqual(closeTo([low, high], 6));
      expect(completeness).toBe("monotone-pieces");
    });
  });

  test("a rate at which the balance only touches zero is found", () => {
    const { percents } = found(
      [
        single("a", "out", 100, "P0D"),
        single("b", "in", 210, "P1Y"),
        single("c", "out", 110.25, "P2Y"),
      ],
      [effective(null), effective({ plus: 0, of: 0 }, "P1Y")],
    );
    expect(percents.length).toBeGreaterThan(0);
    for (const percent of percents) expect(percent).toBeCloseTo(5, 4);
  });

  test("a search that would take too long is given up", () => {
    const amounts = Array.from({ length: 4000 }, (_, index) => (-1) ** index * (1 + (index % 7)));
    expect(
      whyNot({
        rates: [effective(null), effective({ plus: 0, of: 0 }, "P1Y")],
        flows: [list("l", amounts, { every: "P1M" })],
      }),
    ).toMatchObject({ code: "rates-too-entangled", path: ["rates", 0, "percent"] });
  });

  const linked = [effective(null), effective({ plus: 2, of: 0 }, "P1Y")];
  const put = single("a", "out", 100, "P0D");
  test.each<[string, object[], object]>([
    [
      "all goes one way",
      [put, single("b", "out", 1, "P3Y")],
      { code: "one-way-money", direction: "out" },
    ],
    [
      "no rate lifts the middle above both ends",
      [put, single("b", "in", 150, "P2Y"), single("c", "out", 100, "P4Y")],
      { code: "no-rate-balances", turn: "c" },
    ],
    [
      "it would be higher than can be told",
      [single("a", "out", 1e-9, "P0D"), single("b", "in", 1e12, "P1Y")],
      { code: "no-rate-balances" },
    ],
    [
      "payments for ever go on while the money turns more than once",
      [put, stream("b", "in", 20, { count: "forever" }), single("c", "out", 500, "P9Y")],
      { code: "rates-too-entangled" },
    ],
    [
      "a part of a payment comes while the money turns more than once",
      [put, stream("b", "in", 20, { count: 7.5 }), single("c", "out", 500, "P9Y")],
      { code: "rates-too-entangled" },
    ],
  ])("none where %s", (_, flows, reason) => {
    expect(whyNot({ rates: linked, flows })).toMatchObject({
      path: ["rates", 0, "percent"],
      ...reason,
    });
  });
});

describe("no rate", () => {
  const turning = (parts: object) => [
    stream("in", "in", 100, parts),
    stream("out", "out", 101, { ...parts, every: "P1Y", count: 60 }),
  ];
  test.each<[string, object[], object]>([
    [
      "what comes and what goes on the same days leaves the same sign every time",
      [list("in", [0, 20, 0, 20]), list("out", [0, -10, 0, -10])],
      { code: "no-rate-balances", path: ["rates", 0, "percent"] },
    ],
    [
      "all is on one day, and does not cancel",
      [single("a", "in", 5, "P1Y"), single("b", "out", 4, "P1Y")],
      { code: "rate-has-no-effect" },
    ],
    [
      "all is on one day, and cancels",
      [single("a", "in", 5, "P1Y"), single("b", "out", 5, "P1Y")],
      { code: "every-rate-balances" },
    ],
    [
      "what comes for ever is outweighed each time, and a single term is left",
      [
        stream("in", "in", 100, { count: "forever", growth: { percent: -50, every: "P1Y" } }),
        single("out", "out", 100, "P1Y"),
        stream("more", "out", 100, { count: "forever", growth: { percent: -50, every: "P1Y" } }),
      ],
      { code: "no-rate-balances" },
    ],
    [
      "there are more payments than can be looked at one by one",
      turning({ every: "P1D", count: 30_000 }),
      { code: "rate-search-too-large", limit: 20_000 },
    ],
    [
      "payments grow beyond all numbers while the money turns",
      [
        stream("in", "in", 100, { count: 150, growth: { percent: 100_000, every: "P1Y" } }),
        stream("out", "out", 100, { count: 150, growth: { percent: 90_000, every: "P1Y" } }),
      ],
      { code: "answer-too-large" },
    ],
    [
      "the rate would pass every number",
      [single("a", "out", 1e-9, "P0D"), single("b", "in", 1e12, "P0.00001D")],
      { code: "answer-too-large" },
    ],
    [
      "another rate leaves nothing",
      [single("a", "out", 1, "P0D"), single("b", "in", 1, "P3Y")],
      { code: "rate-too-low", path: ["rates", 1, "percent"] },
    ],
  ])("where %s", (name, flows, reason) => {
    const rates = name.startsWith("another")
      ? [effective(null), effective(-100, "P1Y")]
      : [effective(null)];
    expect(whyNot({ rates, flows })).toMatchObject({ path: ["rates", 0, "percent"], ...reason });
  });

  test("of an early spell balances payments for ever that outgrow the last one", () => {
    const flows = [
      single("price", "out", 100, "P0D"),
      stream("rent", "in", 4, { count: "forever", growth: { percent: 5, every: "P1Y" } }),
    ];
    expect(whyNot({ rates: [effective(null), effective(5, "P3Y")], flows })).toMatchObject({
      code: "perpetuity-without-worth",
      id: "rent",
    });
    const { answers } = solved({ rates: [effective(null), effective(9, "P3Y")], flows });
    const growth = 1 + answers[0].value / 100;
    const three = 4 / growth + 4.2 / growth ** 2 + 4.41 / growth ** 3;
    expect(three + (4 * 1.05 ** 3) / 0.04 / growth ** 3).toBeCloseTo(100, 8);
  });
});

test("a rate that already held before today is found, and so is the one after it", () => {
  const month = fc.integer({ min: -36, max: 60 });
  const percent = fc.integer({ min: 50, max: 1500 }).map((points) => points / 100);
  const iso = (months: number) => `${months < 0 ? "-" : ""}P${Math.abs(months)}M`;
  fc.assert(
    fc.property(
      fc.uniqueArray(month, { minLength: 2, maxLength: 5 }),
      percent,
      percent,
      fc.integer({ min: 1, max: 40 }),
      fc.constantFrom(0, 1),
      fc.boolean(),
      (months, first, second, change, sought, isLinked) => {
        const [start = 0, ...others] = [...months].sort((one, other) => one - other);
        const rates = [effective(first), effective(second, iso(change))];
        const flows = [
          ...others.map((at, index) => single(`f${index}`, "out", 100 * (index + 1), iso(at))),
        ];
        const put = solved({ rates, flows: [...flows, single("x", "in", null, iso(start))] });
        const all = [...flows, single("x", "in", put.answers[0].value, iso(start))];
        const later = isLinked ? { plus: second - first, of: 0 } : second;
        const unknown =
          sought === 0
            ? [effective(null), effective(later, iso(change))]
            : [effective(first), effective(null, iso(change))];
        const solution = solve(problemOf({ rates: unknown, flows: all }));
        // A spell in which no money moves has no effect.
        if (!solution.ok) {
          expect(["rate-has-no-effect", "every-rate-balances"]).toContain(solution.issues[0]?.code);
          return;
        }
        const wanted = sought === 0 ? first : second;
        const nearest = Math.min(
          ...solution.value.answers.map(({ value }) => Math.abs(value - wanted)),
        );
        expect(nearest).toBeLessThan(1e-6);
      },
    ),
  );
});
