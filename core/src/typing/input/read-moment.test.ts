import { describe, expect, test } from "@jest/globals";
import { readClaim } from "./read-claim";
import { readFigure } from "./read-figure";
import { TEXTBOOK_TIMES, type TimesSaid } from "./names";
import { readMoment, timesSaidIn } from "./read-moment";
import { problemOf, single } from "../../../test/problems";

const dated: TimesSaid = {
  calendar: { today: "2027-01-01", dayCount: "actual/360" },
  dayCount: "actual/360",
  dateOrder: "month-first",
};

test.each<[string, string, number]>([
  ["3/2/2027", "2027-03-02", 60 / 360],
  ["1 Dec 2026", "2026-12-01", -31 / 360],
  ["45 days", "P0.125Y", 0.125],
  ["after 2 years", "P2Y", 2],
])("beside a problem with dates, %p is a time", (typed, moment, years) => {
  expect(readMoment(typed, dated)).toEqual({
    ok: true,
    value: { moment, years: expect.closeTo(years, 12) },
  });
});

test.each([
  ["when the loan ends", "name-not-found"],
  ["8 periods", "period-without-length"],
  ["2027-03-02", "date-without-today"],
  ["", "time-missing"],
])("by itself, %p is refused", (typed, code) => {
  expect(readMoment(typed, TEXTBOOK_TIMES)).toMatchObject({ ok: false, issues: [{ code }] });
});

test("a problem says by what its times are read", () => {
  const flows = [single("a", "in", 5, "P0D"), single("b", "out", null, "2027-06-01")];
  const problem = problemOf({
    today: "2027-01-01",
    dayCount: "30/360",
    rates: [{ percent: 5, quoted: "simple" }],
    flows,
  });
  expect(timesSaidIn(problem)).toEqual({
    calendar: { today: "2027-01-01", dayCount: "30/360" },
    dayCount: "30/360",
    dateOrder: "day-first",
  });
});

describe("a claim may be a time", () => {
  test.each<[string, number, number]>([
    ["9 months ago", -0.75, 0.5 / 12],
    ["3/2/2027", 60 / 360, 0.5 / 365],
    ["90 days", 0.25, 0.5 / 365],
    ["2 years", 2, 0.5 / 12],
  ])("%p", (typed, years, half) => {
    expect(readClaim(typed, dated)).toEqual({
      ok: true,
      value: { value: expect.closeTo(years, 12), half, isTime: true },
    });
  });

  test("without dates, a quotient is a quotient", () => {
    expect(readClaim("3/2/20")).toMatchObject({ ok: true, value: { value: 0.075 } });
  });

  test("a date that does not exist is not calculated", () => {
    expect(readClaim("2027-02-31", dated)).toMatchObject({
      ok: false,
      issues: [{ code: "date-impossible" }],
    });
  });
});

test("an end of a range may be a time before today", () => {
  expect(readFigure("-0.75 years", "years")).toEqual({ ok: true, value: -0.75 });
  expect(readFigure("45 days", "years", dated)).toEqual({ ok: true, value: 0.125 });
});
