import { describe, expect, test } from "@jest/globals";
import { overWords } from "../../wording/span-words";
import { namesOf, type NumberedPayments } from "./names";
import { positionOf, readPosition } from "./read-position";
import { readSpan } from "./read-span";
import { USUAL_FORMAT } from "../../wording/answer-format";

const names = namesOf([
  { id: "saving", label: "Saving", kind: "stream" },
  { id: "rent", label: "Rent", kind: "stream" },
]);

describe("payments by their number", () => {
  const P = (years: number, months: number) => ({ years, months, weeks: 0, days: 0 });
  const payments = (id: string): NumberedPayments | null =>
    id === "saving"
      ? { begins: P(1, 0), every: P(0, 1), timing: "end", count: 40.5 }
      : id === "rent"
        ? { begins: P(0, 0), every: P(1, 0), timing: "start", count: Number.POSITIVE_INFINITY }
        : null;
  const withPayments = { ...names, paymentsOf: payments };
  const onlySaving = { ...withPayments, onlyStream: "saving" };

  test.each([
    ["payment 30", "P3Y6M"],
    ["after payment 30", "P3Y6M"],
    ["after the 30th payment", "P3Y6M"],
    ["right after deposit 1", "P1Y1M"],
    ["after 12 payments", "P2Y"],
    ["payment 41", "P4Y5M"],
    ["payment 3 of the rent", "P2Y"],
    ["payment 1 of rent", "P0D"],
    ["payment 42", "payment-too-late"],
    ["payment 0", "payment-too-late"],
    ["payment 3 of the moon", "name-not-found"],
  ])("%p is at %s", (typed, at) => {
    const read = readPosition(typed, onlySaving);
    const said = read.ok ? positionOf(read.value) : read.issues[0]?.code;
    expect(monthsIn(said ?? "")).toEqual(monthsIn(at));
  });

  test.each([
    ["payment 30", "P3Y5M", "P3Y6M"],
    ["in payment 1", "P1Y", "P1Y1M"],
    ["the 30th payment", "P3Y5M", "P3Y6M"],
    ["payments 13 to 24", "P2Y", "P3Y"],
    ["payments 13-24", "P2Y", "P3Y"],
    ["the first 12 payments", "P1Y", "P2Y"],
    ["payment 3 of rent", "P1Y", "P2Y"],
    ["payments 2 to 4 of rent", "P0D", "P3Y"],
  ])("%p goes from %s to %s", (typed, from, to) => {
    const read = readSpan(typed, onlySaving);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(monthsIn(positionOf(read.value.from))).toEqual(monthsIn(from));
    expect(monthsIn(positionOf(read.value.to))).toEqual(monthsIn(to));
  });

  test.each([
    ["payments 24 to 13", "span-backwards"],
    ["payment 1 of rent", "span-not-understood"],
    ["payment 99", "payment-too-late"],
  ])("%p is refused: %s", (typed, code) => {
    expect(readSpan(typed, onlySaving)).toMatchObject({ ok: false, issues: [{ code }] });
  });

  test("of several lines one must be said, and its start must be known", () => {
    expect(readSpan("payment 3", withPayments)).toMatchObject({
      issues: [{ code: "payments-of-which" }],
    });
    expect(readPosition("payment 3", { ...names, onlyStream: "saving" })).toMatchObject({
      issues: [{ code: "payments-undated" }],
    });
  });
});

describe("a stretch of time", () => {
  test.each([
    ["year 3", "P2Y", "P3Y"],
    ["in year 1", "P0D", "P1Y"],
    ["the third year", "P2Y", "P3Y"],
    ["over the 21st month", "P1Y8M", "P1Y9M"],
    ["years 2 to 4", "P1Y", "P4Y"],
    ["months 13-24", "P1Y", "P2Y"],
    ["year 2 to year 4", "P1Y", "P4Y"],
    ["quarter 2", "P3M", "P6M"],
    ["the first 5 years", "P0D", "P5Y"],
    ["first 18 months", "P0D", "P1Y6M"],
    ["from 1 year 6 months to 2 years", "P1Y6M", "P2Y"],
    ["between 1y and 2y", "P1Y", "P2Y"],
    ["today to 30 months", "P0D", "P2Y6M"],
    ["from today to the end of saving", "P0D", { endOf: "saving" }],
    ["from when saving ends to when rent ends", { endOf: "saving" }, { endOf: "rent" }],
  ])("%p", (typed, from, to) => {
    const read = readSpan(typed, names);
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(monthsIn(positionOf(read.value.from))).toEqual(monthsIn(from));
    expect(monthsIn(positionOf(read.value.to))).toEqual(monthsIn(to));
  });

  test.each([
    ["", "span-missing"],
    ["in", "span-not-understood"],
    ["year three", "span-not-understood"],
    ["year 2 to month 30", "span-not-understood"],
    ["year 0", "time-negative"],
    ["the first while", "span-not-understood"],
    ["3 years", "span-not-understood"],
    ["3 years to 2 years", "span-backwards"],
    ["years 4 to 2", "span-backwards"],
    ["2 years to soon", "time-not-understood"],
    ["year 1 to when the moon ends", "name-not-found"],
    ["from today to the end of the moon", "name-not-found"],
    ["year 2000", "time-too-long"],
  ])("%p is refused: %s", (typed, code) => {
    expect(readSpan(typed, names)).toMatchObject({ ok: false, issues: [{ code }] });
  });

  test.each([
    ["P2Y", "P3Y", "in year 3"],
    ["P0D", "P1Y", "in year 1"],
    ["P1Y", "P4Y", "in years 2 to 4"],
    ["P6M", "P7M", "in month 7"],
    ["P6M", "P1Y", "from 6 months to 1 year"],
    ["P1Y6M", "P2Y", "from 1 year 6 months to 2 years"],
    ["P0.5Y", "P2Y", "from 0.5 years to 2 years"],
  ])("%s to %s is told as %p", (from, to, words) => {
    expect(overWords(from, to, USUAL_FORMAT)).toBe(words);
  });
});

/** Twelve months and a year are one and the same. */
function monthsIn(position: unknown): unknown {
  if (typeof position !== "string" || !/^P\d/.test(position)) return position;
  const [, years = "0", months = "0"] = /^P(?:(\d+)Y)?(?:(\d+)M)?/.exec(position) ?? [];
  return Number(years) * 12 + Number(months);
}
