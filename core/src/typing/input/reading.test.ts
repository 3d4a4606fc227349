import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { formatExact } from "../../wording/format-number";
import { sentenceOf } from "../../wording/sentences";
import { findInQuestion } from "./find-in-question";
import { namesOf } from "./names";
import { readAmount } from "./read-amount";
import { readCount } from "./read-count";
import { readMoney } from "./read-money";
import { readPeriod } from "./read-period";
import { readPosition } from "./read-position";
import type { Quotation } from "../../engine/rates/quotation";
import { readRate, readUnknownRate } from "./read-rate";
import { readTime } from "./read-time";
import { isUnknownMark } from "./unknown-mark";
import { USUAL_FORMAT } from "../../wording/answer-format";

describe("money", () => {
  test.each([
    ["4500", 4500],
    ["4,500", 4500],
    ["4,500.25", 4500.25],
    ["1,234,567.89", 1234567.89],
    ["12,34,567", 1234567],
    ["4 500", 4500],
    ["4\u202f500", 4500],
    ["4'500.5", 4500.5],
    [".5", 0.5],
    ["5.", 5],
    ["0", 0],
    ["1e6", 1e6],
    ["12k", 12000],
    ["1.2m", 1.2e6],
    ["1.2 million", 1.2e6],
    ["3bn", 3e9],
    ["2 thousand", 2000],
    ["15*12", 180],
    ["15 x 12", 180],
    ["15×12", 180],
    ["2+3*4", 14],
    ["(2+3)*4", 20],
    ["100-20-30", 50],
    ["100/4/5", 5],
    ["2^3^2", 512],
    ["1,000*1.05^3", 1157.625],
    ["2^-1", 0.5],
    ["12k + 500", 12500],
    ["30% of 900", 270],
    ["900*30%", 270],
    ["1/3 of 900", 300],
    ["5% + 3% of 100", NaN],
    ["10 - -5", 15],
    ["$4,500", 4500],
    ["€ 12.50", 12.5],
    ["USD 4500", 4500],
    ["64,000 euros", 64000],
    ["64,000 dollars", 64000],
    ["R64,000", 64000],
    ["R 64 000", 64000],
    ["Rs. 12,50,000", 1250000],
    ["US$4,500", 4500],
    ["12k euros", 12000],
    ["64.000", 64],
    ["4500 USD", 4500],
    ["  7  ", 7],
    ["0.1+0.2", 0.3],
    ["10000000000000", 1e13],
  ])("%p is %p", (typed, amount) => {
    const read = readMoney(typed);
    expect(read.ok ? read.value : NaN).toBe(amount);
  });

  test.each([
    ["", "money-missing"],
    ["   ", "money-missing"],
    ["$", "money-not-understood"],
    ["abc", "money-not-understood"],
    ["12 apples", "money-not-understood"],
    ["500 + 10%", "money-not-understood"],
    ["3 4", "money-not-understood"],
    ["5 +", "money-not-understood"],
    ["* 5", "money-not-understood"],
    ["<script>", "money-not-understood"],
    ["=1+1", "money-not-understood"],
    ["-500", "money-with-sign"],
    ["−500", "money-with-sign"],
    ["20-50", "money-with-sign"],
    ["1e308", "money-too-large"],
    ["10000000000001", "money-too-large"],
    ["1e309", "number-not-finite"],
    ["9^999", "number-not-finite"],
    ["4,5", "comma-unclear"],
    ["4.500,25", "comma-unclear"],
    ["1.234.567", "comma-unclear"],
    ["1,2345", "comma-unclear"],
    ["5/0", "divided-by-zero"],
    ["5/(3-3)", "divided-by-zero"],
    ["(500", "bracket-unmatched"],
    ["500)", "bracket-unmatched"],
  ])("%p is refused: %s", (typed, code) => {
    const read = readMoney(typed);
    expect(read.ok ? "read" : read.issues[0]?.code).toBe(code);
    if (!read.ok)
      for (const found of read.issues) expect(sentenceOf(found, USUAL_FORMAT)).toMatch(/[.]$/);
  });

  test("what is unclear is shown as it was probably meant", () => {
    expect(readMoney("4.500,25")).toMatchObject({ issues: [{ point: "4500.25" }] });
    expect(readMoney("1.234.567")).toMatchObject({ issues: [{ point: "1234567" }] });
    expect(readMoney("3,5")).toMatchObject({ issues: [{ point: "3.5" }] });
  });

  test("any amount that is written out is read back to the digit", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e12, noNaN: true }), (amount) => {
        fc.pre(amount === 0 || amount > 1e-6);
        const read = readMoney(formatExact(amount));
        expect(read.ok).toBe(true);
        if (read.ok)
          expect(Math.abs(read.value - amount)).toBeLessThanOrEqual(1e-14 * amount + 1e-15);
      }),
    );
  });

  test("no text at all makes it throw", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), (text) => {
        for (const read of [readMoney(text), readRate(text), readTime(text)]) {
          if (!read.ok)
            for (const found of read.issues) expect(sentenceOf(found, USUAL_FORMAT)).not.toBe("");
        }
      }),
      { numRuns: 500 },
    );
  });
});

describe("rates", () => {
  const nominal = (compounding: string) => ({ quoted: "nominal", compounding });
  const periodic = (compounding: string) => ({ quoted: "periodic", compounding });
  const effective = { quoted: "effective" };
  const continuous = { quoted: "continuous" };

  test.each<[string, number, object | undefined]>([
    ["6.25", 6.25, undefined],
    ["6.25%", 6.25, undefined],
    ["6.25 %", 6.25, undefined],
    ["6.25 per cent", 6.25, undefined],
    ["6 3/8%", 6.375, undefined],
    ["6-3/8 %", 6.375, undefined],
    ["6⅜%", 6.375, undefined],
    ["½%", 0.5, undefined],
    ["3/8%", 0.375, undefined],
    ["-0.5%", -0.5, undefined],
    ["−0.5 %", -0.5, undefined],
    ["0.06%", 0.06, undefined],
    ["0.5 per month", 0.5, periodic("P1M")],
    ["0.5% every month", 0.5, periodic("P1M")],
    ["a monthly interest rate of 0.5%", 0.5, periodic("P1M")],
    ["0.5% monthly rate", 0.5, periodic("P1M")],
    ["an annual rate of 6%", 6, undefined],
    ["a nominal annual rate of 6%", 6, undefined],
    ["a nominal monthly rate of 6%", 6, nominal("P1M")],
    ["7% per annum", 7, undefined],
    ["7% a year", 7, undefined],
    ["5% annually", 5, nominal("P1Y")],
    ["5% yearly", 5, nominal("P1Y")],
    ["5% annual", 5, nominal("P1Y")],
    ["5% p.a. compounded annually", 5, nominal("P1Y")],
    ["5% p.a., compounded annually", 5, nominal("P1Y")],
    ["5% annual, compounded monthly", 5, nominal("P1M")],
    ["9% APR", 9, undefined],
    ["APR of 9%", 9, undefined],
    ["9% APR compounded quarterly", 9, nominal("P3M")],
    ["5% APY", 5, effective],
    ["5% EAR", 5, effective],
    ["an effective annual rate of 5%", 5, effective],
    ["j2 = 6%", 6, nominal("P6M")],
    ["j12=6%", 6, nominal("P1M")],
    ["j(4) = 6 %", 6, nominal("P3M")],
    ["j_4 = 6%", 6, nominal("P3M")],
    ["i = 6%", 6, undefined],
    ["δ = 5%", 5, continuous],
    ["force of interest 5%", 5, continuous],
    ["6% (quarterly)", 6, nominal("P3M")],
    ["6% (compounded quarterly)", 6, nominal("P3M")],
    ["6% c.s.a.", 6, nominal("P6M")],
    ["6% csa", 6, nominal("P6M")],
    ["6% c.m.", 6, nominal("P1M")],
    ["6% c.q.", 6, nominal("P3M")],
    ["6% compounded 2 times per year", 6, nominal("P6M")],
    ["6% compounded four times a year", 6, nominal("P3M")],
    ["6% compounded 13 times a year", 6, nominal("P4W")],
    ["6% compounded each quarter", 6, nominal("P3M")],
    ["6% compounded every month", 6, nominal("P1M")],
    ["4.5% daily", 4.5, nominal("P1D")],
    ["4.5% (365)", 4.5, nominal("P1D")],
    ["4.5% compounded daily (365)", 4.5, nominal("P1D")],
    ["discount rate of 10%", 10, undefined],
    ["7.4+0.5", 7.9, undefined],
    ["0", 0, undefined],
    ["6% a year", 6, undefined],
    ["6% p.a.", 6, undefined],
    ["1.8% per quarter", 1.8, periodic("P3M")],
    ["0.5% a month", 0.5, periodic("P1M")],
    ["0.5%/month", 0.5, periodic("P1M")],
    ["0.2% each fortnight", 0.2, periodic("P2W")],
    ["3% per half-year", 3, periodic("P6M")],
    ["2% effective per quarter", 2, periodic("P3M")],
    ["1.8% a quarter compounded quarterly", 1.8, periodic("P3M")],
    ["7.2% a year compounded fortnightly", 7.2, nominal("P2W")],
    ["7.2% compounded bi-weekly", 7.2, nominal("P2W")],
    ["7.2% compounded biweekly", 7.2, nominal("P2W")],
    ["6% compounded monthly", 6, nominal("P1M")],
    ["6%, compounded monthly", 6, nominal("P1M")],
    ["6% interest compounded every two months", 6, nominal("P2M")],
    ["6 per cent per annum convertible half-yearly", 6, nominal("P6M")],
    ["6% per annum, compounded semi-annually", 6, nominal("P6M")],
    ["6% pa payable quarterly", 6, nominal("P3M")],
    ["6% a year monthly", 6, nominal("P1M")],
    ["6% nominal monthly", 6, nominal("P1M")],
    ["6% monthly compounding", 6, nominal("P1M")],
    ["6% compounded twice a year", 6, nominal("P6M")],
    ["6% compounded daily", 6, nominal("P1D")],
    ["6% compounded weekly", 6, nominal("P1W")],
    ["5% effective", 5, effective],
    ["an effective rate of 5%", 5, effective],
    ["5.9% a year, effective", 5.9, effective],
    ["4% compounded continuously", 4, continuous],
    ["4% continuous", 4, continuous],
    ["4% force of interest", 4, continuous],
  ])("%p", (typed, percent, quotation) => {
    const read = readRate(typed);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(read.value.percent).toBe(percent);
    expect(read.value.quotation).toEqual(quotation);
  });

  test("keeps the figure as it was typed", () => {
    expect(readRate("6 3/8% compounded monthly")).toMatchObject({ value: { figure: "6 3/8%" } });
  });

  test.each([
    ["", "percent-missing"],
    ["abc", "percent-not-understood"],
    ["%", "percent-not-understood"],
    ["6% bimonthly", "percent-not-understood"],
    ["1% a month simple", "percent-not-understood"],
    ["5% simple compounded monthly", "percent-not-understood"],
    ["5% simple effective", "percent-not-understood"],
    ["5% bank discount compounded monthly", "percent-not-understood"],
    ["5% a month discount compounded quarterly", "percent-not-understood"],
    ["0.06", "percent-or-decimal"],
    [".115", "percent-or-decimal"],
    ["0.06 compounded monthly", "percent-or-decimal"],
    ["j7 = 6%", "percent-not-understood"],
    ["j2 = 6% compounded monthly", "percent-not-understood"],
    ["6% compounded 7 times a year", "percent-not-understood"],
    ["0.02% daily", "rate-frequency-unclear"],
    ["8% compounded", "percent-not-understood"],
    ["1% a month compounded quarterly", "percent-not-understood"],
    ["6% per banana", "percent-not-understood"],
    ["3,15%", "comma-unclear"],
    ["10000000", "percent-too-large"],
    ["6/0", "divided-by-zero"],
    ["0.5% monthly", "rate-frequency-unclear"],
    ["12% quarterly", "rate-frequency-unclear"],
  ])("%p is refused: %s", (typed, code) => {
    const read = readRate(typed);
    expect(read.ok ? "read" : read.issues[0]?.code).toBe(code);
  });

  test.each<[string, Quotation | undefined]>([
    ["6% simple", { quoted: "simple" }],
    ["7.5% simple interest", { quoted: "simple" }],
    ["7.5% a year simple interest", { quoted: "simple" }],
    ["simple interest at 5%", { quoted: "simple" }],
    ["5% p.a. simple", { quoted: "simple" }],
    ["simple interest rate of 5%", { quoted: "simple" }],
    ["8% bank discount", { quoted: "bank-discount" }],
    ["8% a year, bank discount", { quoted: "bank-discount" }],
    ["bank discount of 8%", { quoted: "bank-discount" }],
    ["8% simple discount", { quoted: "bank-discount" }],
    ["6% effective discount", { quoted: "effective-discount" }],
    ["6% effective rate of discount", { quoted: "effective-discount" }],
    ["6% a year compound discount", { quoted: "effective-discount" }],
    [
      "6% a year compounded quarterly, discount",
      { quoted: "nominal-discount", compounding: "P3M" },
    ],
    ["6% discount convertible half-yearly", { quoted: "nominal-discount", compounding: "P6M" }],
    [
      "nominal rate of discount of 6% convertible monthly",
      { quoted: "nominal-discount", compounding: "P1M" },
    ],
    ["d4 = 6%", { quoted: "nominal-discount", compounding: "P3M" }],
    ["d(12) = 6%", { quoted: "nominal-discount", compounding: "P1M" }],
    // To discount a project by: interest.
    ["discount rate 8%", undefined],
    ["8% discount rate", undefined],
    ["hurdle rate 8%", undefined],
  ])("%p says how interest is taken", (typed, quotation) => {
    const read = readRate(typed);
    expect(read.ok ? read.value.quotation : read.issues).toEqual(quotation);
  });

  test.each(["discount rate 6%", "6% discount", "6% a year discount", "d = 6%", "discount 6%"])(
    "%p is asked back where no project is discounted",
    (typed) => {
      expect(readRate(typed, "asked")).toMatchObject({ issues: [{ code: "discount-unclear" }] });
      const said = readRate(typed);
      expect(said.ok ? said.value.percent : said.issues).toBe(6);
    },
  );

  test("says both things that an unclear frequency may mean", () => {
    const read = readRate("0.5% monthly");
    if (read.ok) throw new Error("read");
    const [found] = read.issues;
    expect(found === undefined ? "" : sentenceOf(found, USUAL_FORMAT)).toBe(
      "Is that 0.5% per month, or a yearly rate? Type “0.5% per month” or “0.5% compounded monthly”.",
    );
  });
});

describe("times", () => {
  test.each([
    ["6 years", "P6Y"],
    ["6 yrs.", "P6Y"],
    ["6y", "P6Y"],
    ["3y 4m", "P3Y4M"],
    ["3y4m", "P3Y4M"],
    ["3 years and 4 months", "P3Y4M"],
    ["1 year, 2 months", "P1Y2M"],
    ["40 months", "P40M"],
    ["18", "P18Y"],
    ["2.5", "P2Y6M"],
    ["2 1/2 years", "P2Y6M"],
    ["2½ years", "P2Y6M"],
    ["2.5y", "P2Y6M"],
    ["two and a half years", "P2Y6M"],
    ["2 years and a half", "P2Y6M"],
    ["half a year", "P6M"],
    ["half-year", "P6M"],
    ["a year", "P1Y"],
    ["a year and a half", "P1Y6M"],
    ["year 4", "P4Y"],
    ["the end of year 4", "P4Y"],
    ["at the end of month 18", "P18M"],
    ["three years", "P3Y"],
    ["1/3 year", "P4M"],
    ["18 quarters", "P54M"],
    ["2 half-years", "P12M"],
    ["4.5 months", "P4.5M"],
    ["10 fortnights", "P20W"],
    ["6 weeks", "P6W"],
    ["90 days", "P90D"],
    ["26w 3d", "P26W3D"],
    ["today", "P0D"],
    ["now", "P0D"],
    ["0", "P0D"],
    ["0 years", "P0D"],
    ["in 5 years", "P5Y"],
    ["after 3 years", "P3Y"],
    ["5 years from now", "P5Y"],
    ["5 Years Later", "P5Y"],
    ["P2Y6M", "P2Y6M"],
    ["p4w", "P4W"],
    ["0.3 years", "P0.3Y"],
    ["8 months - 3 months", "P5M"],
    ["25 years − 7 months", "P24Y5M"],
    ["25 years less 7 months", "P24Y5M"],
    ["1 year - 73 days", "P0.8Y"],
    ["2 years - 3 months 6 weeks + 6 weeks", "P1Y9M"],
    ["2 years - 3 months + 1 month", "P1Y10M"],
    ["2 years - 24 months", "P0D"],
    ["1000", "P1000Y"],
  ])("%p is %s", (typed, duration) => {
    const read = readTime(typed);
    expect(read.ok ? read.value.duration : read.issues[0]?.code).toBe(duration);
  });

  test("a bare number counts the unit that is usual there", () => {
    expect(readTime("18", "months")).toMatchObject({ value: { duration: "P18M" } });
  });

  test.each([
    ["", "time-missing"],
    ["-3", "time-negative"],
    ["9 months ago", "time-past"],
    ["3 years before today", "time-past"],
    ["−3 years", "time-negative"],
    ["1001", "time-too-long"],
    ["99999999 days", "time-too-long"],
    ["abc", "time-not-understood"],
    ["3y 4", "time-not-understood"],
    ["3 months - 1 year", "time-negative"],
    ["3 years -", "time-not-understood"],
    ["5 - 3 years", "time-not-understood"],
    ["3 apples", "time-not-understood"],
    ["an hour", "time-not-understood"],
    ["2027-03-01", "time-not-understood"],
    ["1,5 years", "comma-unclear"],
  ])("%p is refused: %s", (typed, code) => {
    const read = readTime(typed);
    expect(read.ok ? "read" : read.issues[0]?.code).toBe(code);
  });
});

test("the mark of the unknown, and words that only say what kind of figure it is", () => {
  const marks = ["?", " ? ", "？", "??", "? years", "? payments", "?%", "? compounded monthly"];
  expect(marks.filter((text) => !isUnknownMark(text))).toEqual([]);
  expect(["", "4?", "x", "what?", "? x 2", "? of the loan"].filter(isUnknownMark)).toEqual([]);
});

describe("the unknown rate with its quotation", () => {
  test.each<[string, object | null]>([
    ["?", {}],
    ["6%", null],
    ["? compounded monthly", { quotation: { quoted: "nominal", compounding: "P1M" } }],
    ["?% per quarter", { quotation: { quoted: "periodic", compounding: "P3M" } }],
    ["j2 = ?", { quotation: { quoted: "nominal", compounding: "P6M" } }],
    ["? effective", { quotation: { quoted: "effective" } }],
    ["? APR", { asPaid: true }],
    ["? simple interest", { quotation: { quoted: "simple" } }],
    ["? bank discount", { quotation: { quoted: "bank-discount" } }],
  ])("%p", (typed, said) => {
    const read = readUnknownRate(typed);
    expect(read === null ? null : read.ok ? read.value : read.issues).toEqual(said);
  });

  test("words that it cannot have are told", () => {
    expect(readUnknownRate("? per banana")).toMatchObject({
      issues: [{ code: "percent-not-understood" }],
    });
  });
});

describe("how often", () => {
  test.each([
    ["year", "P1Y"],
    ["year end", "P1Y"],
    ["end of each month", "P1M"],
    ["every quarter", "P3M"],
    ["annually", "P1Y"],
    ["biweekly", "P2W"],
    ["every other week", "P2W"],
    ["twice a year", "P6M"],
    ["4 times per year", "P3M"],
    ["2 weeks", "P2W"],
    ["18 months", "P18M"],
    ["bimonthly", "period-not-understood"],
    ["12", "period-not-understood"],
  ])("%p is %s", (typed, every) => {
    const read = readPeriod(typed);
    expect(read.ok ? read.value : read.issues[0]?.code).toBe(every);
  });
});

describe("how many payments", () => {
  test.each<[string, string, number | string]>([
    ["40 monthly payments", "P1M", 40],
    ["40 equal monthly payments", "P1M", 40],
    ["8 periods", "P3M", 8],
    ["10 annual deposits", "P1Y", 10],
    ["10 annual deposits", "P1M", "count-other-frequency"],
    ["20", "P1M", "count-unclear"],
  ])("%p, paid every %s", (typed, every, count) => {
    const read = readCount(typed, every);
    expect(read.ok ? read.value : read.issues[0]?.code).toBe(count);
  });
});

describe("an amount that is said by another", () => {
  const names = namesOf([
    { id: "loan", label: "Loan", kind: "single" },
    { id: "first", label: "First", kind: "single" },
    { id: "deposits", label: "Deposits", kind: "stream" },
  ]);
  test.each<[string, object | number | string]>([
    ["30% of the loan", { times: 0.3, of: "loan" }],
    ["half of the loan", { times: 0.5, of: "loan" }],
    ["half the loan", { times: 0.5, of: "loan" }],
    ["2*first", { times: 2, of: "first" }],
    ["first / 2", { times: 0.5, of: "first" }],
    ["the loan / 3", { times: 1 / 3, of: "loan" }],
    ["first + 500", { times: 1, of: "first", plus: 500 }],
    ["first - 500", { times: 1, of: "first", plus: -500 }],
    ["500 more than first", { times: 1, of: "first", plus: 500 }],
    ["2,500 less than the loan", { times: 1, of: "loan", plus: -2500 }],
    ["2 * (first + 500)", { times: 2, of: "first", plus: 1000 }],
    ["deposits x 12", { times: 12, of: "deposits" }],
    ["deposit / 2", { times: 0.5, of: "deposits" }],
    ["loan + first", "names-several"],
    ["first ^ 2", "name-not-linear"],
    ["500 - first", "name-not-linear"],
    ["100 / first", "name-not-linear"],
    ["2 * barn", "name-not-found"],
    ["30% of the barn", "name-not-found"],
    ["30% of 900", 270],
  ])("%p", (typed, said) => {
    const read = readAmount(typed, names);
    expect(read.ok ? read.value : read.issues[0]?.code).toEqual(said);
  });
});

describe("a time in periods", () => {
  test.each<[string | null, string]>([
    ["P6M", "P4Y"],
    ["P1Y", "P8Y"],
    ["P2W", "P16W"],
    [null, "period-without-length"],
  ])("of %s", (period, duration) => {
    const read = readPosition("8 periods", { ...namesOf([]), period });
    const said = read.ok && "moment" in read.value ? read.value.moment : null;
    expect(read.ok ? said : read.issues[0]?.code).toBe(duration);
  });
});

describe("a question's own words", () => {
  const question =
    "Of 4,500 put in at 3.15% for 3 years 4 months, 450 is spent; 4,500.00 stays. In 40 months?";
  const spans = (used: Parameters<typeof findInQuestion>[1]) =>
    findInQuestion(question, used).map(({ start, end }) => question.slice(start, end));

  test("are marked where the problem uses their figures, however they are written", () => {
    expect(spans({ amounts: [4500], percents: [3.15], years: [40 / 12] })).toEqual([
      "4,500",
      "3.15%",
      "3 years 4 months",
      "4,500.00",
      "40 months",
    ]);
  });

  test.each([
    ["R18 000 is lent at 11,5% for 5 years", ["18 000", "11,5%", "5 years"]],
    ["CHF 18'000 is lent at 11.5 % for 5 years", ["18'000", "11.5 %", "5 years"]],
    ["In 18 2026 coins, 18 0005 and 18 000 lie", ["18 000"]],
  ])("are marked as many countries write them: %s", (text, found) => {
    const used = { amounts: [18_000], percents: [11.5], years: [5] };
    const marked = findInQuestion(text, used).map(({ start, end }) => text.slice(start, end));
    expect(marked).toEqual(found);
  });

  test("are not marked for a part of a number, nor for a figure of another kind", () => {
    expect(spans({ amounts: [45, 3.15, 500, 3, 4], percents: [4500], years: [3] })).toEqual([]);
  });
});
