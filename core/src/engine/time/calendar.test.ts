import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { dateAfter, daysBetween } from "./calendar";

describe("days between two dates", () => {
  test.each([
    ["2027-03-01", "2027-03-01", 0],
    ["2027-12-31", "2028-01-01", 1],
    ["2028-02-28", "2028-03-01", 2],
    ["2027-02-28", "2027-03-01", 1],
    ["1900-02-28", "1900-03-01", 1],
    ["2000-02-28", "2000-03-01", 2],
    ["2027-01-01", "2028-01-01", 365],
    ["2028-01-01", "2029-01-01", 366],
    ["2029-01-01", "2028-01-01", -366],
    ["0001-01-01", "9999-12-31", 3_652_058],
  ])("from %s to %s are %i", (from, to, days) => {
    expect(daysBetween(from, to)).toBe(days);
  });

  test("are those of the platform's own calendar", () => {
    const date = fc.date({
      min: new Date("1600-01-01"),
      max: new Date("2600-01-01"),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(date, date, (one, other) => {
        const [from, to] = [one, other].map((moment) => moment.toISOString().slice(0, 10));
        const days = (Date.parse(to ?? "") - Date.parse(from ?? "")) / 86_400_000;
        expect(daysBetween(from ?? "", to ?? "")).toBe(days);
      }),
    );
  });
});

describe("the date so many days after another", () => {
  test.each([
    ["2027-12-31", 1, "2028-01-01"],
    ["2028-02-28", 1, "2028-02-29"],
    ["1900-02-28", 1, "1900-03-01"],
    ["2000-02-29", 1, "2000-03-01"],
    ["2028-01-01", -1, "2027-12-31"],
    ["0001-01-01", 3_652_058, "9999-12-31"],
  ])("%s and %i days is %s", (from, days, wanted) => {
    expect(dateAfter(from, days)).toBe(wanted);
  });

  test("is the platform's own", () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date("0400-01-01"), max: new Date("9000-01-01"), noInvalidDate: true }),
        fc.integer({ min: -140_000, max: 300_000 }),
        (moment, days) => {
          const from = moment.toISOString().slice(0, 10);
          const wanted = new Date(Date.parse(from) + days * 86_400_000);
          expect(dateAfter(from, days)).toBe(wanted.toISOString().slice(0, 10));
        },
      ),
      { numRuns: 2000 },
    );
  });
});
