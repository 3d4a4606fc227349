import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { calendarDateWords } from "../../wording/format-time";
import { namesOf } from "./names";
import { readDate, readLeadingDate, type DateOrder } from "./read-date";
import { readDated } from "./read-dated";
import { readPosition } from "./read-position";

const read = (typed: string, order: DateOrder = "day-first") => {
  const date = readDate(typed, order);
  return date === null ? null : date.ok ? date.value : date.issues[0]?.code;
};

describe("a date as it is typed", () => {
  test.each([
    ["2027-09-20", "2027-09-20"],
    ["2027/9/5", "2027-09-05"],
    ["20 Sep 2027", "2027-09-20"],
    ["20 September 2027", "2027-09-20"],
    ["20th of September 2027", "2027-09-20"],
    ["on 20 Sept. 2027", "2027-09-20"],
    ["20-Sep-2027", "2027-09-20"],
    ["20sep2027", "2027-09-20"],
    ["Sep 20, 2027", "2027-09-20"],
    ["September 20th, 2027", "2027-09-20"],
    ["1 May 27", "2027-05-01"],
    ["1 may '27", "2027-05-01"],
    ["20/9/2027", "2027-09-20"],
    ["20.9.2027", "2027-09-20"],
    ["20.9.27", "2027-09-20"],
    ["29 Feb 2028", "2028-02-29"],
    ["31 February 2027", "date-impossible"],
    ["29 Feb 2027", "date-impossible"],
    ["2027-13-01", "date-impossible"],
    ["20 Sep", "date-without-year"],
    ["5 years", null],
    ["1/2", null],
    ["3.5", null],
    ["20 Sep 2027 and more", null],
    ["march on", null],
    ["", null],
  ])("%p is %p", (typed, wanted) => {
    expect(read(typed)).toBe(wanted);
  });

  test.each<[string, DateOrder, string]>([
    ["3/4/2027", "day-first", "2027-04-03"],
    ["3/4/2027", "month-first", "2027-03-04"],
    // What can only be the other way round is.
    ["9/20/2027", "day-first", "2027-09-20"],
    ["20/9/2027", "month-first", "2027-09-20"],
    ["31/31/2027", "day-first", "date-impossible"],
    ["2027-03-04", "month-first", "2027-03-04"],
  ])("%p, %s, is %p", (typed, order, wanted) => {
    expect(read(typed, order)).toBe(wanted);
  });

  test("in the words in which it is told is the same date", () => {
    const dates = fc.date({
      min: new Date("1000-01-01"),
      max: new Date("9999-12-31"),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(
        dates,
        fc.constantFrom("day-first" as const, "month-first" as const),
        (moment, order) => {
          const iso = moment.toISOString().slice(0, 10);
          expect(read(calendarDateWords(iso), order)).toBe(iso);
          expect(read(iso, order)).toBe(iso);
        },
      ),
    );
  });

  test("may have something behind it", () => {
    expect(readLeadingDate("20 Sep 2027: out 5", "day-first")).toEqual({
      ok: true,
      value: { on: "2027-09-20", rest: ": out 5" },
    });
  });
});

const names = {
  ...namesOf([{ id: "rent", kind: "stream" }]),
  calendar: { today: "2027-01-01", dayCount: "actual/365" },
} as const;

describe("a time may be a date, or lie before today", () => {
  test.each<[string, string, number]>([
    ["15 March 2027", "2027-03-15", 73 / 365],
    ["31/12/2026", "2026-12-31", -1 / 365],
    ["9 months ago", "-P9M", -0.75],
    ["2 years before today", "-P2Y", -2],
    ["half a year earlier", "-P6M", -0.5],
    ["-2 years", "-P2Y", -2],
    ["−P1Y6M", "-P1Y6M", -1.5],
    ["0 days ago", "P0D", 0],
    ["9 months", "P9M", 0.75],
    ["today", "P0D", 0],
  ])("%p", (typed, moment, years) => {
    expect(readPosition(typed, names)).toEqual({
      ok: true,
      value: { moment, years: expect.closeTo(years, 12) },
    });
  });

  test.each<[string, string, number]>([
    ["90 days", "P3M", 0.25],
    ["100 days", "P0.2777777777777778Y", 100 / 360],
    ["45 days ago", "-P0.125Y", -0.125],
    ["2 months 10 days", "P0.19444444444444445Y", 70 / 360],
    ["P90D", "P90D", 90 / 365],
    ["13 weeks", "P13W", 0.25],
  ])("with a year of 360 days, %p", (typed, moment, years) => {
    expect(readPosition(typed, { ...names, dayCount: "30/360" })).toEqual({
      ok: true,
      value: { moment, years: expect.closeTo(years, 12) },
    });
  });

  test.each([
    ["31 Feb 2027", "date-impossible"],
    ["20 Sep", "date-without-year"],
    ["banana ago", "time-not-understood"],
    ["5000 years ago", "time-too-long"],
  ])("%p is refused: %s", (typed, code) => {
    expect(readPosition(typed, names)).toMatchObject({ ok: false, issues: [{ code }] });
  });

  test("a date needs a date for today", () => {
    expect(readPosition("20 Sep 2027", namesOf([]))).toMatchObject({
      issues: [{ code: "date-without-today", on: "2027-09-20" }],
    });
  });
});

test("dated amounts are typed with any date", () => {
  const typed = `2027-03-01 out 1,000; 15 Sep 2027: 300 "honey sold"; 1.2.2028 250`;
  const entries = readDated(typed, names);
  expect(entries).toEqual({
    ok: true,
    value: [
      { on: "2027-03-01", amount: -1000 },
      { on: "2027-09-15", amount: 300, label: "honey sold" },
      { on: "2028-02-01", amount: 250 },
    ],
  });
  expect(readDated("31 Feb 2027 300", names)).toMatchObject({
    issues: [{ code: "date-impossible" }],
  });
  expect(readDated("soon 300", names)).toMatchObject({
    issues: [{ code: "dated-not-understood" }],
  });
});
