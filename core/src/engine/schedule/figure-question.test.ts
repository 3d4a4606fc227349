import { describe, expect, test } from "@jest/globals";
import { problemOf, single, solved, stream } from "../../../test/problems";
import { solve } from "../solve/solve";
import { questionOfFigure, SCHEDULE_FIGURES, type ScheduleFigure } from "./figure-question";

const rate = 0.00575;
const file = {
  rates: [{ percent: 6.9, quoted: "nominal", compounding: "P1M" }],
  flows: [
    single("loan", "in", 52000, "P0D"),
    stream("pay", "out", null, { every: "P1M", count: 60 }),
  ],
};

/** The schedule kept payment by payment, without any formula of a balance. */
function rows() {
  const payment = (52000 * rate) / (1 - (1 + rate) ** -60);
  let balance = 52000;
  let soFar = 0;
  return Array.from({ length: 60 }, () => {
    const opening = balance;
    const interest = opening * rate;
    soFar += interest;
    balance = opening + interest - payment;
    return {
      interest,
      principal: payment - interest,
      "closing-balance": balance,
      "opening-balance": opening,
      "interest-so-far": soFar,
    } satisfies Record<ScheduleFigure, number>;
  });
}

describe.each(SCHEDULE_FIGURES)("%s", (figure) => {
  test.each([1, 2, 30, 60])("of payment %d is what the schedule has there", (payment) => {
    const question = questionOfFigure(solved(file), 1, figure, payment);
    const answered = solve(problemOf({ ...file, also: [question] }));
    expect(answered.ok && answered.value.also[0]).toBeCloseTo(
      rows()[payment - 1]?.[figure] ?? NaN,
      6,
    );
  });
});

test.each([
  ["a row before the first", 1, 0],
  ["a row after the last", 1, 61],
  ["half a row", 1, 2.5],
  ["a row of a single amount", 0, 1],
])("%s asks nothing", (_, line, payment) => {
  expect(questionOfFigure(solved(file), line, "interest", payment)).toBeNull();
});
