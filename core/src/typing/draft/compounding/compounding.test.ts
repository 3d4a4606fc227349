import { describe, expect, test } from "@jest/globals";
import { solve } from "../../../engine/solve/solve";
import type { Draft, StreamLine, TypedRateLine } from "../draft";
import { addRateChange, addStream } from "../edit-lines";
import { setQuotation } from "../quotation-key";
import { readDraft } from "../read-draft";
import { tidyRateLine } from "../read-rate-line";
import { SHAPES } from "../shapes";
import { writeDraft } from "../write-draft";
import { compoundingQuestion } from "./compounding-question";
import { paymentPeriods, usualCompounding } from "./payment-periods";

function started(id: string): Draft {
  const shape = SHAPES.find((candidate) => candidate.id === id);
  if (shape === undefined) throw new Error(`There is no shape ${id}`);
  return JSON.parse(JSON.stringify(shape.start())) as Draft;
}

function rateOf(draft: Draft): TypedRateLine {
  const [line] = draft.rates;
  if (line?.kind !== "rate") throw new Error("The first line is a rate");
  return line;
}

function streamOf(draft: Draft): StreamLine {
  const line = draft.flows.find(({ kind }) => kind === "stream");
  if (line?.kind !== "stream") throw new Error("There are payments");
  return line;
}

function answerOf(draft: Draft): number {
  const { problem, issues } = readDraft(draft);
  if (problem === null) throw new Error(JSON.stringify(issues));
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return solution.value.answers[0].value;
}

function questionOf(draft: Draft) {
  const [rate] = readDraft(draft).rates;
  return rate === undefined ? null : compoundingQuestion(draft.flows, rate);
}

/** The future value of equal payments at the end of each period, added one by one. */
function fundOf(amount: number, rate: number, count: number): number {
  let fund = 0;
  for (let paid = 0; paid < count; paid += 1) fund = fund * (1 + rate) + amount;
  return fund;
}

describe("while nobody says how interest is compounded", () => {
  test.each<[string, string, string, string, number]>([
    ["7,500", "year", "6 years", "5%", fundOf(7500, 0.05, 6)],
    ["1,300", "year", "18 years", "7% per annum", fundOf(1300, 0.07, 18)],
    ["140", "month", "40 payments", "6%", fundOf(140, 0.005, 40)],
    ["140", "quarter", "5 years", "6%", fundOf(140, 0.015, 20)],
    ["140", "biweekly", "26 payments", "6.5%", fundOf(140, 0.0025, 26)],
    ["140", "month", "40 payments", "9% APR", fundOf(140, 0.0075, 40)],
  ])("%s every %s for %s at %s is compounded as it is paid", (amount, every, count, rate, fund) => {
    const draft = started("saving-up");
    Object.assign(streamOf(draft), { amount, every, count });
    rateOf(draft).percent = rate;
    expect(answerOf(draft)).toBeCloseTo(fund, 8);
    expect(questionOf(draft)).toBeNull();
  });

  test("a loan repaid yearly is compounded yearly", () => {
    const draft = started("paying-back");
    Object.assign(streamOf(draft), { amount: "2,400", every: "year", count: "12 payments" });
    const [loan] = draft.flows;
    if (loan?.kind === "single") loan.amount = "?";
    rateOf(draft).percent = "6%";
    expect(answerOf(draft)).toBeCloseTo(20121.23, 2);
  });

  test("a lump sum is compounded yearly; payments that join it are followed at once", () => {
    const draft = started("one-amount");
    expect(usualCompounding(draft.flows)).toBe("P1Y");
    const stream = addStream(draft);
    expect(usualCompounding(draft.flows)).toBe("P1M");
    if (stream !== null) stream.every = "3 years";
    // What is paid more rarely earns interest every year all the same.
    expect(usualCompounding(draft.flows)).toBe("P1Y");
    if (stream !== null) stream.every = "nonsense";
    expect(paymentPeriods(draft.flows)).toEqual([]);
  });

  test("a list is followed where there are no payments", () => {
    const draft = started("uneven");
    const [list] = draft.flows;
    if (list?.kind === "list") list.every = "quarter";
    expect(usualCompounding(draft.flows)).toBe("P3M");
  });

  test("a rate that takes over follows too", () => {
    const draft = started("saving-up");
    expect(addRateChange(draft)).toMatchObject({ compoundedBy: "payments" });
  });

  test("payments at several intervals are asked about", () => {
    const draft = started("save-then-spend");
    const [, withdrawals] = draft.flows;
    if (withdrawals?.kind === "stream") withdrawals.every = "year";
    expect(questionOf(draft)).toEqual({ why: "several", now: "P1M", paid: ["P1M", "P1Y"] });
    setQuotation(rateOf(draft), "nominal P1Y");
    expect(questionOf(draft)).toBeNull();
  });
});

describe("once somebody says it", () => {
  test.each([
    ["6% compounded quarterly", "6%", "nominal", "P3M"],
    ["6% annually", "6%", "nominal", "P1Y"],
    ["j2 = 6%", "6%", "nominal", "P6M"],
    ["? compounded quarterly", "?", "nominal", "P3M"],
    ["5% EAR", "5%", "effective", "P1Y"],
  ])("%s moves to the line's own choice and stays", (typed, percent, quoted, compounding) => {
    const draft = started("saving-up");
    const line = rateOf(draft);
    line.percent = typed;
    const before = readDraft(draft).rates[0];
    tidyRateLine(line, 0);
    expect(line).toMatchObject({ percent, quoted, compoundedBy: "words" });
    expect(readDraft(draft).rates[0]).toMatchObject({
      quotation: before?.kind === "rate" ? before.quotation : null,
    });
    streamOf(draft).every = "week";
    const after = readDraft(draft).rates[0];
    expect(after).toMatchObject({
      quotation: quoted === "nominal" ? { quoted, compounding } : { quoted },
    });
    expect(questionOf(draft)).toBeNull();
  });

  test("a rate a year takes back one that was quoted for each quarter", () => {
    const draft = started("saving-up");
    const line = rateOf(draft);
    setQuotation(line, "periodic P3M");
    line.percent = "6% a year";
    tidyRateLine(line, 0);
    expect(line).toMatchObject({ percent: "6%", quoted: "nominal", compoundedBy: "payments" });
  });

  test("a bare figure is left as it is typed", () => {
    const draft = started("saving-up");
    for (const percent of ["6.25", "0.75 more than before", "?", "nonsense", "0.11"]) {
      const line = { ...rateOf(draft), percent };
      tidyRateLine(line, 1);
      expect(line).toEqual({ ...rateOf(draft), percent });
    }
  });
});

describe("a problem that was opened", () => {
  const opened = (compounding: string) =>
    writeDraft({
      format: "kestrelmoor-problem",
      version: 2,
      rates: [{ percent: 6, quoted: "nominal", compounding }],
      flows: [
        {
          ...{ id: "deposits", kind: "stream", direction: "out", amount: 140, every: "P1M" },
          ...{ count: 40, timing: "end", begins: "P0D" },
        } as const,
        { id: "fund", kind: "single", direction: "in", amount: null, at: { endOf: "deposits" } },
      ],
    });

  test("asks once its payments change, and not before", () => {
    const draft = opened("P1M");
    expect(questionOf(draft)).toBeNull();
    streamOf(draft).every = "year";
    expect(questionOf(draft)).toEqual({ why: "differs", now: "P1M", paid: ["P1Y"] });
    // What is typed now is an answer.
    rateOf(draft).percent = "6% compounded monthly";
    expect(questionOf(draft)).toBeNull();
  });

  test("says nothing where the file itself has two intervals", () => {
    const draft = opened("P3M");
    expect(questionOf(draft)).toBeNull();
    streamOf(draft).every = "year";
    expect(questionOf(draft)).toBeNull();
  });
});
