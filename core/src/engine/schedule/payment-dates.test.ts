import { describe, expect, test } from "@jest/globals";
import { daysBetween, isCalendarDate } from "../time/calendar";
import { effective, problemOf, single, solved, stream } from "../../../test/problems";
import { firstPaymentDate, paymentDate } from "./payment-dates";

describe("the date of a payment", () => {
  test.each<[string, string, string, number, string | null]>([
    ["a month keeps its day", "2027-03-15", "P1M", 4, "2027-07-15"],
    ["a short month has its last day", "2027-01-31", "P1M", 1, "2027-02-28"],
    ["and the day comes back afterwards", "2027-01-31", "P1M", 2, "2027-03-31"],
    ["a leap year has one more", "2028-01-31", "P1M", 1, "2028-02-29"],
    ["29 February waits for the 28th", "2028-02-29", "P1Y", 1, "2029-02-28"],
    ["and is itself again after four years", "2028-02-29", "P1Y", 4, "2032-02-29"],
    ["quarters", "2027-11-30", "P3M", 1, "2028-02-29"],
    ["weeks", "2027-12-27", "P2W", 1, "2028-01-10"],
    ["days", "2028-02-28", "P1D", 2, "2028-03-01"],
    ["half a month is no date", "2027-03-15", "P0.5M", 1, null],
    ["two of them are none either, for the one between has none", "2027-03-15", "P0.5M", 3, null],
    ["nothing beyond the year 9999", "9999-12-01", "P1M", 1, null],
  ])("%s", (_, first, every, index, wanted) => {
    expect(paymentDate(first, every, index)).toBe(wanted);
  });

  test("monthly dates are real and rise by 28 to 31 days", () => {
    for (let index = 0; index < 400; index += 1) {
      const [one, next] = [0, 1].map((step) => paymentDate("2027-01-31", "P1M", index + step));
      if (one === undefined || one === null || next === undefined || next === null) {
        throw new Error("Every month has a date");
      }
      expect(isCalendarDate(one)).toBe(true);
      expect(daysBetween(one, next)).toBeGreaterThanOrEqual(28);
      expect(daysBetween(one, next)).toBeLessThanOrEqual(31);
    }
  });
});

describe("the first payment, where today has a date", () => {
  const dated = (parts: object, today: string | null = "2027-01-31") =>
    problemOf({
      ...(today === null ? {} : { today }),
      rates: [effective(5)],
      flows: [
        single("loan", "in", 1000, "P0D"),
        stream("pay", "out", null, { every: "P1M", count: 6, ...parts }),
      ],
    });
  test.each([
    ["comes after the first month", {}, "2027-02-28"],
    ["comes today, at the start of it", { timing: "start" }, "2027-01-31"],
    ["half a year later by the calendar", { begins: "P6M", timing: "start" }, "2027-07-31"],
    ["from a date on", { begins: "2027-09-20" }, "2027-10-20"],
    ["before today", { begins: "-P2M", timing: "start" }, "2026-11-30"],
    [
      "by the days to a start that no month says",
      { begins: "P0.1Y", timing: "start" },
      "2027-03-08",
    ],
  ])("%s", (_, parts, wanted) => {
    const problem = dated(parts);
    const pay = problem.flows[1];
    const settled = solved(problem).settled.flows[1];
    if (pay?.kind !== "stream" || settled?.kind !== "stream") throw new Error("A stream");
    expect(firstPaymentDate(problem, pay, settled.begins)).toBe(wanted);
  });

  test("has none without it", () => {
    const problem = dated({}, null);
    const pay = problem.flows[1];
    expect(pay?.kind === "stream" && firstPaymentDate(problem, pay, 0)).toBeNull();
  });
});
