import { describe, expect, test } from "@jest/globals";
import { problemOf, single, stream } from "../../../test/problems";
import { randomProblems } from "../../../test/random-problems";
import { solve } from "../../engine/solve/solve";
import { readQuestion } from "../index";
import { sayProblem } from "./index";

const monthly = { percent: 6.9, quoted: "nominal", compounding: "P1M" };
const loan = problemOf({
  rates: [monthly],
  flows: [
    single("loan", "in", 9000, "P0D"),
    stream("pay", "out", null, { every: "P1M", count: 60 }),
  ],
});

test("problems of every kind are read back to the same answer, with nothing assumed or left over", () => {
  const solvable = randomProblems(200, 20_261_130).filter((problem) => solve(problem).ok);
  expect(solvable.length).toBeGreaterThan(180);
  const said = solvable.map((problem, seed) => sayProblem(problem, seed));
  expect(said.filter((one) => one?.isReadBack !== true)).toEqual([]);
  const open = said.filter((one) => {
    const { assumptions, unused } = readQuestion(one?.text ?? "");
    return assumptions.length + unused.length > 0;
  });
  expect(open).toEqual([]);
});

test("a seed has its own names and wording, and always the same", () => {
  const texts = [0, 1, 2].map((seed) => sayProblem(loan, seed)?.text);
  expect(new Set(texts).size).toBe(3);
  expect(sayProblem(loan, 2)?.text).toBe(texts[2]);
  expect(texts[0]).toBe(
    "Ilka borrows £9,000 from Harrow Tarn Savings at 6.9% a year, compounded monthly, and repays it by equal payments at the end of each month for 5 years. Find the payment.",
  );
});

describe("what no story tells is told payment by payment", () => {
  test("a loan whose rate changes", () => {
    const changed = { ...loan, rates: [monthly, { ...monthly, percent: 7.5, from: "P2Y" }] };
    expect(sayProblem(problemOf(changed))?.text.split("\n")).toEqual([
      "The Larkrigg Honey Cooperative expects these payments.",
      "Money in: £9,000 today.",
      "Money out: an unknown amount at the end of each month for 5 years.",
      "Interest: 6.9% a year, compounded monthly.",
      "Interest after 2 years: 7.5% a year, compounded monthly.",
      "Find the unknown amount.",
    ]);
  });

  test("an amount that is a part of another is worked out, or is a multiple of the unknown", () => {
    const half = single("half", "out", { times: 0.5, of: "loan" }, "P1Y");
    const known = sayProblem(problemOf({ ...loan, flows: [...loan.flows, half] }));
    expect(known).toMatchObject({ isReadBack: true });
    expect(known?.text).toContain("Money out: £4,500 in 1 year.");
    const twice = problemOf({
      rates: [monthly],
      flows: [
        single("debt", "in", 900, "P0D"),
        single("first", "out", null, "P1Y"),
        single("second", "out", { times: 2, of: "first" }, "P2Y"),
      ],
    });
    expect(sayProblem(twice)).toMatchObject({ isReadBack: true });
  });
});

describe("what is not told is never silent", () => {
  test("payments in whole cents are told as they are, and read back to others", () => {
    expect(sayProblem({ ...loan, paymentRounding: "up" })).toMatchObject({ isReadBack: false });
  });

  test("an amount that has more to it than a multiple of the unknown has no words", () => {
    const more = problemOf({
      rates: [monthly],
      flows: [
        single("debt", "in", 900, "P0D"),
        single("first", "out", null, "P1Y"),
        single("second", "out", { times: 2, of: "first", plus: 10 }, "P2Y"),
      ],
    });
    expect(sayProblem(more)).toBeNull();
  });

  test("a problem without an answer is told, and not said to be read back", () => {
    const endless = problemOf({
      rates: [monthly],
      flows: [
        single("loan", "in", 9000, "P0D"),
        stream("pay", "out", 10, { every: "P1M", count: null }),
      ],
    });
    expect(sayProblem(endless)).toMatchObject({ isReadBack: false });
  });
});
