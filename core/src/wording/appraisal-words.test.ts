import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { appraise } from "../engine/appraisal/appraise";
import { MEASURES, type Measure } from "../engine/appraisal/measure";
import { evenFlows } from "../engine/appraisal/project-flows";
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
    ["npv", [-1000, 600, 600], "adds value of 69.96 today"],
    ["npv", [-1000, 500, 500], "loses value of 108.37 today: it earns less than the hurdle rate"],
    ["npv", [-1000, 1080], "earns exactly the hurdle rate"],
    [
      "irr",
      [-1000, 600, 600],
      "earns 13.0662% a year, 5.0662 percentage points above the hurdle rate",
    ],
    [
      "irr",
      [-1000, 3600, -4310, 1716],
      "change sign 3 times, and the net present value is zero at 3 rates",
    ],
    ["irr", [-1000, 3600, -4310, 1716], "10%, 20% and 30%"],
    ["irr", [1000, -600, -600], "is its cost: lower is better"],
    ["irr", [-5, -6], "Money only goes out"],
    ["irr", [-1050, 350, -855, 350, -500], "negative at every rate, and −1,705.00 at 0%"],
    ["irr", [0, 0], "There are no cash flows"],
    ["mirr", [-1000, 600, 600], "grows by 10.9054% a year"],
    ["mirr", [-5, -6], "It needs both money out and money in"],
    ["payback", [-1000, 600, 600], "after 1 year 8 months"],
    ["payback", [-1000, 600], "never recovered: the cumulative cash flow ends at −400.00"],
    ["payback", [1000, 600], "no outlay to recover"],
    [
      "discounted-payback",
      [-1000, 600, 600],
      "discounted at 8% a year, the outlay is recovered after 1.864",
    ],
    [
      "profitability-index",
      [-1000, 600, 600],
      "returns a present value of 1.07: more than it costs",
    ],
    ["profitability-index", [0, 600], "must be an outlay"],
    ["equivalent-annual", [-1000, 600, 600], "39.23 received at the end of each year for 2 years"],
    ["equivalent-annual", [-1000, 500, 500], "60.77 paid"],
    ["equivalent-annual", [-1000], "needs a life longer than zero"],
  ])("%s of %j: … %s", (measure, amounts, said) => {
    expect(wordsOf(measure, amounts).says).toContain(said);
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
