import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { appraise } from "../appraisal/appraise";
import { MEASURES, type Measure } from "../appraisal/measure";
import { evenFlows } from "../appraisal/project-flows";
import { measureWords } from "./appraisal-words";
import { USUAL_FORMAT } from "./answer-format";

function wordsOf(measure: Measure, amounts: readonly number[], hurdlePercent = 8) {
  const flows = evenFlows(amounts, "P1Y");
  const judged = appraise(flows, { hurdlePercent, reinvestPercent: 5 });
  if (!judged.ok) throw new Error(JSON.stringify(judged.issues));
  const reinvestPercent = 5;
  return measureWords(measure, {
    ...{ flows, hurdlePercent, reinvestPercent },
    ...{ judged: judged.value, format: USUAL_FORMAT },
  });
}

describe("what a measure says of this project", () => {
  test.each<[Measure, number[], string]>([
    ["npv", [-1000, 600, 600], "worth 69.96 more today than it costs"],
    ["npv", [-1000, 500, 500], "does not earn the hurdle rate"],
    ["npv", [-1000, 1080], "exactly what it costs"],
    ["irr", [-1000, 600, 600], "earns 13.0662 % a year, 5.0662 points above the hurdle rate"],
    ["irr", [-1000, 3600, -4310, 1716], "turns its way 3 times, and at 3 rates"],
    ["irr", [-1000, 3600, -4310, 1716], "10 %, 20 % and 30 %"],
    ["irr", [1000, -600, -600], "is what it costs, as with a loan"],
    ["irr", [-5, -6], "Money only goes out"],
    ["irr", [-1050, 350, -855, 350, -500], "worth less than nothing at every rate"],
    ["irr", [0, 0], "No money moves"],
    ["mirr", [-1000, 600, 600], "grows by 10.9054 % a year"],
    ["mirr", [-5, -6], "It needs money that goes out and money that comes in"],
    ["payback", [-1000, 600, 600], "after 1 year 8 months"],
    ["payback", [-1000, 600], "never comes back: the running total ends at −400.00"],
    ["payback", [1000, 600], "nothing to get back"],
    [
      "discounted-payback",
      [-1000, 600, 600],
      "With 8 % a year on it the money is back after 1.864",
    ],
    ["profitability-index", [-1000, 600, 600], "brings 1.07 of value later: more than it costs"],
    ["profitability-index", [0, 600], "needs an outlay as the first amount"],
    ["equivalent-annual", [-1000, 600, 600], "39.23 received at the end of each year for 2 years"],
    ["equivalent-annual", [-1000, 500, 500], "60.77 paid"],
    ["equivalent-annual", [-1000], "needs a life of some length"],
  ])("%s of %j: … %s", (measure, amounts, said) => {
    expect(wordsOf(measure, amounts).says.replaceAll("\u00a0", " ")).toContain(said);
  });
});

describe("where a measure leads astray", () => {
  test.each<[Measure, number[], boolean]>([
    ["irr", [-1000, 600, 600], false],
    ["irr", [-1000, 3600, -4310, 1716], true],
    ["irr", [1000, -600, -600], true],
    ["payback", [-1000, 600, 600], false],
    ["payback", [-1000, 1050], true],
    ["payback", [-1000, 1200, 0, -900], true],
    ["payback", [-1000, 3600, -4310, 1900], true],
    ["discounted-payback", [-1000, 3600, -4310, 1900], true],
    ["discounted-payback", [-1000, 600, 600], false],
    ["profitability-index", [-1000, 2500, -900], true],
  ])("%s of %j: %p", (measure, amounts, isMisleading) => {
    expect(wordsOf(measure, amounts).isMisleading).toBe(isMisleading);
  });
});

test("every measure says a sentence of any project", () => {
  const amounts = fc.array(fc.integer({ min: -900, max: 900 }), { minLength: 1, maxLength: 9 });
  fc.assert(
    fc.property(amounts, fc.constantFrom(0, 8, -20, 300), (flows, hurdle) => {
      for (const measure of MEASURES) {
        const { says, misleads } = wordsOf(measure, flows, hurdle);
        for (const sentence of [says, misleads]) {
          expect(sentence).toMatch(/^[A-Z].*\.$/);
          expect(sentence).not.toMatch(/NaN|Infinity|undefined/);
        }
      }
    }),
  );
});
