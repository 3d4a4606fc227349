import { describe, expect, test } from "@jest/globals";
import {
  fixedFactor,
  FACTOR_KINDS,
  tableFactor,
  tableName,
  type FactorTerms,
} from "@kestrelmoor/core";
import { outcomeOf } from "../problem/document/outcome";
import { factorProblem } from "./as-problem";
import { tableOf } from "./read-table";
import { FIRST_DESK } from "@kestrelmoor/core/typing";
import { USUAL_FORMAT } from "@kestrelmoor/core";

describe("the table that is typed", () => {
  const made = (part: Partial<typeof FIRST_DESK.table>) => {
    const desk = { ...FIRST_DESK.table, ...part };
    return tableOf(desk);
  };

  test("is made of what the fields say", () => {
    const table = made({ ratesFrom: "0.5%", ratesTo: "3 1/2%", ratesStep: "0.25", countsTo: "12" });
    if (table?.ok !== true) throw new Error("It can be made");
    expect(table.value.percents).toHaveLength(13);
    expect(table.value.periods).toHaveLength(12);
  });

  test.each<[string, Partial<typeof FIRST_DESK.table>]>([
    ["a rate in words", { ratesFrom: "some" }],
    ["half a period", { countsFrom: "1.5" }],
    ["nothing", { countsTo: "" }],
  ])("of %s there is none yet", (_, part) => {
    expect(made(part)).toBeNull();
  });

  test("of 200 columns is told", () => {
    expect(made({ ratesTo: "200%" })).toMatchObject({ issues: [{ code: "table-too-wide" }] });
  });

  test("asks for growth only where payments grow", () => {
    expect(made({ growth: "much" })?.ok).toBe(true);
    expect(made({ kind: "present-of-growing", growth: "much" })).toBeNull();
  });
});

test.each(FACTOR_KINDS)("%s looked up opens as a problem with the same answer", (kind) => {
  for (const timing of ["end", "start"] as const) {
    const terms: FactorTerms = { kind, timing, growthPercent: 3 };
    const { result } = outcomeOf(factorProblem(terms, 850, 7, 12, USUAL_FORMAT));
    if (result?.ok !== true) throw new Error("It has an answer");
    const exact = 850 * tableFactor(terms, 7, 12);
    expect(result.value.answers[0].value / exact).toBeCloseTo(1, 11);
  }
});

test("a factor is written with all its decimals", () => {
  expect(fixedFactor(1234567.5, 4, USUAL_FORMAT)).toBe("1,234,567.5000");
  expect(fixedFactor(0.5, 3, USUAL_FORMAT)).toBe("0.500");
  expect(
    tableName({ kind: "present-of-growing", timing: "start", growthPercent: 3 }, USUAL_FORMAT),
  ).toBe(
    "Present value of a growing annuity, first payment 1, growing by 3%, paid at the start of each period",
  );
});
