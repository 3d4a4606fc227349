import { describe, expect, test } from "@jest/globals";
import { BLANK_DRAFT, draftSchema, type Draft } from "../draft";
import { MOST_CHANGES } from "../draft-schedule";
import { removeFlow } from "../edit-lines";
import { SHAPES } from "../shapes";
import { TEXTBOOK_TIMES } from "../../input/names";
import type { ChangeLine } from "./change-kinds";
import { addChange, CHANGES, writeInChange } from "./edit-changes";
import { readChange } from "./read-change";

/** Monthly payments at the end of each month; a rate is compounded monthly unless it says otherwise. */
const MONTHLY = {
  first: 1 / 12,
  frequency: 12,
  every: "P1M",
  firstDate: null,
  said: TEXTBOOK_TIMES,
  quotation: { quoted: "nominal", compounding: "P1M" },
} as const;
const AT_THE_START = { ...MONTHLY, first: 0 };

const own = { id: "change-1", flow: "repayments" };
const spell = (kind: "holiday" | "interest-only", from: string, lasts: string): ChangeLine => ({
  ...own,
  kind,
  from,
  lasts,
  then: "kept",
});
const extra = (often: "once" | "payment" | "year", from: string, to = ""): ChangeLine => ({
  ...own,
  kind: "extra",
  amount: "2 x 60",
  often,
  from,
  to,
});

describe("what a line of changes says", () => {
  test.each<[string, ChangeLine, object]>([
    ["from one payment on", extra("payment", "13"), { amount: 120, fromPayment: 13 }],
    ["up to another", extra("payment", "1", "payment 24"), { fromPayment: 1, toPayment: 24 }],
    // Something paid after two years is paid with payment 24; what holds from then on begins with payment 25.
    ["once, at a time", extra("once", "2 years"), { fromPayment: 24 }],
    ["once, between two payments", extra("once", "2 years 10 days"), { fromPayment: 25 }],
    ["from a time on", extra("payment", "2 years"), { fromPayment: 24 }],
    ["in a year of the loan", extra("year", "year 3"), { often: "year", fromPayment: 25 }],
    ["today", extra("once", "today"), { fromPayment: 1 }],
    ["a holiday", spell("holiday", "13th", "6"), { fromPayment: 13, toPayment: 18, then: "kept" }],
    ["as time", spell("interest-only", "1", "1y 6m"), { fromPayment: 1, toPayment: 18 }],
    [
      "a rate as the problem quotes it",
      { ...own, kind: "rate", percent: "6 1/4%", from: "5 years", then: "reset" },
      { fromPayment: 61, percent: 6.25, quotation: MONTHLY.quotation, then: "reset" },
    ],
    [
      "a rate that says how it is quoted",
      { ...own, kind: "rate", percent: "5% effective", from: "2", then: "kept" },
      { percent: 5, quotation: { quoted: "effective" } },
    ],
    [
      "a fee",
      { ...own, kind: "fee", amount: "$250", paid: "added" },
      { amount: 250, isAdded: true },
    ],
    ["a residual", { ...own, kind: "residual", amount: "5k" }, { kind: "residual", amount: 5000 }],
    ["a multiple", { ...own, kind: "round-up", multiple: "10" }, { multiple: 10 }],
  ])("%s", (_, line, wanted) => {
    expect(readChange(line, MONTHLY).change).toMatchObject({ kind: line.kind, ...wanted });
  });

  test("payments at the start of each month come a month sooner", () => {
    expect(readChange(extra("once", "2 years"), AT_THE_START).change).toMatchObject({
      fromPayment: 25,
    });
  });

  test.each([
    ["20 Sep 2028", 24],
    ["21 September 2028", 25],
    ["2028-09-20", 24],
    ["9/20/2028", 24],
    ["on 1 Oct 2026", 1],
  ])("where payments have dates, “%s” is payment %d", (from, fromPayment) => {
    const dated = {
      ...MONTHLY,
      firstDate: "2026-10-20",
      said: { ...TEXTBOOK_TIMES, dateOrder: "month-first" as const },
    };
    expect(readChange(extra("once", from), dated).change).toMatchObject({ fromPayment });
  });

  test.each<[string, ChangeLine, string, string]>([
    [
      "a date where payments have none",
      extra("once", "5 May 2028"),
      "from",
      "payments-without-dates",
    ],
    ["31 February", extra("once", "31 Feb 2028"), "from", "date-impossible"],
    ["nothing typed", spell("holiday", "1", ""), "lasts", "payments-missing"],
    ["no beginning", spell("holiday", " ", "6"), "from", "payment-number-missing"],
    ["less than a payment", spell("holiday", "1", "3 days"), "lasts", "payments-not-understood"],
    ["for ever", spell("holiday", "1", "ever"), "lasts", "payments-not-understood"],
    ["payment nought", spell("holiday", "0", "6"), "from", "payment-number-not-understood"],
    ["words", extra("once", "soon"), "from", "payment-number-not-understood"],
    ["the unknown", { ...own, kind: "residual", amount: "?" }, "amount", "known-only"],
    ["a sign", { ...own, kind: "fee", amount: "-5", paid: "added" }, "amount", "money-with-sign"],
  ])("%s is told at its field", (_, line, field, code) => {
    const { fields, change } = readChange(line, MONTHLY);
    expect(change).toBeNull();
    expect(fields).toMatchObject({ [field]: { state: "issue", issue: { code } } });
  });
});

describe("editing changes", () => {
  const draft = (): Draft => SHAPES[0]?.picture() ?? BLANK_DRAFT;

  test("each kind is added, is sound, and is typed into", () => {
    const own = draft();
    const kinds = [
      "extra",
      "round-up",
      "interest-only",
      "holiday",
      "rate",
      "fee",
      "residual",
    ] as const;
    for (const kind of kinds) {
      const { id } = addChange(own, "repayments", kind) ?? { id: "" };
      for (const field of ["amount", "multiple", "percent", "from", "to", "lasts"] as const) {
        writeInChange(own, id, field, "7");
      }
      writeInChange(own, id, "then", "kept");
      writeInChange(own, id, "paid", "added");
      writeInChange(own, id, "often", "year");
      // There is no such thing to choose.
      writeInChange(own, id, "often", "never");
    }
    expect(draftSchema.safeParse(own).success).toBe(true);
    expect(own.schedule.changes.map((line) => readChange(line, MONTHLY).change)).toEqual([
      { kind: "extra", amount: 7, often: "year", fromPayment: 7, toPayment: 7 },
      { kind: "round-up", multiple: 7 },
      { kind: "interest-only", fromPayment: 7, toPayment: 13, then: "kept" },
      { kind: "holiday", fromPayment: 7, toPayment: 13, then: "kept" },
      { kind: "rate", fromPayment: 7, percent: 7, quotation: MONTHLY.quotation, then: "kept" },
      { kind: "fee", amount: 7, isAdded: true },
      { kind: "residual", amount: 7 },
    ]);
    CHANGES.remove(own, own.schedule.changes[0]?.id ?? "");
    expect(own.schedule.changes).toHaveLength(6);
  });

  test("there is an end to them, and they go with their payments", () => {
    const own = draft();
    for (let count = 0; count < MOST_CHANGES; count += 1) addChange(own, "repayments", "fee");
    expect(addChange(own, "repayments", "fee")).toBeNull();
    expect(new Set(own.schedule.changes.map(({ id }) => id)).size).toBe(MOST_CHANGES);
    removeFlow(own, "repayments");
    expect(own.schedule.changes).toEqual([]);
  });
});
