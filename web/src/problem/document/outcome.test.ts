import { expect, test } from "@jest/globals";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { outcomeAfter, outcomeOf } from "./outcome";

/** Debts replaced, with dates: a draft in which every part counts. */
function datedDraft(): Draft {
  const shape = SHAPES.find(({ id }) => id === "debts-replaced");
  if (shape === undefined) throw new Error("There is no such shape");
  const draft = shape.start();
  const texts = [
    ["1200", "2027-06-01"],
    ["2500", "2027-12-01"],
    ["?", "2027-09-01"],
  ];
  for (const [index, line] of draft.flows.entries()) {
    if (line.kind !== "single") continue;
    const [amount = "", at = ""] = texts[index] ?? [];
    Object.assign(line, amount === "?" ? { at } : { amount, at });
  }
  const [rate] = draft.rates;
  if (rate?.kind === "rate") rate.percent = "9";
  return { ...draft, today: "2027-03-01" };
}

function amountOf({ solved }: ReturnType<typeof outcomeOf>): number | undefined {
  return solved?.answers[0].value;
}

test.each<[what: string, change: (draft: Draft) => Draft]>([
  ["the focal date", (draft) => ({ ...draft, focal: "2027-12-01" })],
  ["the date of today", (draft) => ({ ...draft, today: "2026-03-01", focal: "today" })],
  [
    "the day count",
    (draft) => ({ ...draft, conventions: { ...draft.conventions, dayCount: "actual/360" } }),
  ],
])("a change of %s alone changes the answer at once", (_, change) => {
  const before = outcomeOf(datedDraft());
  const changed = change(datedDraft());
  const after = outcomeAfter(before, changed);
  expect(amountOf(after)).toBe(amountOf(outcomeOf(changed)));
  expect(amountOf(after)).not.toBeCloseTo(amountOf(before) ?? NaN, 3);
});

test("a change of the title or the question alone asks nothing again", () => {
  const before = outcomeOf(datedDraft());
  const after = outcomeAfter(before, {
    ...datedDraft(),
    title: "Two debts",
    question: "How much?",
  });
  expect(after.result).toBe(before.result);
  expect(before.result?.ok).toBe(true);
});
