import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { problemOf, single, solved, stream, whyNot, list } from "../../../test/problems";
import { sentenceOf } from "../../wording/sentences";
import { USUAL_FORMAT } from "../../wording/answer-format";
import { solve } from "./solve";

/**
 * Simple interest, bank discount and simple interest over fractions of a period, by their definitions: interest is put
 * together month by month, and each amount is moved by itself.
 */
interface Law {
  readonly quoted: "simple" | "bank-discount" | "effective";
  /** Percents a year, and the months from which they hold. */
  readonly spells: readonly { readonly percent: number; readonly month: number }[];
}

interface Moved {
  readonly amount: number;
  readonly month: number;
}

function factorOver({ quoted, spells }: Law, from: number, to: number): number {
  if (quoted === "effective") {
    const rate = (spells[0]?.percent ?? 0) / 100;
    let value = 1;
    let month = from;
    for (; month + 12 <= to; month += 12) value *= 1 + rate;
    return value * (1 + (rate * (to - month)) / 12);
  }
  let interest = 0;
  for (let month = from; month < to; month += 1) {
    const spell = spells.findLast((one) => one.month <= month) ?? spells[0];
    interest += (spell?.percent ?? 0) / 1200;
  }
  return quoted === "simple" ? 1 + interest : 1 / (1 - interest);
}

function worthAt(law: Law, amounts: readonly Moved[], focal: number): number {
  return amounts.reduce((sum, { amount, month }) => {
    const factor =
      month <= focal ? factorOver(law, month, focal) : 1 / factorOver(law, focal, month);
    return sum + amount * factor;
  }, 0);
}

const iso = (month: number) => (month < 0 ? `-P${-month}M` : `P${month}M`);

function fileOf(law: Law, amounts: readonly Moved[], focal: number, unknown: object): object {
  return {
    ...(law.quoted === "effective" ? { fraction: "simple" } : {}),
    focal: iso(focal),
    rates: law.spells.map(({ percent, month }) => ({
      percent,
      quoted: law.quoted,
      ...(month === 0 ? {} : { from: iso(month) }),
    })),
    flows: [
      ...amounts.map(({ amount, month }, index) =>
        single(`f${index}`, amount < 0 ? "out" : "in", Math.abs(amount), iso(month)),
      ),
      unknown,
    ],
  };
}

const months = fc.integer({ min: -24, max: 60 });
const amounts = fc.array(
  fc.record({
    amount: fc
      .integer({ min: -5_000_000, max: 5_000_000 })
      .map((cents) => cents / 100)
      .filter((amount) => amount !== 0),
    month: months,
  }),
  { minLength: 1, maxLength: 6 },
);

const percents = fc.integer({ min: 1, max: 1100 }).map((points) => points / 100);
const laws: fc.Arbitrary<Law> = fc.oneof(
  fc.record({
    quoted: fc.constantFrom("simple" as const, "bank-discount" as const),
    spells: fc
      .tuple(percents, fc.option(fc.tuple(fc.integer({ min: 1, max: 30 }), percents)))
      .map(([first, later]) => [
        { percent: first, month: 0 },
        ...(later === null ? [] : [{ month: later[0], percent: later[1] }]),
      ]),
  }),
  percents.map((percent) => ({ quoted: "effective" as const, spells: [{ percent, month: 0 }] })),
);

describe("what is found balances at the focal date, every amount moved by itself", () => {
  test("an amount", () => {
    fc.assert(
      fc.property(laws, amounts, months, months, (law, known, month, focal) => {
        const problem = fileOf(law, known, focal, single("x", "in", null, iso(month)));
        const { value, direction } = solved(problem).answers[0];
        const own = { amount: direction === "in" ? value : -value, month };
        const size = known.reduce((sum, { amount }) => sum + Math.abs(amount), Math.abs(value));
        expect(Math.abs(worthAt(law, [...known, own], focal))).toBeLessThan(1e-12 * size * 10);
      }),
    );
  });

  test("a payment of a stream", () => {
    fc.assert(
      fc.property(laws, amounts, months, months, (law, known, begins, focal) => {
        const parts = { every: "P3M", count: 7, begins: iso(begins), timing: "start" };
        const problem = fileOf(law, known, focal, stream("x", "out", null, parts));
        const { value, direction } = solved(problem).answers[0];
        const payments = Array.from({ length: 7 }, (_, index) => ({
          amount: direction === "in" ? value : -value,
          month: begins + 3 * index,
        }));
        const size = known.reduce((sum, { amount }) => sum + Math.abs(amount), 7 * value);
        expect(Math.abs(worthAt(law, [...known, ...payments], focal))).toBeLessThan(1e-11 * size);
      }),
    );
  });

  test("every rate there is, the one it was made with among them", () => {
    fc.assert(
      fc.property(laws, amounts, months, months, (law, known, month, focal) => {
        const [spell] = law.spells;
        if (spell === undefined) return;
        const flat: Law = { ...law, spells: [spell] };
        const amount = -worthAt(flat, known, focal) / worthAt(flat, [{ amount: 1, month }], focal);
        const all = [...known, { amount, month }];
        if (Math.abs(amount) < 1 || Math.abs(amount) > 1e9) return;
        const file = fileOf(flat, all, focal, single("zero", "in", 0, "P0D"));
        const solution = solve(
          problemOf({ ...file, rates: [{ quoted: flat.quoted, percent: null }] }),
        );
        // Amounts of one date balance at every rate, or at none.
        if (new Set(all.map((one) => one.month)).size === 1) {
          expect(solution.ok).toBe(false);
          return;
        }
        if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
        const { answers } = solution.value;
        const size = all.reduce((sum, one) => sum + Math.abs(one.amount), 0);
        for (const { value } of answers) {
          if (Math.abs(value) > 50) continue;
          const worthFor = (percent: number) =>
            worthAt({ ...flat, spells: [{ percent, month: 0 }] }, all, focal);
          // A steep balance moves by more than its rate is told apart.
          const slack = worthFor(value * (1 + 1e-9)) - worthFor(value * (1 - 1e-9));
          expect(Math.abs(worthFor(value))).toBeLessThan(1e-8 * size + Math.abs(slack));
        }
        // A double root may be told a little beside itself.
        const nearest = Math.min(...answers.map(({ value }) => Math.abs(value - spell.percent)));
        expect(nearest).toBeLessThan(1e-3);
      }),
    );
  });

  test("the date of an amount", () => {
    fc.assert(
      fc.property(laws, amounts, months, months, (law, known, month, focal) => {
        const rest = worthAt(law, known, focal);
        const amount = -rest / worthAt(law, [{ amount: 1, month }], focal);
        if (Math.abs(amount) < 1 || Math.abs(amount) > 1e9 || Math.abs(rest) < 1) return;
        const own = single("x", amount < 0 ? "out" : "in", Math.abs(amount), null);
        const { answers } = solved(fileOf(law, known, focal, own));
        const found = answers.map(({ value }) => Math.abs(value - month / 12));
        // Interest is above zero here, so that there is one date.
        expect(Math.min(...found)).toBeLessThan(1e-7);
      }),
    );
  });

  test("a count: what is paid balances, the last payment included", () => {
    fc.assert(
      fc.property(
        laws,
        fc.integer({ min: 2, max: 40 }),
        fc.integer({ min: 0, max: 40 }),
        fc.integer({ min: 100, max: 900 }),
        (law, payments, focal, payment) => {
          const loan = payments * payment * 0.93;
          const problem = fileOf(
            law,
            [{ amount: loan, month: 0 }],
            focal,
            stream("x", "out", payment, { every: "P1M", count: null }),
          );
          const solution = solve(problemOf(problem));
          if (!solution.ok) return;
          const whole = solution.value.facts.wholePayments;
          if (whole === undefined) throw new Error("A count comes in whole payments");
          const paid = [
            { amount: loan, month: 0 },
            ...Array.from({ length: whole.full }, (_, index) => ({
              amount: -payment,
              month: index + 1,
            })),
            ...(whole.last === null ? [] : [{ amount: -whole.last.amount, month: whole.full + 1 }]),
          ];
          expect(Math.abs(worthAt(law, paid, focal))).toBeLessThan(1e-9 * loan);
        },
      ),
    );
  });
});

const simple = (percent: unknown) => ({ percent, quoted: "simple" });
const twoDebts = (parts: object, at = "P3M") => ({
  rates: [simple(8)],
  flows: [
    single("first", "in", 1000, "P0D"),
    single("second", "in", 2000, "P9M"),
    single("instead", "out", null, at),
  ],
  ...parts,
});

describe("the focal date", () => {
  test.each<[string, object, number]>([
    ["is that of an unknown single amount", twoDebts({}), 0.25],
    ["is the one that is said", twoDebts({ focal: "P9M" }), 0.75],
    ["is a date that is said", twoDebts({ today: "2027-01-01", focal: "2027-12-31" }), 364 / 365],
    [
      "is today where a rate is sought",
      {
        rates: [simple(null)],
        flows: [single("lent", "out", 100, "P0D"), single("back", "in", 104, "P6M")],
      },
      0,
    ],
    [
      "is that of the unknown one of a list",
      { rates: [simple(8)], flows: [list("project", [-100, 50, null], { every: "P6M" })] },
      1,
    ],
    [
      "is the date that a value is asked for",
      {
        rates: [simple(8)],
        flows: [single("a", "in", 100, "P0D")],
        ask: { find: "value", at: "P2Y" },
      },
      2,
    ],
    [
      "follows what it waits for",
      {
        rates: [simple(8)],
        focal: { endOf: "payments" },
        flows: [
          single("loan", "in", 1000, "P0D"),
          stream("payments", "out", null, { every: "P1M", count: 10 }),
        ],
      },
      10 / 12,
    ],
  ])("%s", (_, parts, years) => {
    expect(solved(parts).settled.focal).toBeCloseTo(years, 12);
  });

  test("is none where any date gives the same", () => {
    const parts = { ...twoDebts({ focal: "P9M" }), rates: [{ percent: 8, quoted: "effective" }] };
    expect(solved(parts).settled.focal).toBeNull();
    expect(solved(parts).answers[0].value).toBeCloseTo(
      solved({ ...parts, focal: "P0D" }).answers[0].value,
      9,
    );
  });

  test("makes a difference with simple interest", () => {
    const [own, later] = [twoDebts({}), twoDebts({ focal: "P9M" })].map(
      (parts) => solved(parts).answers[0].value,
    );
    expect(own).toBeCloseTo(1000 * (1 + 0.08 / 4) + 2000 / (1 + 0.08 / 2), 10);
    expect(later).toBeCloseTo((1000 * (1 + 0.08 * 0.75) + 2000) / (1 + 0.08 / 2), 10);
  });
});

describe("follow-ups of simple interest look at their own date", () => {
  test("a balance, and the interest meanwhile", () => {
    const { also } = solved({
      rates: [simple(12)],
      focal: "P1Y",
      flows: [
        single("loan", "in", 1000, "P0D"),
        single("part", "out", 400, "P6M"),
        single("rest", "out", null, "P1Y"),
      ],
      also: [
        { find: "balance", at: "P3M" },
        { find: "balance", at: "P6M" },
        { find: "interest", from: "P0D", to: "P1Y" },
        { find: "total", of: "out" },
      ],
    });
    expect(also[0]).toBeCloseTo(1030, 10);
    expect(also[1]).toBeCloseTo(660, 10);
    expect(also[2]).toBeCloseTo(120 - 24, 10);
    expect(also[3]).toBeCloseTo(1096, 10);
  });
});

const bankDiscount = (percent: unknown) => ({ percent, quoted: "bank-discount" });

describe("what has no answer says why", () => {
  test.each<[string, object]>([
    [
      "no-worth-over-gap",
      {
        rates: [bankDiscount(50)],
        flows: [single("face", "in", 100, "P2Y"), single("p", "out", null, "P0D")],
      },
    ],
    [
      "no-worth-over-gap",
      {
        rates: [bankDiscount(60)],
        flows: [single("p", "out", 100, "P0D"), single("f", "in", null, "P2Y")],
      },
    ],
    [
      "no-worth-over-gap",
      {
        rates: [simple(-60)],
        flows: [single("p", "out", 100, "P0D"), single("f", "in", null, "P2Y")],
      },
    ],
    [
      "discount-too-high",
      {
        rates: [{ percent: 100, quoted: "effective-discount" }],
        flows: [single("p", "out", 100, "P0D"), single("f", "in", null, "P2Y")],
      },
    ],
    [
      "discount-too-high",
      {
        rates: [{ percent: 1300, quoted: "nominal-discount", compounding: "P1M" }],
        flows: [single("p", "out", 100, "P0D"), single("f", "in", null, "P2Y")],
      },
    ],
    [
      "forever-needs-compound",
      {
        rates: [simple(5)],
        flows: [stream("rent", "in", 5, { count: "forever" }), single("p", "out", null, "P0D")],
      },
    ],
    [
      "payments-need-compound",
      {
        rates: [simple(5)],
        flows: [
          stream("rent", "in", 5, { every: "P1D", count: 100_000 }),
          single("p", "out", null, "P0D"),
        ],
      },
    ],
    [
      "focal-beside-ask",
      {
        rates: [simple(5)],
        focal: "P1Y",
        flows: [single("p", "out", 5, "P0D")],
        ask: { find: "value", at: "P0D" },
      },
    ],
    [
      "one-way-money",
      { rates: [simple(null)], flows: [single("a", "in", 5, "P0D"), single("b", "in", 5, "P1Y")] },
    ],
    [
      "one-way-money",
      { rates: [simple(5)], flows: [single("a", "in", 5, "P0D"), single("b", "in", 5, null)] },
    ],
    [
      "rate-has-no-effect",
      {
        rates: [simple(null)],
        flows: [single("a", "in", 5, "P0D"), single("b", "out", 6, "P0D")],
      },
    ],
    [
      "any-date-balances",
      { rates: [simple(0)], flows: [single("a", "in", 5, "P0D"), single("b", "out", 5, null)] },
    ],
    [
      "date-never-reached",
      { rates: [simple(0)], flows: [single("a", "in", 5, "P0D"), single("b", "out", 6, null)] },
    ],
    [
      "nothing-to-balance",
      { rates: [simple(5)], flows: [single("a", "in", 0, "P0D"), single("b", "out", 6, null)] },
    ],
  ])("%s", (code, parts) => {
    const found = whyNot(parts);
    expect(found?.code).toBe(code);
    if (found !== null) expect(sentenceOf(found, USUAL_FORMAT)).toMatch(/^[A-Z“].*\.$/);
  });
});
