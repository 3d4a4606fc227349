import type { Locator } from "@playwright/test";
import { expect, test, type Moor } from "../support/fixtures";

/**
 * What students naturally type, by problem type, in the order of the question. Each entry ends in the textbook's
 * figure, worked out here from its definition, or in a question back; none ends in another figure.
 */

/** A field by its kind and its place among its like: `amount 0`, `rate`. */
type Field =
  | `${"amount" | "how many" | "every" | "when" | "begins"} ${number}`
  | "rate"
  | "new rate"
  | "new rate from"
  | "growth"
  | "list";

interface Entry {
  readonly typed: readonly (readonly [field: Field, text: string])[];
  /** The figure of the answer, or words of the question that comes back. */
  readonly ends: string | RegExp;
}

function entry(ends: string | RegExp, ...typed: Entry["typed"]): Entry {
  return { typed, ends };
}

function fieldOf(moor: Moor, field: Field): Locator {
  const { page } = moor;
  const [kind = "", place = "0"] = field.split(/ (?=\d)/);
  const named = (name: string | RegExp) => page.getByRole("textbox", { name }).nth(Number(place));
  switch (kind) {
    case "amount":
      return moor.amount(Number(place));
    case "how many":
      return moor.howLong(Number(place));
    case "every":
      return named("Payment frequency");
    case "when":
      return moor.when(Number(place));
    case "begins":
      return named("Start of the first period");
    case "new rate":
      return page.getByRole("textbox", { name: "New rate", exact: true });
    case "new rate from":
      return named("Start of this rate");
    case "growth":
      return named(/^Growth/);
    case "list":
      return named(/^Amounts/);
    default:
      return moor.rate;
  }
}

/** The first problem of a test loads the page; the others are begun as a person goes on to the next question. */
async function start(moor: Moor, type: string): Promise<void> {
  if (moor.page.url() === "about:blank") return moor.startProblem(type);
  await moor.returnToNotebook();
  await moor.page.getByRole("button", { name: new RegExp(`^${type}`) }).click();
  await expect(moor.rate).toBeVisible();
}

/** Key by key where the unknown moves while it is typed; elsewhere at once, which is much faster. */
async function put(moor: Moor, field: Locator, text: string): Promise<void> {
  if (text.includes("?")) await moor.type(field, text);
  else await field.fill(text);
}

/** Written as the page writes money. */
function money(amount: number): string {
  return amount.toLocaleString("en-US", { minimumFractionDigits: 2, maximumFractionDigits: 2 });
}

/** What one amount becomes, period by period. */
function grown(amount: number, rate: number, periods: number): number {
  let sum = amount;
  for (let period = 0; period < periods; period += 1) sum *= 1 + rate;
  return sum;
}

/** What equal payments have grown to at the end of the last period, one by one. */
function fund(payment: number, rate: number, count: number, isDue = false): number {
  let sum = 0;
  for (let paid = 0; paid < count; paid += 1) {
    sum = isDue ? (sum + payment) * (1 + rate) : sum * (1 + rate) + payment;
  }
  return sum;
}

/** What they are worth a period before the first of them. */
function worth(payment: number, rate: number, count: number): number {
  return grown(fund(payment, rate, count), 1 / (1 + rate) - 1, count);
}

function payment(loan: number, rate: number, count: number): number {
  return loan / worth(1, rate, count);
}

const rateOf = (yearly: number, from: number, to: number) => (1 + yearly / from) ** (from / to) - 1;

const TYPES: Readonly<Record<string, readonly Entry[]>> = {
  "A single amount": [
    entry(
      money(grown(4500, 0.05, 3)),
      ["amount 0", "4500"],
      ["rate", "5% a year"],
      ["when 1", "3 years"],
    ),
    entry(
      money(grown(4500, 0.03, 8)),
      ["amount 0", "4,500 euros"],
      ["rate", "j2 = 6%"],
      ["when 1", "8 periods"],
    ),
    entry(
      money(grown(64000, 0.005, 18)),
      ["amount 0", "R64,000"],
      ["rate", "6% c.m."],
      ["when 1", "a year and a half"],
    ),
    entry(
      money(4500 * Math.exp(0.05 * 4)),
      ["amount 0", "$4,500"],
      ["rate", "force of interest 5%"],
      ["when 1", "year 4"],
    ),
    entry(
      money(grown(4500, 0.015, 10)),
      ["amount 0", "4500"],
      ["rate", "6% (quarterly)"],
      ["when 1", "30 months"],
    ),
    entry(
      money(grown(4500, 0.045 / 365, 730)),
      ["amount 0", "4500"],
      ["rate", "4.5% daily"],
      ["when 1", "2 years"],
    ),
    entry(
      money(grown(4500, 0.05, 2)),
      ["amount 0", "4500"],
      ["rate", "5% APY"],
      ["when 1", "2 years"],
    ),
    entry(
      `${((1.5 ** (1 / 5) - 1) * 100).toFixed(4)}%`,
      ["amount 0", "1000"],
      ["rate", "? compounded yearly"],
      ["amount 1", "1500"],
      ["when 1", "5 years"],
    ),
    entry(
      `${((1.5 ** (1 / 60) - 1) * 1200).toFixed(4)}%`,
      ["amount 0", "1000"],
      ["rate", "? compounded monthly"],
      ["amount 1", "1500"],
      ["when 1", "5 years"],
    ),
    entry(
      `${(Math.log(2) / Math.log(1.08)).toFixed(3)} years`,
      ["amount 0", "1000"],
      ["amount 1", "2000"],
      ["rate", "8% annually"],
      ["when 1", "?"],
    ),
    entry(/Is that 0\.11% or 11%\?/, ["amount 0", "4500"], ["when 1", "3y"], ["rate", "0.11"]),
    entry(
      money(4500 * (1 + 0.08 * 3)),
      ["amount 0", "4500"],
      ["when 1", "3y"],
      ["rate", "8% simple interest"],
    ),
    entry(
      money(4500 / 1.05 ** 0.75),
      ["amount 0", "4500"],
      ["rate", "5%"],
      ["when 1", "9 months ago"],
    ),
    entry(
      /per month, or a yearly rate\?/,
      ["amount 0", "4500"],
      ["when 1", "3y"],
      ["rate", "0.5% monthly"],
    ),
    entry(
      /is ambiguous\. If you mean 4500\.25/,
      ["amount 0", "4.500,25"],
      ["rate", "5%"],
      ["when 1", "3y"],
    ),
  ],
  "Regular saving": [
    entry(
      money(fund(7500, 0.05, 6)),
      ["amount 0", "7,500"],
      ["every 0", "year"],
      ["how many 0", "6 years"],
      ["rate", "5%"],
    ),
    entry(
      money(fund(1300, 0.07, 18)),
      ["amount 0", "1300"],
      ["every 0", "year"],
      ["how many 0", "18 years"],
      ["rate", "7% per annum"],
    ),
    entry(
      money(fund(140, 0.06 / 12, 40)),
      ["amount 0", "140"],
      ["how many 0", "40 monthly payments"],
      ["rate", "6%"],
    ),
    entry(
      money(fund(140, 0.09 / 12, 36)),
      ["amount 0", "140"],
      ["how many 0", "3 years"],
      ["rate", "9% APR"],
    ),
    entry(
      money(fund(500, rateOf(0.06, 2, 4), 12)),
      ["amount 0", "500"],
      ["every 0", "quarter"],
      ["how many 0", "3 years"],
      ["rate", "6% c.s.a."],
    ),
    entry(
      money(fund(50, 0.065 / 26, 52)),
      ["amount 0", "50"],
      ["every 0", "biweekly"],
      ["how many 0", "2 years"],
      ["rate", "6.5%"],
    ),
    entry(
      money(fund(1000, 0.08, 10)),
      ["amount 0", "1000"],
      ["every 0", "year end"],
      ["how many 0", "10 payments"],
      ["rate", "8"],
    ),
    entry(
      money(fund(100, rateOf(0.08, 4, 12), 24)),
      ["amount 0", "100"],
      ["how many 0", "2 years"],
      ["rate", "8% compounded each quarter"],
    ),
    entry(
      /^397\.19$/,
      ["amount 1", "250,000"],
      ["amount 0", "200"],
      ["rate", "6%"],
      ["how many 0", "?"],
    ),
    entry(
      /Is that 20 monthly payments, or 20 years\?/,
      ["amount 0", "140"],
      ["how many 0", "20"],
      ["rate", "6%"],
    ),
    entry(
      /payments here are monthly, not yearly/,
      ["amount 0", "140"],
      ["how many 0", "10 annual deposits"],
      ["rate", "6%"],
    ),
    entry(
      /frequency cannot be the unknown/,
      ["amount 0", "140"],
      ["how many 0", "2y"],
      ["rate", "6%"],
      ["every 0", "?"],
    ),
  ],
  "Loan repayments": [
    entry(
      money(payment(86000, 0.074 / 12, 96)),
      ["amount 0", "86k"],
      ["how many 0", "8 years"],
      ["rate", "7.4%"],
    ),
    entry(
      money(payment(64000, rateOf(0.06, 2, 12), 300)),
      ["amount 0", "64,000 dollars"],
      ["how many 0", "25 years"],
      ["rate", "6% compounded semi-annually"],
    ),
    entry(
      money(payment(24000, 0.06, 12)),
      ["amount 0", "24,000"],
      ["every 0", "year"],
      ["how many 0", "12 years"],
      ["rate", "6%"],
    ),
    entry(
      money(payment(24000, 0.01, 24)),
      ["amount 0", "24,000"],
      ["how many 0", "2 years"],
      ["rate", "1% per month"],
    ),
    entry(
      money(payment(24000, rateOf(0.05, 1, 12), 24)),
      ["amount 0", "24,000"],
      ["how many 0", "2 years"],
      ["rate", "5% EAR"],
    ),
    entry(
      money(worth(2400, 0.06, 12)),
      ["amount 1", "2,400"],
      ["every 0", "year"],
      ["how many 0", "12 payments"],
      ["rate", "6%"],
      ["amount 0", "?"],
    ),
    entry(
      "300",
      ["amount 0", "365000"],
      ["rate", "4.5%"],
      ["amount 1", "2028.78"],
      ["how many 0", "?"],
    ),
    entry(
      "9.0006%",
      ["amount 0", "12,000"],
      ["amount 1", money(payment(12000, 0.09 / 12, 36))],
      ["how many 0", "36 payments"],
      ["rate", "?"],
    ),
  ],
  "Value of payments": [
    entry(
      money(worth(1200, 0.06, 8)),
      ["amount 1", "1,200"],
      ["how many 0", "8 years"],
      ["rate", "6%"],
    ),
    entry(
      money(worth(1200, 0.005, 60)),
      ["amount 1", "1,200"],
      ["every 0", "month"],
      ["how many 0", "5 years"],
      ["rate", "6%"],
    ),
    entry(
      money(worth(300, 0.02, 20)),
      ["amount 1", "300"],
      ["every 0", "quarterly"],
      ["how many 0", "20 payments"],
      ["rate", "8% p.a."],
    ),
  ],
  "Drawing down": [
    entry(
      money(payment(90000, 0.004, 240)),
      ["amount 0", "90,000"],
      ["how many 0", "20 years"],
      ["rate", "4.8%"],
    ),
    entry(
      (-Math.log(1 - (90000 * 0.004) / 574.8) / Math.log(1.004)).toFixed(2),
      ["amount 0", "90,000"],
      ["amount 1", "574.80"],
      ["rate", "4.8%"],
      ["how many 0", "?"],
    ),
  ],
  "Savings goal": [
    entry(
      money(grown(2000, 0.0025, 40) + fund(140, 0.0025, 40)),
      ["amount 0", "2000"],
      ["amount 1", "140"],
      ["how many 0", "40 months"],
      ["rate", "3%"],
    ),
    entry(
      money(grown(2000, 0.05, 5) + fund(900, 0.05, 5)),
      ["amount 0", "2000"],
      ["amount 1", "900"],
      ["every 0", "annually"],
      ["how many 0", "5 years"],
      ["rate", "5% a year"],
    ),
  ],
  "Loan with a balloon": [
    entry(
      money((64000 - grown(0.3 * 64000, 1 / 1.008 - 1, 60)) / worth(1, 0.008, 60)),
      ["amount 0", "64,000"],
      ["how many 0", "5 years"],
      ["rate", "9.6%"],
      ["amount 2", "30% of the loan"],
    ),
    entry(
      money((64000 - grown(32000 - 500, 1 / 1.008 - 1, 60)) / worth(1, 0.008, 60)),
      ["amount 0", "64,000"],
      ["how many 0", "5 years"],
      ["rate", "9.6%"],
      ["amount 2", "loan / 2 - 500"],
    ),
    entry(
      /No line is called “the house”/,
      ["amount 0", "64,000"],
      ["how many 0", "5 years"],
      ["rate", "9.6%"],
      ["amount 2", "30% of the house"],
    ),
  ],
  "Growing payments": [
    entry(
      "10,406.36",
      ["amount 1", "1200"],
      ["how many 0", "10 years"],
      ["growth", "4%"],
      ["rate", "6% a year"],
    ),
    entry(
      /Is that 0\.04% or 4%\?/,
      ["amount 1", "1200"],
      ["how many 0", "10 years"],
      ["rate", "6%"],
      ["growth", "0.04"],
    ),
  ],
  "Deferred payments": [
    entry(
      money(grown(worth(1200, 0.06, 6), 1 / 1.06 - 1, 4)),
      ["amount 1", "1200"],
      ["how many 0", "6 years"],
      ["begins 0", "year 4"],
      ["rate", "6%"],
    ),
    entry(
      money(grown(worth(1200, 0.004, 60), 1 / 1.004 - 1, 24)),
      ["amount 1", "1200"],
      ["every 0", "month"],
      ["how many 0", "5 years"],
      ["begins 0", "2 years"],
      ["rate", "4.8%"],
    ),
  ],
  "Save, then spend": [
    entry(
      money(payment(fund(140, 0.0025, 120), 0.0025, 60)),
      ["amount 0", "140"],
      ["how many 0", "10 years"],
      ["how many 1", "5 years"],
      ["rate", "3%"],
    ),
    entry(
      /Money is paid monthly and yearly\. How is interest compounded\?/,
      ["amount 0", "140"],
      ["how many 0", "10 years"],
      ["every 1", "year"],
      ["how many 1", "5 payments"],
      ["rate", "3%"],
    ),
  ],
  Perpetuity: [
    entry("20,000.00", ["amount 1", "1,200"], ["rate", "6%"]),
    entry("30,000.00", ["amount 1", "150"], ["every 0", "month"], ["rate", "6%"]),
  ],
  "A rate that changes": [
    entry(
      money(grown(grown(4500, 0.04, 3), 0.07, 3)),
      ["amount 0", "4500"],
      ["rate", "4%"],
      ["new rate", "7%"],
      ["new rate from", "year 3"],
      ["when 1", "6 years"],
    ),
    entry(
      money(grown(grown(4500, 0.02, 4), 0.025, 4)),
      ["amount 0", "4500"],
      ["rate", "4% compounded half-yearly"],
      ["new rate", "j2 = 5%"],
      ["new rate from", "4 periods"],
      ["when 1", "4 years"],
    ),
  ],
  "Uneven cash flows": [
    entry("111.19", ["list", "out 1000; 400; 400; 450"], ["rate", "discount rate of 6%"]),
    entry("111.19", ["list", "-1000, 400, 400, 450"], ["rate", "6% cost of capital"]),
  ],
  "Simple interest": [
    entry(
      money(4500 * (1 + (0.08 * 9) / 12)),
      ["amount 0", "4500"],
      ["when 1", "9 months"],
      ["rate", "8% p.a. simple"],
    ),
    entry(
      money(5000 * (1 - (0.08 * 90) / 365)),

      ["amount 0", "?"],
      ["amount 1", "5,000"],
      ["when 1", "90 days"],
      ["rate", "8% bank discount"],
    ),
    entry(
      money(4500 / (1 - 0.06) ** 2),
      ["amount 0", "4500"],
      ["rate", "effective discount rate 6%"],
      ["when 1", "2 years"],
    ),
    entry(
      money(4500 / (1 - 0.06 / 4) ** 8),
      ["amount 0", "4500"],
      ["rate", "d4 = 6%"],
      ["when 1", "2 years"],
    ),
    entry(
      /has several meanings/,
      ["amount 0", "4500"],
      ["when 1", "2 years"],
      ["rate", "discount rate 6%"],
    ),
    entry(
      "8%",
      ["amount 0", "4500"],
      ["amount 1", "4770"],
      ["when 1", "9 months"],
      ["rate", "? simple"],
    ),
    entry("1.5 years", ["amount 0", "4500"], ["amount 1", "5040"], ["rate", "8"], ["when 1", "?"]),
    entry(
      /is counted from today, which has no date yet/,
      ["amount 0", "4500"],
      ["rate", "8"],
      ["when 1", "14 March 2027"],
    ),
  ],
  "Debts replaced": [
    entry(
      money(1200 * (1 + 0.09 / 4) + 2500 / (1 + 0.09 / 4)),
      ["amount 0", "1,200"],
      ["when 0", "three months"],
      ["amount 1", "2,500"],
      ["when 1", "nine months"],
      ["when 2", "half a year"],
      ["rate", "9% simple"],
    ),
    entry(
      money(1200 * (1 + 0.09 * 0.75) + 2500 / (1 + 0.09 / 4)),
      ["amount 0", "1200"],
      ["when 0", "3 months ago"],
      ["amount 1", "2500"],
      ["when 1", "9m"],
      ["when 2", "6m"],
      ["rate", "9"],
    ),
  ],
  "Several amounts": [
    entry(
      money(400 / 1.05 ** 2 + 800 / 1.05 ** 5),
      ["amount 0", "400"],
      ["when 0", "2 years"],
      ["amount 1", "2*first"],
      ["when 1", "end of year 5"],
      ["rate", "5%"],
    ),
    entry(
      money(400 / 1.05 ** 2 + 900 / 1.05 ** 5),
      ["amount 0", "400"],
      ["when 0", "2y"],
      ["amount 1", "500 more than first"],
      ["when 1", "5y"],
      ["rate", "5%"],
    ),
    entry(
      money(64 / 1.05 + 800 / 1.05 ** 2),
      ["amount 0", "64.000"],
      ["when 0", "1 year"],
      ["amount 1", "800"],
      ["when 1", "2 years"],
      ["rate", "5%"],
    ),
  ],
};

test("there are 60 entries and more", () => {
  expect(Object.values(TYPES).flat().length).toBeGreaterThanOrEqual(60);
});

for (const [type, entries] of Object.entries(TYPES)) {
  test(`${type}: what is naturally typed ends in the textbook's figure or in a question`, async ({
    moor,
    page,
  }) => {
    test.setTimeout(120_000);
    for (const { typed, ends } of entries) {
      const said = typed.map((pair) => pair.join(": ")).join(", ");
      await test.step(said, async () => {
        await start(moor, type);
        for (const [field, text] of typed) await put(moor, fieldOf(moor, field), text);
        await page.keyboard.press("Tab");
        const isFigure = typeof ends === "string" || ends.source.startsWith("^");
        if (isFigure) await expect(moor.figure.first(), said).toHaveText(ends);
        else await expect(page.getByRole("main"), said).toContainText(ends);
      });
    }
  });
}
