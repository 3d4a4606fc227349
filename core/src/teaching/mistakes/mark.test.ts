import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import cases from "../../../reference/problems.json";
import { readClaim } from "../../typing/input/read-claim";
import { problemOf, stream } from "../../../test/problems";
import { readProblem } from "../../engine/problem/problem-file";
import type { Problem } from "../../engine/problem/schema";
import { solve } from "../../engine/solve/solve";
import { markAnswer, type Marking } from "./mark";
import { placeValue, type Placing } from "./place-value";
import { partingOf, tellRight, tellTogether } from "./tell";
import { linePlain } from "../workings/write-line";

function marked(problem: Problem, typed: string): Marking {
  const claim = readClaim(typed);
  if (!claim.ok) throw new Error(JSON.stringify(claim.issues));
  const marking = markAnswer(problem, claim.value);
  if (!marking.ok) throw new Error(JSON.stringify(marking.issues));
  return marking.value;
}

const monthly = { percent: 7.2, quoted: "nominal", compounding: "P1M" };
const price = { id: "loan", kind: "single", direction: "in", amount: 24350, at: "P0D" };
const payments = (more: { readonly amount?: number; readonly count?: null } = {}) => {
  const { amount = null, ...parts } = more;
  return stream("pay", "out", amount, { every: "P1M", count: 60, ...parts });
};
// 24,350 over Σ 1.006⁻ᵏ for k = 1 to 60 is 484.4601688…
const loan = problemOf({ rates: [monthly], flows: [price, payments({})] });
const howLong = problemOf({
  rates: [monthly],
  flows: [price, payments({ amount: 500, count: null })],
});
const yieldOf = problemOf({
  rates: [{ percent: null, quoted: "effective" }],
  flows: [
    { ...price, direction: "out", amount: 1000 },
    { id: "back", kind: "single", direction: "in", amount: 1331, at: "P3Y" },
  ],
});

test("the first interest taken for the payment is told as that, and not as two mistakes", () => {
  const marking = marked(loan, "146.10");
  expect(marking.verdict).toBe("explained");
  if (marking.verdict !== "explained") return;
  const [first] = marking.explanations;
  expect(first.codes).toEqual(["interest-of-first-period"]);
  expect(tellTogether(marking.explanations, "money").sentence).toBe(
    "It looks as if you found the interest of the first month. That gives exactly your answer, 146.10.",
  );
});

test.each([
  ["29,067.61", "the payments"],
  ["24,350.00", "the money in"],
])("a total is told as what it is the total of: %s", (typed, what) => {
  const marking = marked(loan, typed);
  const told = marking.verdict === "explained" && tellTogether(marking.explanations, "money");
  expect(told && told.sentence).toContain(`you gave the total of ${what}.`);
});

test("the advice speaks of the problem's own periods", () => {
  const halfYearly = problemOf({
    rates: [{ percent: 7.2, quoted: "nominal", compounding: "P6M" }],
    flows: [price, payments({})],
  });
  // As if compounded monthly: the payment of the loan above.
  const marking = marked(halfYearly, "484.46");
  expect(marking.verdict === "explained" && marking.explanations[0].nextTime).toEqual([
    "Compounded half-yearly, paid monthly: the rate per month is the sixth root of 1 + j/2, less 1.",
  ]);
});

describe("a right number is right in any of its forms", () => {
  test.each<[string, Problem, string, string]>([
    ["to the cent", loan, "484.46", "it is"],
    ["to all its digits", loan, "484.4601688524", "it is"],
    ["to the digits given", loan, "484", "it is"],
    [
      "with a currency sign and commas",
      problemOf({
        rates: [monthly],
        flows: [{ ...price, amount: null }, payments({ amount: 500 })],
      }),
      "$25,131.07",
      "it is",
    ],
    ["in percent", yieldOf, "10 %", "it is"],
    ["as a decimal", yieldOf, "0.1000", "decimal"],
    ["a real count", howLong, "57.77", "it is"],
    ["whole payments", howLong, "58", "whole payments"],
    ["the payments in full", howLong, "57", "whole payments"],
    ["a time", howLong, "4 years 10 months", "years"],
  ])("%s", (_, problem, typed, as) => {
    const marking = marked(problem, typed);
    expect(marking).toMatchObject({ verdict: "right", as });
    if (marking.verdict === "right") expect(tellRight(marking.as)).toMatch(/^Correct.*\.$/);
  });

  test("a worth that is all on one side has no sign to lose; any other has", () => {
    const list = (amounts: number[]) =>
      problemOf({
        rates: [{ percent: 10, quoted: "effective" }],
        flows: [{ id: "l", kind: "list", every: "P1Y", begins: "P0D", amounts }],
        ask: { find: "value", at: "P0D" },
      });
    expect(marked(list([-100, -110]), "200.00")).toMatchObject({ verdict: "right", as: "size" });
    expect(marked(list([-1000, 550]), "500.00")).toMatchObject({
      verdict: "explained",
      explanations: [{ codes: ["wrong-sign"] }],
    });
  });
});

test("an amount of the right size with the wrong sign has nothing else wrong with it", () => {
  const amounts = cases.filter(({ expect: wanted }) => wanted.unit === "money");
  for (const { id, problem: file, expect: wanted } of amounts) {
    const read = readProblem(file);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    const value = Math.abs(Number(wanted.value));
    const claim = -Number(value.toFixed(2));
    const isAsked = "ask" in file;
    if (claim === 0 || isAsked) continue;
    const marking = markAnswer(read.value, { value: claim, half: 0.005 });
    const codes =
      marking.ok && marking.value.verdict === "explained"
        ? marking.value.explanations.map((one) => one.codes.join())
        : [];
    expect([id, codes]).toEqual([id, ["wrong-sign"]]);
  }
});

test("a mistake whose number has the wrong sign besides is told by itself and with it", () => {
  const reckoned =
    24350 / Array.from({ length: 60 }, (_, k) => 1.072 ** -(k + 1)).reduce((a, b) => a + b);
  const marking = marked(loan, (-reckoned).toFixed(2));
  if (marking.verdict !== "explained") throw new Error(marking.verdict);
  expect(marking.explanations.slice(0, 2).map(({ codes }) => codes)).toEqual([
    ["yearly-rate-per-payment"],
    ["yearly-rate-per-payment", "wrong-sign"],
  ]);
});

describe("two mistakes together", () => {
  const worth = (rate: number, count: number) =>
    Array.from({ length: count }, (_, k) => (1 + rate) ** -(k + 1)).reduce(
      (sum, one) => sum + one,
      0,
    );
  test.each<[string, number, readonly string[]]>([
    [
      "payments at the start and years for payments",
      24350 / (worth(0.006, 5) * 1.006),
      ["start-end-swapped", "years-as-payments"],
    ],
    [
      "a yearly rate and years: nothing was converted",
      24350 / worth(0.072, 5),
      ["yearly-rate-per-payment", "years-as-payments"],
    ],
    [
      "a nominal rate as effective, and a zero too many",
      (24350 / worth(1.072 ** (1 / 12) - 1, 60)) * 10,
      ["extra-zero", "nominal-as-effective"],
    ],
  ])("%s", (_, value, codes) => {
    const marking = marked(loan, value.toFixed(2));
    if (marking.verdict !== "explained") throw new Error(marking.verdict);
    expect(marking.explanations.map((one) => one.codes.toSorted())).toContainEqual(codes);
  });
});

test("what is told as an explanation always gives just the number", () => {
  const problems = cases.flatMap(({ problem }) => {
    const read = readProblem(problem);
    return read.ok ? [read.value] : [];
  });
  fc.assert(
    fc.property(
      fc.constantFrom(...problems),
      fc.double({ min: 0.5, max: 1.6, noNaN: true }),
      (problem, times) => {
        const solution = solve(problem);
        if (!solution.ok) return;
        const typed = (solution.value.answers[0].value * times).toFixed(2);
        const marking = marked(problem, typed);
        if (marking.verdict !== "explained") return;
        for (const { value, codes } of marking.explanations) {
          expect(Math.abs(value).toFixed(2)).toBe(Math.abs(Number(typed)).toFixed(2));
          expect(codes.length).toBeLessThanOrEqual(2);
        }
      },
    ),
    { numRuns: 60 },
  );
});

test("wrong numbers that come of nothing are seldom blamed on a mistake", () => {
  let [blamed, tried] = [0, 0];
  cases.forEach(({ problem }, index) => {
    const read = readProblem(problem);
    const solution = read.ok ? solve(read.value) : null;
    if (!read.ok || solution?.ok !== true) return;
    // A number within ±30 % of the right one that repeats no pattern from case to case.
    const times = 0.7 + 0.6 * ((index * 0.6180339887) % 1);
    const marking = marked(read.value, (solution.value.answers[0].value * times).toFixed(2));
    if (marking.verdict === "right") return;
    tried += 1;
    if (marking.verdict === "explained") blamed += 1;
  });
  expect(tried).toBeGreaterThan(250);
  expect(blamed / tried).toBeLessThanOrEqual(0.02);
});

test("the step where two ways part is shown as it was and as it should be", () => {
  const marking = marked(loan, ((24350 * 0.072) / (1 - 1.072 ** -60)).toFixed(2));
  if (marking.verdict !== "explained") throw new Error(marking.verdict);
  const [first] = marking.explanations;
  const parting = partingOf(loan, first.problem);
  expect(parting?.right.lines.map((line) => linePlain(line)).join()).toContain("0.006");
  expect(parting?.wrong.lines.map((line) => linePlain(line)).join()).toContain("0.072");
});

describe("a value on the way is placed", () => {
  const quarterly = problemOf({
    rates: [{ ...monthly, compounding: "P3M" }],
    flows: [price, payments({})],
  });
  const placed = (typed: string): Placing => {
    const claim = readClaim(typed);
    return claim.ok ? placeValue(quarterly, claim.value) : { found: "nothing" };
  };
  const exact = 1.018 ** (1 / 3) - 1;
  const factor = (rate: number) => (1 - (1 + rate) ** -60) / rate;
  test.each<[string, string, Partial<Placing>]>([
    ["the right rate", exact.toFixed(7), { found: "right", letter: "ip" }],
    [
      "the right rate in percent",
      `${(exact * 100).toFixed(5)} %`,
      { found: "right", letter: "ip" },
    ],
    ["the right factor", factor(exact).toFixed(4), { found: "right", letter: null }],
    ["the factor of a mistake", factor(0.006).toFixed(4), { found: "slip" }],
    ["what stands nowhere", "123.4567", { found: "nothing" }],
    ["too few digits to tell by", "5", { found: "nothing" }],
  ])("%s", (_, typed, wanted) => {
    expect(placed(typed)).toMatchObject(wanted);
  });
});

describe("reading what was got", () => {
  test.each<[string, number, number]>([
    ["5,895.60", 5895.6, 0.005],
    ["−808.75", -808.75, 0.005],
    ["5.13 %", 5.13, 0.005],
    ["€ 1 200", 1200, 0.5],
    ["46.01 payments", 46.01, 0.005],
    ["0.00575", 0.00575, 0.000005],
    ["15*12", 180, 0.005],
  ])("%s", (typed, value, half) => {
    const read = readClaim(typed);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(read.value.value).toBeCloseTo(value, 12);
    expect(read.value.half).toBeCloseTo(half, 12);
  });

  test.each([
    ["", "claim-missing"],
    ["about forty", "claim-not-understood"],
    ["12..4", "claim-not-understood"],
  ])("“%s” is told by its code", (typed, code) => {
    expect(readClaim(typed)).toMatchObject({ ok: false, issues: [{ code }] });
  });
});
