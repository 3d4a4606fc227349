import { describe, expect, test } from "@jest/globals";
import reference from "../../../reference/mistakes.json";
import { effective, problemOf, single, stream } from "../../../test/problems";
import type { Problem } from "../../engine/problem/schema";
import { readClaim } from "../../typing/input/read-claim";
import { MISTAKE_CODES, type MistakeCode } from "./mistake";
import { markAnswer } from "./mark";
import { tellExplanation } from "./tell";

/*
 * Numbers as somebody would get them who makes each mistake, worked by plain sums of single payments:
 * no closed form, and nothing of the catalogue, stands behind them.
 */

function sumOf(count: number, term: (k: number) => number): number {
  return Array.from({ length: count }, (_, index) => term(index + 1)).reduce(
    (sum, one) => sum + one,
    0,
  );
}

const payments = (
  more: {
    readonly direction?: "in";
    readonly amount?: number;
    readonly [part: string]: unknown;
  } = {},
) => {
  const { direction = "out", amount = null, ...parts } = more;
  return stream("pay", direction, amount, { every: "P1M", count: 60, ...parts });
};

const nominal = (percent: unknown, compounding: string) => ({
  percent,
  quoted: "nominal",
  compounding,
});

/** What payments of 1 are worth today, the first after one period. */
const worth = (rate: number, count: number) => sumOf(count, (k) => (1 + rate) ** -k);

/** The rate at which payments of 1 are worth so much, by halving. */
function rateOf(value: number, count: number): number {
  let [low, high] = [0, 1];
  for (let step = 0; step < 60; step += 1) {
    const middle = (low + high) / 2;
    if (worth(middle, count) > value) low = middle;
    else high = middle;
  }
  return low;
}

const loan = problemOf({
  rates: [nominal(7.2, "P1M")],
  flows: [single("loan", "in", 24350, "P0D"), payments({})],
});

const balloon = problemOf({
  rates: [nominal(7.2, "P1M")],
  flows: [single("loan", "in", 24350, "P0D"), payments({}), single("residual", "out", 6180, "P5Y")],
});

const quarterly = problemOf({
  rates: [nominal(7.2, "P3M")],
  flows: [single("loan", "in", 24350, "P0D"), payments({})],
});

const yearly = problemOf({
  rates: [effective(7.2)],
  flows: [single("loan", "in", 24350, "P0D"), payments({})],
});

const lump = problemOf({
  rates: [nominal(4.8, "P3M")],
  flows: [single("put-in", "out", 4318, "P0D"), single("back", "in", null, "P6Y")],
});

const growing = problemOf({
  rates: [effective(6)],
  flows: [
    payments({
      direction: "in",
      amount: 1270,
      every: "P1Y",
      count: 12,
      growth: { percent: 3, every: "P1Y" },
    }),
    single("price", "out", null, "P0D"),
  ],
});

const deferred = problemOf({
  rates: [effective(6)],
  flows: [
    payments({ direction: "in", amount: 1270, every: "P1Y", count: 12, begins: "P4Y" }),
    single("price", "out", null, "P0D"),
  ],
});

const savings = problemOf({
  rates: [nominal(3.6, "P1M")],
  flows: [
    single("have", "out", 2750, "P0D"),
    payments({ amount: 140 }),
    single("balance", "in", null, "P5Y"),
  ],
});

const project = problemOf({
  rates: [effective(9)],
  flows: [
    {
      id: "project",
      kind: "list",
      every: "P1Y",
      begins: "P0D",
      amounts: [-5230, 1480, 2110, 2790],
    },
  ],
  ask: { find: "value", at: "P0D" },
});

const yieldOfLoan = problemOf({
  rates: [nominal(null, "P1M")],
  flows: [single("loan", "in", 24350, "P0D"), payments({ amount: 485 })],
});

const simple = (percent: unknown, quoted = "simple") => ({ percent, quoted });
const note = problemOf({
  rates: [simple(8)],
  flows: [single("lent", "out", 4318, "P0D"), single("back", "in", null, "P9M")],
});

const bill = problemOf({
  today: "2027-03-01",
  rates: [simple(7, "bank-discount")],
  flows: [single("price", "out", null, "P0D"), single("face", "in", 5000, "2027-08-28")],
});

const ninetyDays = problemOf({
  rates: [simple(8)],
  flows: [single("lent", "out", 4318, "P0D"), single("back", "in", null, "P90D")],
});

const replaced = problemOf({
  focal: "P6M",
  rates: [simple(9)],
  flows: [
    single("first", "in", 1200, "P3M"),
    single("second", "in", 800, "P12M"),
    single("instead", "out", null, "P6M"),
  ],
});

const i = 0.072 / 12;
const payment = 24350 / worth(i, 60);
const fv = 4318 * 1.012 ** 24;

/** Of most mistakes, problems and the number that they give there; the others have cases of the reference. */
const EXAMPLES: Readonly<Partial<Record<MistakeCode, readonly (readonly [Problem, number])[]>>> = {
  "yearly-rate-per-payment": [
    [loan, 24350 / worth(0.072, 60)],
    [lump, 4318 * 1.048 ** 24],
  ],
  "years-as-payments": [
    [loan, 24350 / worth(i, 5)],
    [lump, 4318 * 1.012 ** 6],
  ],
  "start-end-swapped": [
    [loan, payment / (1 + i)],
    [savings, 2750 * 1.003 ** 60 + 140 * sumOf(60, (k) => 1.003 ** k)],
  ],
  "percent-as-decimal": [
    [lump, 4318 * (1 + 4.8 / 4) ** 24],
    [yearly, 24350 / worth(100 * (1.072 ** (1 / 12) - 1), 60)],
  ],
  "decimal-as-percent": [
    [loan, 24350 / worth(0.00072 / 12, 60)],
    [yearly, 24350 / worth((1.072 ** (1 / 12) - 1) / 100, 60)],
  ],
  "payment-frequency-as-compounding": [[quarterly, payment]],
  "compounding-as-payment-frequency": [
    [quarterly, 24350 / worth(0.018, 20)],
    [quarterly, 24350 / worth(0.018, 60)],
  ],
  "nominal-as-effective": [[loan, 24350 / worth(1.072 ** (1 / 12) - 1, 60)]],
  "effective-as-nominal": [[yearly, payment]],
  "compounding-ignored": [
    [lump, 4318 * (1 + 0.048 * 6)],
    [loan, (24350 * (1 + 0.072 * 5)) / sumOf(60, (k) => 1 + 0.006 * (60 - k))],
    [loan, 24350 / sumOf(60, (k) => 1 / (1 + 0.006 * k))],
  ],
  "interest-compounded": [
    [note, 4318 * 1.08 ** 0.75],
    [bill, 5000 * 0.93 ** (180 / 365)],
  ],
  "discount-as-interest": [[bill, 5000 / (1 + 0.07 * (180 / 365))]],
  "interest-as-discount": [[note, 4318 / (1 - 0.08 * 0.75)]],
  "wrong-days-in-year": [
    [bill, 5000 * (1 - 0.07 * (180 / 360))],
    [bill, 5000 * (1 - 0.07 * (177 / 360))],
    [ninetyDays, 4318 * (1 + 0.08 * (90 / 360))],
  ],
  "wrong-focal-date": [
    [replaced, (1200 / (1 + 0.09 / 4) + 800 / 1.09) * (1 + 0.09 / 2)],
    [replaced, (1200 * (1 + 0.09 * 0.75) + 800) / (1 + 0.09 / 2)],
  ],
  "final-amount-turned": [[balloon, (24350 + 6180 * (1 + i) ** -60) / worth(i, 60)]],
  "final-amount-left-out": [[balloon, payment]],
  "starting-balance-left-out": [[savings, 140 * sumOf(60, (k) => 1.003 ** (60 - k))]],
  "amount-left-over": [[loan, (24350 - 5000 * (1 + i) ** -60) / worth(i, 60)]],
  "growth-early": [[growing, 1270 * sumOf(12, (k) => 1.03 ** k * 1.06 ** -k)]],
  "growth-late": [
    [growing, 1270 * sumOf(12, (k) => 1.03 ** Math.max(0, k - 2) * 1.06 ** -k)],
    [growing, 1270 * sumOf(12, (k) => 1.03 ** (k - 2) * 1.06 ** -k)],
  ],
  "growth-forgotten": [[growing, 1270 * worth(0.06, 12)]],
  "deferral-off-by-one": [[deferred, 1270 * worth(0.06, 12) * 1.06 ** -5]],
  "first-flow-discounted": [
    [project, (-5230 + 1480 / 1.09 + 2110 / 1.09 ** 2 + 2790 / 1.09 ** 3) / 1.09],
    [project, (-5230 + 1480) / 1.09 + 2110 / 1.09 ** 2 + 2790 / 1.09 ** 3],
  ],
  "interest-for-total": [[lump, fv - 4318]],
  "total-for-interest": [[loan, payment * 60]],
  "wrong-date": [[deferred, 1270 * worth(0.06, 12)]],
  "wrong-time-unit": [[lump, 4318 * 1.012 ** (4 * (6 / 12))]],
  "rate-per-period-for-yearly": [[yieldOfLoan, 100 * rateOf(24350 / 485, 60)]],
  "rounded-rate": [[quarterly, 24350 / worth(0.00596, 60)]],
  "rounded-factor": [[loan, 24350 / 50.26]],
  "cents-otherwise": [
    [{ ...loan, paymentRounding: "up" }, Math.floor(payment * 100) / 100],
    [{ ...loan, paymentRounding: "up" }, Number(payment.toFixed(4))],
  ],
  "interest-of-first-period": [
    [loan, 24350 * 0.006],
    [balloon, 24350 * 0.006],
  ],
  "rounded-payment": [
    [
      problemOf({
        ...lump,
        flows: [single("put-in", "out", 4318.4, "P0D"), single("back", "in", null, "P6Y")],
      }),
      fv,
    ],
  ],
  "wrong-sign": [[loan, -payment]],
  "digits-swapped": [[loan, 448.46]],
  "given-digits-swapped": [[lump, 4381 * 1.012 ** 24]],
  "extra-zero": [
    [lump, fv * 10],
    [savings, 27500 * 1.003 ** 60 + 140 * sumOf(60, (k) => 1.003 ** (60 - k))],
  ],
  "missing-zero": [[loan, payment / 10]],
  "decimal-point-moved": [
    [loan, payment * 100],
    [lump, 4318 * (1 + 0.0048 / 4) ** 24],
  ],
};

test("every mistake has an example, or a case of the reference", () => {
  const inReference = new Set(reference.flatMap(({ codes }) => codes));
  const without = MISTAKE_CODES.filter(
    (code) => EXAMPLES[code] === undefined && !inReference.has(code),
  );
  expect(without).toEqual([]);
});

const exemplified = MISTAKE_CODES.filter((code) => EXAMPLES[code] !== undefined);
describe.each(exemplified)("%s", (code) => {
  test.each(
    (EXAMPLES[code] ?? []).map(([problem, value], index): [number, Problem, number] => [
      index + 1,
      problem,
      value,
    ]),
  )("example %d is named first, reproduced and told", (_, problem, value) => {
    const unit = code === "rate-per-period-for-yearly" ? "percent" : "money";
    const typed = value.toFixed(unit === "percent" ? 4 : 2);
    const claim = readClaim(typed);
    const marking = claim.ok ? markAnswer(problem, claim.value) : claim;
    if (!marking.ok || marking.value.verdict !== "explained") {
      throw new Error(`${typed}: ${JSON.stringify(marking)}`);
    }
    const [first] = marking.value.explanations;
    expect(first.codes).toEqual([code]);
    expect(Math.abs(first.value).toFixed(2)).toBe(Math.abs(Number(typed)).toFixed(2));
    const told = tellExplanation(first, unit);
    expect(told.sentence).toMatch(/^It looks as if .*\. That gives exactly your answer, .*\.$/);
    for (const sentence of [...told.corrected, ...told.nextTime]) {
      expect(sentence).toMatch(/^[A-Z“0-9].*\.$/);
      expect(sentence).not.toMatch(/NaN|undefined|Infinity/);
    }
  });
});
