import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { countedDays, DAY_COUNTS, yearsBetween, type DayCount } from "./day-count";
import { dateAt, isoYears, yearsOfMoment } from "./moment";

describe("years between two dates", () => {
  test.each<[string, string, DayCount, number]>([
    ["2027-01-15", "2027-04-16", "actual/365", 91 / 365],
    ["2027-01-15", "2027-04-16", "actual/360", 91 / 360],
    ["2027-01-15", "2027-04-16", "30/360", 91 / 360],
    ["2027-01-15", "2027-04-15", "30/360", 90 / 360],
    ["2028-01-01", "2029-01-01", "actual/365", 366 / 365],
    ["2028-01-01", "2029-01-01", "actual/actual", 1],
    ["2027-11-30", "2028-03-01", "actual/actual", 32 / 365 + 60 / 366],
    ["2026-06-30", "2029-06-30", "actual/actual", 3],
    ["2027-01-01", "2027-12-31", "actual/actual", 364 / 365],
    // The 31st is a 30th; the second date's only where the first is one.
    ["2027-05-31", "2027-09-30", "30/360", 120 / 360],
    ["2027-05-30", "2027-08-31", "30/360", 90 / 360],
    ["2027-05-29", "2027-08-31", "30/360", 92 / 360],
    ["2027-02-28", "2027-08-31", "30/360", 183 / 360],
    ["2027-04-16", "2027-01-15", "actual/365", -91 / 365],
  ])("%s to %s by %s", (from, to, dayCount, years) => {
    expect(yearsBetween(from, to, dayCount)).toBeCloseTo(years, 14);
  });

  test("are the same back as forth, and none from a date to itself", () => {
    const date = fc
      .date({ min: new Date("1900-01-01"), max: new Date("2200-01-01"), noInvalidDate: true })
      .map((moment) => moment.toISOString().slice(0, 10));
    fc.assert(
      fc.property(date, date, fc.constantFrom(...DAY_COUNTS), (one, other, dayCount) => {
        const years = yearsBetween(one, other, dayCount);
        expect(yearsBetween(other, one, dayCount) + years).toBe(0);
        expect(yearsBetween(one, one, dayCount)).toBeCloseTo(0, 15);
        // No day count is further from the calendar than the shorter year of 360 days makes it, and a month's ends.
        const days = (Date.parse(other) - Date.parse(one)) / 86_400_000;
        expect(Math.abs(years - days / 365.25)).toBeLessThan(0.02 + Math.abs(days) / 20_000);
      }),
    );
  });

  test("by their own years, put together day by day", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 0, max: 3000 }),
        (from, days) => {
          const iso = (day: number) =>
            new Date(Date.UTC(2023, 0, 1) + day * 86_400_000).toISOString().slice(0, 10);
          let years = 0;
          for (let day = from; day < from + days; day += 1) {
            const year = Number(iso(day).slice(0, 4));
            years += 1 / (year % 4 === 0 ? 366 : 365);
          }
          expect(yearsBetween(iso(from), iso(from + days), "actual/actual")).toBeCloseTo(years, 10);
        },
      ),
    );
  });
});

test("days are told as they are counted", () => {
  expect(countedDays("2027-05-31", "2027-09-30", "30/360")).toBe(120);
  expect(countedDays("2027-05-31", "2027-09-30", "actual/360")).toBe(122);
});

describe("a time of a problem file in years", () => {
  const calendar = { today: "2027-01-01", dayCount: "actual/365" } as const;

  test.each([
    ["P9M", 0.75],
    ["-P9M", -0.75],
    ["2027-03-15", 73 / 365],
    ["2026-12-31", -1 / 365],
    ["-P0D", 0],
  ])("%s is %p", (moment, years) => {
    expect(yearsOfMoment(moment, calendar)).toBeCloseTo(years, 14);
  });

  test("a date that nothing is counted from is a programmer's mistake", () => {
    expect(() => yearsOfMoment("2027-03-15", null)).toThrow(TypeError);
  });

  test("is written as it is read", () => {
    fc.assert(
      fc.property(fc.double({ min: -900, max: 900, noNaN: true }), (years) => {
        expect(yearsOfMoment(isoYears(years), null)).toBeCloseTo(years, 11);
      }),
    );
  });
});

test("the date at a time is the one that the time was counted to", () => {
  const date = fc
    .date({ min: new Date("2000-01-01"), max: new Date("2060-01-01"), noInvalidDate: true })
    .map((moment) => moment.toISOString().slice(0, 10));
  fc.assert(
    fc.property(date, date, fc.constantFrom(...DAY_COUNTS), (today, other, dayCount) => {
      const years = yearsBetween(today, other, dayCount);
      const found = dateAt(years, { today, dayCount }) ?? "";
      expect(yearsBetween(today, found, dayCount)).toBe(years);
      // Months of thirty days have two dates for one time at their ends.
      if (dayCount !== "30/360") expect(found).toBe(other);
    }),
  );
});

test("a 30th and a 31st are one day by 30/360, whichever is first", () => {
  expect(yearsBetween("2059-12-30", "2059-12-31", "30/360")).toBe(0);
  expect(yearsBetween("2059-12-31", "2059-12-30", "30/360")).toBe(0);
});
