import { describe, expect, test } from "@jest/globals";
import { BLANK_DRAFT, type Draft, type SingleLine } from "../draft";
import { addPart } from "./edit-parts";
import { readParts } from "./read-parts";
import { readyParts } from "./ready-parts";

const line = (
  id: string,
  direction: "in" | "out",
  amount: string,
  at: string,
  label = "",
): SingleLine => ({ kind: "single", id, label, direction, amount, at });

function debtOf(flows: Draft["flows"], parts: Partial<Draft> = {}): Draft {
  return {
    ...BLANK_DRAFT,
    rates: [
      {
        ...{ kind: "rate", id: "rate-1", percent: "6%", quoted: "simple", compounding: "P1Y" },
        ...{ compoundedBy: "words", from: "today" },
      },
    ],
    flows,
    ...parts,
  };
}

function settled(draft: Draft): Draft | null {
  const whole = JSON.parse(JSON.stringify(draft)) as Draft;
  const ready = readyParts(draft).find(({ id }) => id === "declining-balance");
  if (ready === undefined) return null;
  for (const part of ready.make({}, "b")) addPart(whole, part);
  return whole;
}

const answersOf = (whole: Draft | null) =>
  whole === null ? [] : readParts(whole).map(({ solved }) => solved?.answers[0].value ?? NaN);

describe("interest settled at each payment", () => {
  const typed = debtOf([
    line("debt", "in", "5000", "today", "Debt"),
    line("last", "out", "?", "1 year", "Last payment"),
    line("amount-3", "out", "1500", "8 months"),
    line("amount-4", "out", "1000", "3 months"),
  ]);

  test("is a part for each payment, in the order of their dates", () => {
    const whole = settled(typed);
    const [focal = NaN, ...owed] = answersOf(whole);
    // At one focal date, the end.
    expect(focal).toBeCloseTo(5300 - 1000 * 1.045 - 1500 * 1.02, 9);
    const first = 5000 * 1.015;
    const second = (first - 1000) * 1.025;
    const third = (second - 1500) * 1.02;
    expect(owed).toEqual(
      [first, second, third].map((value) => expect.closeTo(value, 8) as unknown),
    );
    expect(whole?.later.map(({ part }) => part.name)).toEqual([
      "Due after 3 months",
      "Due after 8 months",
      "Due after 1 year",
    ]);
  });

  test("follows what is typed of the debt afterwards", () => {
    const whole = settled(typed);
    if (whole === null) throw new Error("It fits");
    const [debt, ...others] = whole.flows;
    if (debt?.kind !== "single") throw new Error("It is a single amount");
    const more = { ...whole, flows: [{ ...debt, amount: "6000" }, ...others] };
    expect(answersOf(more)[1]).toBeCloseTo(6090, 9);
  });

  test("counts its days where payments have dates", () => {
    const whole = settled(
      debtOf(
        [
          line("debt", "in", "7300", "today"),
          line("first", "out", "2000", "29 Sep 2027"),
          line("last", "out", "?", "on 28 Dec 2027"),
        ],
        { today: "1 July 2027" },
      ),
    );
    const first = 7300 * (1 + (0.06 * 90) / 365);
    const last = (first - 2000) * (1 + (0.06 * 90) / 365);
    expect(answersOf(whole).slice(1)).toEqual([
      expect.closeTo(first, 8) as unknown,
      expect.closeTo(last, 8) as unknown,
    ]);
    expect(whole?.later.map(({ today }) => today)).toEqual(["1 July 2027", "29 Sep 2027"]);
  });

  test.each<[string, Draft]>([
    ["one payment", debtOf(typed.flows.slice(0, 2))],
    [
      "compound interest",
      debtOf(typed.flows, {
        rates: [
          {
            ...{ kind: "rate", id: "r", percent: "6%", quoted: "nominal", compounding: "P1M" },
            ...{ compoundedBy: "words", from: "today" },
          },
        ],
      }),
    ],
    ["an unknown before the last", debtOf(typed.flows.with(1, line("x", "out", "?", "2 months")))],
    ["more that is lent", debtOf(typed.flows.with(2, line("x", "in", "100", "2 months")))],
    ["a time that cannot be read", debtOf(typed.flows.with(2, line("x", "out", "100", "soon")))],
    ["a payment today", debtOf(typed.flows.with(2, line("x", "out", "100", "today")))],
  ])("is not offered of %s", (_, draft) => {
    expect(settled(draft)).toBeNull();
  });
});
