import { rateField } from "../../engine/fields/field-ref";
import { describe, expect, test } from "@jest/globals";
import { single, solved, stream } from "../../../test/problems";
import { quantitiesIn } from "./mathematics/quantities-in";
import { figureOf, UNROUNDED } from "./mathematics/figures";
import { workings, type Workings, type WorkingsOptions } from "./workings";
import { lineLatex, linePlain } from "./write-line";
import { writeOut } from "./write-out";

function made(file: object, options: WorkingsOptions = {}): Workings {
  return workings(solved(file), options);
}

const payments = (more: object = {}) => ({
  ...stream("pay", "out", null, { every: "P1M", count: 60 }),
  ...more,
});
const monthly = { percent: 6.9, quoted: "nominal", compounding: "P1M" };
const loan = { rates: [monthly], flows: [single("loan", "in", 52000, "P0D"), payments()] };
const plainOf = ({ steps }: Workings) =>
  steps.flatMap(({ lines }) => lines.map((line) => linePlain(line)));
const values = ({ steps }: Workings) =>
  steps.filter(({ kind }) => kind === "value").map(({ value }) => value ?? NaN);

describe("the textbook's formulas", () => {
  test.each<[string, object, readonly string[]]>([
    [
      "a loan: the payment is the price over the annuity factor",
      loan,
      [
        "i = j / m = 0.069 / 12 = 0.00575",
        "PV = PMT × (1 - (1 + i)^(-n)) / i",
        "PMT = PV / ((1 - (1 + i)^(-n)) / i)",
      ],
    ],
    [
      "savings for a goal are valued where the goal is",
      { rates: [monthly], flows: [payments(), single("goal", "in", 9000, "P5Y")] },
      ["FV = PMT × ((1 + i)^n - 1) / i", "PMT = FV / (((1 + i)^n - 1) / i)"],
    ],
    [
      "payments at the start have one period more",
      {
        rates: [monthly],
        flows: [single("loan", "in", 52000, "P0D"), payments({ timing: "start" })],
      },
      ["PV = PMT × (1 - (1 + i)^(-n)) / i × (1 + i)"],
    ],
    [
      "a count takes logarithms",
      {
        rates: [monthly],
        flows: [single("loan", "in", 52000, "P0D"), payments({ amount: 1100, count: null })],
      },
      ["(1 + i)^(-n) = 1 - PV × i / PMT", "n = -ln(1 - PV × i / PMT) / ln(1 + i)"],
    ],
    [
      "payments for ever are a division",
      {
        rates: [{ percent: null, quoted: "effective" }],
        flows: [
          single("price", "out", 40000, "P0D"),
          payments({ direction: "in", amount: 1800, every: "P1Y", count: "forever" }),
        ],
      },
      ["i = PMT / PV", "i = PMT / PV = 1,800.00 / 40,000.00 = 0.045"],
    ],
    [
      "a perpetuity due, and its rate, are rearranged",
      {
        rates: [{ percent: null, quoted: "effective" }],
        flows: [
          single("price", "out", 42000, "P0D"),
          payments({
            ...{ direction: "in", amount: 2000, every: "P1Y", count: "forever" },
            timing: "start",
          }),
        ],
      },
      [
        "PMT / i × (1 + i) = PV",
        "i = PMT / (PV - PMT)",
        "i = PMT / (PV - PMT) = 2,000.00 / (42,000.00 - 2,000.00) = 0.05",
      ],
    ],
    [
      "payments every eight years have a rate per eight years, without a fraction",
      {
        rates: [{ percent: 6, quoted: "effective" }],
        flows: [
          single("price", "out", null, "P0D"),
          payments({ direction: "in", amount: 500, every: "P8Y", count: 3 }),
        ],
      },
      ["ip = (1 + i)^8 - 1 = 1.06^8 - 1 = 0.593848074531"],
    ],
    [
      "amounts at three dates are a quadratic",
      {
        rates: [{ percent: null, quoted: "effective" }],
        flows: [
          single("a", "out", 1000, "P0D"),
          single("b", "in", 600, "P1Y"),
          single("c", "in", 550, "P2Y"),
        ],
      },
      [
        "a × (1 + i)^2 + b × (1 + i) + c = 0",
        "x = (-b + √(b^2 - 4 × a × c)) / (2 × a)",
        "i = x - 1 = 1.1 - 1 = 0.1",
      ],
    ],
    [
      "saving and spending meet where the spending begins",
      {
        rates: [monthly],
        flows: [
          payments({ count: 120 }),
          payments({ id: "draw", direction: "in", amount: 500, begins: "P10Y" }),
        ],
      },
      ["PMT2 × (1 - (1 + i)^(-n2)) / i = PMT1 × ((1 + i)^n1 - 1) / i"],
    ],
    [
      "deferred payments are valued one period before the first, and then today",
      {
        rates: [{ percent: 5, quoted: "effective" }],
        flows: [
          single("price", "out", null, "P0D"),
          payments({
            ...{ direction: "in", amount: 2400, every: "P1Y", count: 10 },
            begins: "P4Y",
          }),
        ],
      },
      [
        "PMT × (1 - (1 + i)^(-n)) / i = 2,400.00 × 7.72173492918 = 18,532.16383",
        "PV = 18,532.16383 × 0.822702474792 = 15,246.4570462",
      ],
    ],
    [
      "continuous interest uses the exponential",
      {
        rates: [{ percent: 4, quoted: "continuous" }],
        flows: [single("a", "out", 100, "P0D"), single("b", "in", null, "P2Y")],
      },
      ["FV = PV × e^(δ × t)"],
    ],
    [
      "a loan that changes its rate is valued at the change and then today",
      {
        rates: [monthly, { percent: 5, quoted: "effective", from: "P2Y" }],
        flows: [single("loan", "in", 52000, "P0D"), payments()],
      },
      ["k = p × 2 = 12 × 2 = 24", "(1 + i1)^(-k) = 1.00575^(-24) = 0.871443049053"],
    ],
  ])("%s", (_, file, wanted) => {
    const lines = plainOf(made(file));
    for (const line of wanted) expect(lines).toContain(line);
  });

  test("annuity symbols stand for the fractions where a course has them", () => {
    const line = made(loan).steps.find(({ kind }) => kind === "equation")?.lines[0];
    if (line === undefined) throw new Error("There is an equation");
    expect(lineLatex(line, { notation: "factors" })).toBe(
      String.raw`\mathit{PV} = \mathit{PMT}\,a_{\overline{n}|\,i}`,
    );
  });
});

describe("shapes that the reference has not", () => {
  test.each<[string, object, number]>([
    [
      "payments at two frequencies",
      {
        rates: [{ percent: 5, quoted: "effective" }],
        flows: [
          payments({ amount: 100, count: 24 }),
          payments({ id: "yearly", amount: 500, every: "P1Y", count: 2 }),
          single("x", "in", null, "P0D"),
        ],
      },
      100 * sumOf(24, (k) => 1.05 ** (-k / 12)) + 500 * sumOf(2, (k) => 1.05 ** -k),
    ],
    [
      "payments that rise by a step and turn out to go the other way",
      {
        rates: [{ percent: 5, quoted: "effective" }],
        flows: [
          payments({
            ...{ direction: "in", amount: null, every: "P1Y", count: 4 },
            growth: { amount: 20, every: "P1Y" },
          }),
          single("x", "in", 900, "P0D"),
        ],
      },
      // What comes in besides is 900 and 20 more with each payment after the first.
      -(900 + 20 * sumOf(4, (k) => (k - 1) * 1.05 ** -k)) / sumOf(4, (k) => 1.05 ** -k),
    ],
    [
      "weekly payments that rise with the month",
      {
        rates: [{ percent: 5, quoted: "effective" }],
        flows: [
          payments({ amount: 10, every: "P1W", count: 30, growth: { percent: 2, every: "P1M" } }),
          single("x", "in", null, "P0D"),
        ],
      },
      10 * sumOf(30, (k) => 1.02 ** Math.floor(((k - 1) * 12) / 52 + 1e-9) * 1.05 ** (-k / 52)),
    ],
    [
      "monthly payments that rise by an amount each year",
      {
        rates: [monthly],
        flows: [
          payments({ amount: 100, count: 30, growth: { amount: 25, every: "P1Y" } }),
          single("x", "in", null, "P0D"),
        ],
      },
      sumOf(30, (k) => (100 + 25 * Math.floor((k - 1) / 12)) * 1.00575 ** -k),
    ],
    [
      "an unknown entry of a list",
      {
        rates: [{ percent: 8, quoted: "effective" }],
        flows: [
          { id: "l", kind: "list", every: "P1Y", begins: "P0D", amounts: [-1000, 400, null, 300] },
        ],
      },
      (1000 - 400 / 1.08 - 300 / 1.08 ** 3) * 1.08 ** 2,
    ],
    [
      "dated amounts",
      {
        rates: [{ percent: 8, quoted: "effective" }],
        flows: [
          {
            id: "d",
            kind: "dated",
            entries: [
              { on: "2027-03-01", amount: -5000 },
              { on: "2027-10-01", amount: null },
            ],
          },
        ],
      },
      5000 * 1.08 ** (214 / 365),
    ],
    [
      "the worth of a list at a later date",
      {
        rates: [{ percent: 8, quoted: "effective" }],
        flows: [{ id: "l", kind: "list", every: "P1Y", begins: "P0D", amounts: [-1000, 400, 400] }],
        ask: { find: "value", at: "P3Y" },
      },
      -1000 * 1.08 ** 3 + 400 * 1.08 ** 2 + 400 * 1.08,
    ],
    [
      "an amount that balances only the other way round",
      {
        rates: [monthly],
        flows: [
          single("a", "in", 100, "P0D"),
          single("b", "out", 300, "P0D"),
          single("c", "out", null, "P1Y"),
        ],
      },
      -200 * 1.00575 ** 12,
    ],
  ])("%s", (_, file, wanted) => {
    const worked = made(file);
    expect(values(worked).at(-1) ?? NaN).toBeCloseTo(wanted, 6);
    expect(writeOut(worked.steps, "plain")).not.toMatch(/NaN|undefined|Infinity/);
  });
});

function sumOf(count: number, term: (k: number) => number): number {
  return Array.from({ length: count }, (_, index) => term(index + 1)).reduce(
    (sum, one) => sum + one,
    0,
  );
}

describe("what a course may ask for", () => {
  test("the short form leaves steps out and keeps the formula, the numbers and the answer", () => {
    const short = made(loan, { level: "short" }).steps.map(({ kind }) => kind);
    expect(short).toEqual([
      "given",
      "rate-per-period",
      "equation",
      "rearranged",
      "numbers",
      "value",
      "answer",
    ]);
    expect(made(loan).steps.length).toBeGreaterThan(short.length);
  });

  test("a factor rounded to 4 decimals changes the result, and the difference is told", () => {
    const { steps } = made(loan, { rounding: { factor: 4, rate: null } });
    // 1.00575^−60 worked by hand: the factor is 50.62252…
    expect(steps.findLast(({ kind }) => kind === "value")?.value).toBeCloseTo(52000 / 50.6225, 9);
    const rounding = steps.find(({ kind }) => kind === "rounding");
    expect(rounding?.say).toContain("a difference of 0.0004");
  });

  test("a rate rounded to 4 decimals of a percent is carried on so", () => {
    const quarterly = { ...monthly, compounding: "P3M" };
    const file = { ...loan, rates: [quarterly] };
    const exact = 1.01725 ** (1 / 3) - 1;
    const rounded = Math.round(exact * 1e6) / 1e6;
    const payment = (rate: number) => (52000 * rate) / (1 - (1 + rate) ** -60);
    const value = values(made(file, { rounding: { factor: null, rate: 4 } })).at(-1);
    expect(value).toBeCloseTo(payment(rounded), 6);
    expect(value).not.toBeCloseTo(payment(exact), 4);
  });

  test("a rate is enclosed, closed in on, and put back in", () => {
    const { steps } = made({
      rates: [{ percent: null, quoted: "nominal", compounding: "P1M" }],
      flows: [single("loan", "in", 10000, "P0D"), payments({ amount: 200 })],
    });
    const search = steps.find(({ kind }) => kind === "search");
    expect(search?.say).toMatch(/cannot be isolated.*between 0\.6 and 0\.7/);
    expect(search?.table?.rows.length).toBeGreaterThan(4);
    const check = steps.find(({ kind }) => kind === "check");
    expect(check?.value).toBeCloseTo(10000, 6);
  });
});

describe("long problems keep formulas that can be read", () => {
  const amounts = Array.from({ length: 5000 }, (_, index) =>
    index === 0 ? -500_000 : 100 + index / 10,
  );
  test.each<[string, object]>([
    [
      "200 lines",
      {
        rates: [monthly],
        flows: [
          ...Array.from({ length: 199 }, (_, k) =>
            single(`a${k}`, k % 3 === 0 ? "out" : "in", 100 + k, `P${k}M`),
          ),
          single("x", "out", null, "P0D"),
        ],
      },
    ],
    [
      "a list of 5,000 amounts",
      {
        rates: [monthly],
        flows: [{ id: "l", kind: "list", every: "P1M", begins: "P0D", amounts }],
        ask: { find: "value", at: "P0D" },
      },
    ],
    [
      "sixty rates, and growth out of step with the payments",
      {
        rates: Array.from({ length: 60 }, (_, k) => ({
          ...monthly,
          percent: 3 + (k % 7),
          ...(k === 0 ? {} : { from: `P${k}Y` }),
        })),
        flows: [
          payments({
            amount: 100,
            every: "P1W",
            count: 3100,
            growth: { percent: 2, every: "P1M" },
          }),
          single("x", "in", null, "P60Y"),
        ],
      },
    ],
  ])("%s", (_, file) => {
    const lines = plainOf(made(file));
    expect(Math.max(...lines.map((line) => line.length))).toBeLessThan(600);
  });
});

describe("where numbers come from", () => {
  const worked = made(loan);
  test("each number of a line leads to the field or to the line that it comes from", () => {
    const line = worked.steps.find(({ kind }) => kind === "rate-per-period")?.lines[0];
    if (line === undefined) throw new Error("The rate is converted");
    const from = quantitiesIn(line).map((quantity) => [
      figureOf(quantity, UNROUNDED),
      quantity.field,
    ]);
    expect(from).toEqual([
      ["0.069", rateField(0, "percent")],
      ["12", rateField(0, "quotation")],
    ]);
    expect(lineLatex(line, { isMarked: true })).toContain(String.raw`\htmlData{from=`);
  });

  test("every number that is put in is given by a field or worked out in an earlier line", () => {
    const known = new Set(worked.quantities.filter(({ field }) => field !== null));
    for (const { lines } of worked.steps) {
      for (const line of lines) {
        for (const quantity of quantitiesIn(line)) expect(known).toContain(quantity);
        if (line.defines !== undefined) known.add(line.defines);
      }
    }
  });
});

test("workings are taken elsewhere as text, as LaTeX and as Markdown", () => {
  const { steps } = made(loan);
  expect(writeOut(steps, "plain")).toContain("   i = j / m = 0.069 / 12 = 0.00575");
  expect(writeOut(steps, "latex")).toContain(
    String.raw`\[ i = \frac{j}{m} = \frac{0.069}{12} = 0.00575 \]`,
  );
  expect(writeOut(steps, "markdown")).toContain(
    String.raw`$i = \frac{j}{m} = \frac{0.069}{12} = 0.00575$`,
  );
});
