import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { QUOTATION_KINDS, type Quotation } from "../../../engine/rates/quotation";
import { quotationWords } from "../../../wording/quotation-words";
import { readRate } from "../../input/read-rate";
import type { Draft, SingleLine } from "../draft";
import { writeDraft } from "../write-draft";
import { asLaterPart, labelsOf, partsOf, pathInWhole } from "./part-drafts";
import { readParts, type PartReading } from "./read-parts";
import { readProblem } from "../../../engine/problem/problem-file";
import { parseDraft } from "../draft-document";
import { draftOfQuestion } from "./question-draft";
import { writeQuestion } from "./write-question";

function draftOf(parts: object): Draft {
  const read = readProblem({ format: "kestrelmoor-problem", version: 2, ...parts });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return writeDraft(read.value);
}

const monthly = (percent: number | null) => ({ percent, quoted: "nominal", compounding: "P1M" });
const single = (id: string, direction: string, amount: number | null, at: string | null) => ({
  id,
  kind: "single",
  direction,
  amount,
  at,
});

const stream = (amount: number | null, count: number | null) => ({
  id: "payments",
  label: "Repayments",
  kind: "stream",
  direction: "out",
  amount,
  every: "P1M",
  count,
  timing: "end",
  begins: "P0D",
});

/** 100,000 over 20 years at 6% monthly. */
const LOAN = draftOf({
  rates: [monthly(6)],
  flows: [single("loan", "in", 100_000, "P0D"), stream(null, 240)],
});
const PAYMENT = (100_000 * 0.005) / (1 - 1.005 ** -240);
const OWED = (months: number) => (PAYMENT * (1 - 1.005 ** (months - 240))) / 0.005;

const RATE = draftOf({
  rates: [monthly(null)],
  flows: [single("loan", "in", 100_000, "P0D"), stream(PAYMENT, 240)],
});
const TWO_RATES = draftOf({
  rates: [{ percent: null, quoted: "effective" }],
  flows: [
    single("a", "out", 100, "P0D"),
    single("b", "in", 230, "P1Y"),
    single("c", "out", 132, "P2Y"),
  ],
});
const TIME = draftOf({
  rates: [{ percent: 10, quoted: "effective" }],
  flows: [single("a", "out", 100, "P0D"), single("b", "in", 121, null)],
});
const COUNT = draftOf({
  rates: [monthly(6)],
  flows: [single("loan", "in", 100_000, "P0D"), stream(PAYMENT, null)],
});

/** An amount that doubles in a year, with some of its texts typed otherwise. */
function doubled(typed: Partial<Pick<SingleLine, "amount" | "at">> & { percent?: string }): Draft {
  const draft = draftOf({
    rates: [{ percent: 100, quoted: "effective" }],
    flows: [single("put-in", "out", 1, "P0D"), single("back", "in", null, "P1Y")],
  });
  const { percent, ...texts } = typed;
  const [rate] = draft.rates;
  if (percent !== undefined && rate?.kind === "rate") rate.percent = percent;
  const [, back] = draft.flows;
  const [first] = draft.flows;
  if (first?.kind === "single" && texts.amount !== undefined) first.amount = texts.amount;
  if (back?.kind === "single" && texts.at !== undefined) back.at = texts.at;
  return draft;
}

function question(...parts: readonly Draft[]): Draft {
  const [first, ...later] = parts.map((draft, index) => ({
    ...draft,
    part: { label: "abcdefghijklmnopqrstuvwxyz".charAt(index), name: "" },
  }));
  if (first === undefined) throw new TypeError("A question has parts");
  return { ...first, later: later.map(asLaterPart) };
}

function lastOf(...parts: readonly Draft[]): PartReading {
  const last = readParts(question(...parts)).at(-1);
  if (last === undefined) throw new TypeError("A question has parts");
  return last;
}

const answerOf = ({ solved }: PartReading) => solved?.answers[0].value;
const codesOf = ({ reading }: PartReading) => reading.issues.map(({ code }) => code);

describe("an amount of an earlier part, as it is typed", () => {
  test.each<[typed: string, value: number]>([
    ["payment of (a)", PAYMENT],
    ["the payment from (a)", PAYMENT],
    ["Payment in part a", PAYMENT],
    ["answer of part (a)", PAYMENT],
    ["repayments of (a)", PAYMENT],
    ["the monthly payment of (a)", PAYMENT],
    ["(a)", PAYMENT],
    ["half the payment of (a)", PAYMENT / 2],
    ["half of the payment of (a)", PAYMENT / 2],
    ["twice the answer of (a)", 2 * PAYMENT],
    ["3 times the payment of (a)", 3 * PAYMENT],
    ["25% of the payment of (a)", PAYMENT / 4],
    ["payment of (a) + 25", PAYMENT + 25],
    ["98% of payment of (a) - 10", 0.98 * PAYMENT - 10],
    ["payment of (a), rounded", 716.43],
    ["payment of (a) to the cent", 716.43],
    ["the rounded payment of (a)", 716.43],
    ["payment of (a) rounded to 0 decimals", 716],
    ["240 x payment of (a) - loan of (a)", 240 * PAYMENT - 100_000],
    ["balance after 5 years of (a)", OWED(60)],
    ["the outstanding balance at 5 years of (a)", OWED(60)],
    ["what is still owed after 60 months of (a)", OWED(60)],
    ["90% of the balance after 5 years of (a)", 0.9 * OWED(60)],
    ["balance after 5 years of (a) + payment of (a)", OWED(60) + PAYMENT],
    ["interest in year 1 of (a)", 12 * PAYMENT - (100_000 - OWED(12))],
    ["principal repaid in year 1 of (a)", 100_000 - OWED(12)],
    ["total of the repayments of (a)", 240 * PAYMENT],
    ["total out of (a)", 240 * PAYMENT],
    ["payment of a", PAYMENT],
    ["the payment found in (a)", PAYMENT],
    ["same payment as (a)", PAYMENT],
    ["same as (a)", PAYMENT],
    ["100 more than the payment of (a)", PAYMENT + 100],
    ["100 less than the payment of (a)", PAYMENT - 100],
    ["payment of (a) (rounded)", 716.43],
    ["balance of (a) after 5 years", OWED(60)],
    ["outstanding balance of (a) after 5 years - 1000", OWED(60) - 1000],
    ["twice the balance of (a) after 5 years, rounded", Math.round(100 * OWED(60)) / 50],
    ["total interest of (a)", 240 * PAYMENT - 100_000],
    ["interest paid in (a)", 240 * PAYMENT - 100_000],
    ["total paid in (a)", 240 * PAYMENT],
    ["loan amount of (a)", 100_000],
    ["principal of (a)", 100_000],
    ["present value of (a)", 100_000],
  ])("%s", (amount, value) => {
    expect(answerOf(lastOf(LOAN, doubled({ amount })))).toBeCloseTo(2 * value, 6);
  });

  test("it follows when the earlier part changes", () => {
    const [change, kept] = [structuredCopy(LOAN), doubled({ amount: "payment of (a)" })];
    const [rate] = change.rates;
    if (rate?.kind === "rate") rate.percent = "0%";
    expect(answerOf(lastOf(change, kept))).toBeCloseTo((2 * 100_000) / 240, 8);
  });
});

function structuredCopy(draft: Draft): Draft {
  return JSON.parse(JSON.stringify(draft)) as Draft;
}

describe("other figures are taken up in the fields of their kind", () => {
  test.each<[what: string, first: Draft, typed: Parameters<typeof doubled>[0], value: number]>([
    ["a rate, quoted as it is there", RATE, { percent: "rate of (a)" }, 1.005 ** 12],
    ["some points more", RATE, { percent: "rate of (a) + 2%" }, (1 + 0.08 / 12) ** 12],
    ["words behind it win", RATE, { percent: "rate of (a) effective" }, 1.06],
    ["as the page words them", RATE, { percent: "rate of (a) a year, effective" }, 1.06],
    ["one of two rates", TWO_RATES, { percent: "second answer of (a)" }, 1.2],
    ["the larger one", TWO_RATES, { percent: "highest rate of (a)" }, 1.2],
    ["by its number", TWO_RATES, { percent: "answer 1 of (a)" }, 1.1],
    ["a time", TIME, { at: "answer of (a)" }, 4],
    ["half of it", TIME, { at: "half the time of (a)" }, 2],
    ["a year later", TIME, { at: "time of (a) + 1 year" }, 8],
    ["a rate that was given", LOAN, { percent: "rate of (a)" }, 1.005 ** 12],
    ["a time as a bare number of percent", TIME, { percent: "1 * time of (a)" }, 1.02],
    ["a rate as a bare amount", RATE, { amount: "1 * rate of (a)" }, 12],
    ["a rate as a bare time", RATE, { at: "0.5 * rate of (a)" }, 8],
  ])("%s", (_, first, typed, value) => {
    expect(answerOf(lastOf(first, doubled(typed)))).toBeCloseTo(value, 8);
  });

  const everyQuotation = QUOTATION_KINDS.flatMap((quoted): Quotation[] =>
    quoted === "nominal" || quoted === "periodic" || quoted === "nominal-discount"
      ? ["P1Y", "P6M", "P3M", "P1M", "P2W", "P1D"].map((compounding) => ({ quoted, compounding }))
      : [{ quoted }],
  ).filter(
    (quotation) =>
      !("compounding" in quotation) ||
      quotation.quoted === "nominal" ||
      quotation.compounding !== "P1Y",
  );

  test.each(everyQuotation)("how a rate is quoted is read as it is worded: %j", (quotation) => {
    const read = readRate(`5% ${quotationWords(quotation)}`);
    expect(read).toMatchObject({ ok: true, value: { percent: 5, quotation } });
  });

  test.each<[first: Draft, typed: string, payments: number | null]>([
    [COUNT, "answer of (a)", 240],
    [COUNT, "half the answer of (a)", 120],
    [LOAN, "number of payments of (a) - 60", 180],
    [LOAN, "number of payments of (a) - 60 payments", 180],
    [LOAN, "term of (a)", 240],
    [LOAN, "term of (a) - 5 years", 180],
    [LOAN, "term of (a) - 5 years 6 months", 174],
    [LOAN, "term of (a) less 5 years", null],
    [LOAN, "number of payments of (a) - 5 years", null],
  ])("how long payments go on: %#. %s", (first, count, payments) => {
    const second = structuredCopy(LOAN);
    const [, line] = second.flows;
    if (line?.kind === "stream") line.count = count;
    const value = answerOf(lastOf(first, second));
    if (payments === null) expect(value).toBeUndefined();
    else expect(value).toBeCloseTo((100_000 * 0.005) / (1 - 1.005 ** -payments), 6);
  });

  test("in a list, out or in, repeated or not", () => {
    const list = draftOf({
      rates: [{ percent: 0, quoted: "effective" }],
      flows: [
        { id: "list", kind: "list", every: "P1Y", begins: "P0D", amounts: [1] },
        single("sum", "out", null, "P0D"),
      ],
    });
    const [line] = list.flows;
    if (line?.kind === "list") line.amounts = "100; out payment of (a); payment of (a) x 3";
    expect(answerOf(lastOf(LOAN, list))).toBeCloseTo(100 + 2 * PAYMENT, 8);
  });
});

test("an amount on a date takes up a part too, and the file refers to it", () => {
  const dated = draftOf({
    rates: [{ percent: 0, quoted: "effective" }],
    flows: [
      { id: "dates", kind: "dated", entries: [{ on: "2027-03-01", amount: 1 }] },
      single("sum", "out", null, "P0D"),
    ],
  });
  const [line] = dated.flows;
  if (line?.kind === "dated") {
    line.entries = "1 Mar 2027 100; 20 Sep 2027: out half the payment of (a)";
  }
  const whole = question(LOAN, dated);
  // The other way round: what went out has to come in.
  expect(answerOf(lastOf(LOAN, dated))).toBeCloseTo(PAYMENT / 2 - 100, 8);
  expect(writeQuestion(whole)?.parts[1]?.problem["flows"]).toMatchObject([
    { entries: [{ amount: 100 }, { amount: { answerOf: "a", times: -0.5 } }] },
    {},
  ]);
});

describe("what cannot be taken up is told in its field", () => {
  test.each<[typed: string, code: string]>([
    ["payment of (z)", "part-missing"],
    ["payment of (b)", "part-refers-to-itself"],
    ["payment of (c)", "part-refers-ahead"],
    ["fee of (a)", "part-has-no"],
    ["of (a)", "part-has-no"],
    ["balance after soon of (a)", "part-has-no"],
    ["rate of (a)", "part-other-unit"],
    ["payment of (a) of (a)", "part-has-no"],
  ])("%s", (amount, code) => {
    const [, second] = readParts(question(LOAN, doubled({ amount }), LOAN));
    expect(second?.solved).toBeNull();
    expect(second === undefined ? [] : codesOf(second)).toEqual([code]);
    expect(second?.reading.issues[0]?.path).toEqual(["flows", 0, "amount"]);
  });

  test("a part waits for one without an answer, and so do those after it", () => {
    const unfinished = structuredCopy(LOAN);
    const [line] = unfinished.flows;
    if (line?.kind === "single") line.amount = "";
    const parts = readParts(
      question(unfinished, doubled({ amount: "(a)" }), doubled({ amount: "(b)" }), doubled({})),
    );
    expect(parts.map(({ reading }) => reading.issues.map(({ code }) => code))).toEqual([
      ["money-missing"],
      ["part-waits"],
      ["part-waits"],
      [],
    ]);
    expect(parts.at(-1)?.solved).not.toBeNull();
  });

  test("one of several answers has to be chosen", () => {
    expect(codesOf(lastOf(TWO_RATES, doubled({ percent: "rate of (a)" })))).toEqual([
      "part-answers-several",
    ]);
    expect(codesOf(lastOf(TWO_RATES, doubled({ percent: "third answer of (a)" })))).toEqual([
      "part-solution-missing",
    ]);
  });

  test("where there are no parts, a part is missing", () => {
    expect(codesOf(lastOf(doubled({ amount: "payment of (b)" })))).toEqual(["part-missing"]);
  });

  test("whatever is typed, nothing stops the reader", () => {
    const words = fc.constantFrom(
      ..."payment balance after of in part (a) (b) ( ) half 5 years 1e9 % + - x / ^ , ; ? rounded to".split(
        " ",
      ),
    );
    fc.assert(
      fc.property(fc.array(words, { maxLength: 14 }), (said) => {
        const typed = said.join(" ");
        const read = lastOf(LOAN, doubled({ amount: typed, at: typed, percent: typed }));
        expect(read.reading.flows).toHaveLength(2);
      }),
    );
  });
});

describe("the parts of a draft", () => {
  const whole = question(LOAN, TIME, RATE);

  test("are drafts by themselves, and become one again", () => {
    expect(labelsOf(whole)).toEqual(["a", "b", "c"]);
    const parts = partsOf({ ...whole, title: "Roof" });
    expect(parts.map(({ title, later }) => [title, later])).toEqual(Array(3).fill(["Roof", []]));
    expect(parts[1]?.flows).toEqual(TIME.flows);
    expect(question(...partsOf(whole))).toEqual(whole);
    expect(parseDraft(whole)).toEqual({ ok: true, value: whole });
  });

  test("have their places in the whole", () => {
    expect(pathInWhole(0, ["flows", 0, "amount"])).toEqual(["flows", 0, "amount"]);
    expect(pathInWhole(2, ["flows", 0, "amount"])).toEqual(["later", 1, "flows", 0, "amount"]);
    expect(pathInWhole(2, ["title"])).toEqual(["title"]);
  });

  test("26 of them, each taking up the one before", () => {
    const chain = Array.from({ length: 26 }, (_, index) =>
      doubled(index === 0 ? {} : { amount: `(${"abcdefghijklmnopqrstuvwxyz".charAt(index - 1)})` }),
    );
    expect(answerOf(lastOf(...chain))).toBe(2 ** 26);
  });
});

describe("the file of a question", () => {
  test("asks an earlier part what a later one takes up", () => {
    const file = writeQuestion(
      question(LOAN, doubled({ amount: "half the balance after 5 years of (a)" })),
    );
    expect(file?.parts[0]?.problem["also"]).toEqual([{ find: "balance", at: "P5Y" }]);
    expect(file?.parts[1]?.problem["flows"]).toMatchObject([
      { amount: { answerOf: "a", also: 0, times: 0.5 } },
      { amount: null },
    ]);
  });

  test("takes a figure that counts something else as a bare number, as the file does", () => {
    const file = writeQuestion(question(RATE, doubled({ amount: "1 * rate of (a)" })));
    expect(file?.parts[1]?.problem["flows"]).toMatchObject([
      { amount: { answerOf: "a" } },
      { amount: null },
    ]);
    const again = file === null ? null : draftOfQuestion(file);
    expect(again?.later[0]?.flows[0]).toMatchObject({ amount: "1 * rate of (a)" });
  });

  test("says how a rate is quoted where that is not as in the earlier part", () => {
    const file = writeQuestion(question(RATE, doubled({ percent: "rate of (a) effective" })));
    expect(file?.parts[1]?.problem["rates"]).toEqual([
      { percent: { answerOf: "a" }, quoted: "effective" },
    ]);
    const again = file === null ? null : draftOfQuestion(file);
    expect(again?.later[0]?.rates[0]).toMatchObject({ percent: "rate of (a) a year, effective" });
    expect(again === null ? NaN : answerOf(readParts(again)[1] ?? lastOf(RATE))).toBeCloseTo(
      1.06,
      8,
    );
  });

  test("has a number where a text takes up two answers, or a figure that was given", () => {
    for (const amount of ["payment of (a) + balance after 5 years of (a)", "loan of (a)"]) {
      const file = writeQuestion(question(LOAN, doubled({ amount })));
      expect(file?.parts[1]?.problem["flows"]).toMatchObject([
        { amount: expect.any(Number) as unknown },
        { amount: null },
      ]);
    }
  });

  test("is none while a part is no problem", () => {
    expect(writeQuestion(question(LOAN, doubled({ amount: "" })))).toBeNull();
  });
});
