import { describe, expect, test } from "@jest/globals";
import { daysBetween, isCalendarDate } from "../time/calendar";
import { paymentDate } from "./payment-dates";

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
