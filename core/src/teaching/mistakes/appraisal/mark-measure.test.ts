import { describe, expect, test } from "@jest/globals";
import { appraise } from "../../../engine/appraisal/appraise";
import { MEASURES, type Measure } from "../../../engine/appraisal/measure";
import { evenFlows } from "../../../engine/appraisal/project-flows";
import { readClaim } from "../../../typing/input/read-claim";
import { USUAL_FORMAT } from "../../../wording/answer-format";
import { markMeasure } from "./mark-measure";

const amounts = [-48_000, 9000, 14_000, 14_000, 14_000, 11_500];

function mark(measure: Measure, typed: string, project: readonly number[] = amounts) {
  const flows = evenFlows(project, "P1Y");
  const rates = { hurdlePercent: 8, reinvestPercent: 5 };
  const judged = appraise(flows, rates);
  const claim = readClaim(typed);
  if (!judged.ok || !claim.ok) throw new Error("Both can be read");
  const subject = { flows, ...rates, judged: judged.value, format: USUAL_FORMAT };
  return markMeasure(measure, subject, claim.value);
}

/** Worked by plain sums: Σ amount / 1.08^(year + shift). */
const worth = (shift: number, of: readonly number[] = amounts) =>
  of.reduce((sum, amount, year) => sum + amount / 1.08 ** (year + shift), 0).toFixed(2);

describe("a figure that is right", () => {
  test.each<[Measure, string]>([
    ["npv", "1,566.85"],
    ["irr", "9.19 %"],
    ["irr", "9.1883"],
    ["irr", "0.091883"],
    ["payback", "3.79"],
    ["payback", "3.7857 years"],
    ["discounted-payback", "4.8"],
    ["profitability-index", "1.0326"],
    ["equivalent-annual", "392.43"],
  ])("%s %s", (measure, typed) => {
    expect(mark(measure, typed).verdict).toBe("right");
  });

  test("of several rates each is one of them", () => {
    expect(mark("irr", "20", [-1000, 3600, -4310, 1716])).toEqual({
      verdict: "right",
      says: "Correct: this is one of the rates at which the net present value is zero.",
    });
  });
});

describe("a slip is known by the figure that it leads to", () => {
  test.each<[Measure, string, RegExp]>([
    ["npv", worth(1), /including the first/],
    ["npv", (Number(worth(1)) - 48_000 + 48_000 / 1.08).toFixed(2), /every amount after the first/],
    ["npv", (Number(worth(0)) + 48_000).toFixed(2), /left out the initial outlay/],
    ["npv", "14,500.00", /without discounting/],
    ["npv", (1566.85 + 96_000).toFixed(2), /added the initial outlay/],
    ["npv", "-1,566.85", /the sign is not/],
    ["irr", ((14_500 / 48_000 / 5) * 100).toFixed(4), /without compounding/],
    ["irr", ((14_500 / 48_000) * 100).toFixed(4), /total gain/],
    ["payback", "4.0", /rounded up to a whole year/],
    ["payback", "3.0", /stopped at the last full year/],
    ["payback", "4.7998", /discounted payback/],
    ["payback", (48_000 / (62_500 / 5)).toFixed(4), /average inflow/],
    ["discounted-payback", "3.7857", /simple payback/],
    ["profitability-index", "0.0326", /which is 1 more/],
    ["profitability-index", (62_500 / 48_000).toFixed(4), /did not discount/],
    ["equivalent-annual", (1566.85 / 5).toFixed(2), /annuity factor/],
    ["equivalent-annual", (392.43 / 1.08).toFixed(2), /annuity due/],
    ["mirr", "9.1883", /internal rate/],
    ["irr", "1.0326", /project's profitability index/],
  ])("%s %s", (measure, typed, says) => {
    const marked = mark(measure, typed);
    expect(marked.verdict).toBe("explained");
    expect(marked.says).toMatch(says);
  });
});

test("of half-yearly amounts the first is discounted by half a year", () => {
  const flows = evenFlows([-1000, 600, 600], "P6M");
  const rates = { hurdlePercent: 8, reinvestPercent: 8 };
  const judged = appraise(flows, rates);
  if (!judged.ok) throw new Error("It can be judged");
  const subject = { flows, ...rates, judged: judged.value, format: USUAL_FORMAT };
  const figure = -1000 / 1.08 ** 0.5 + 600 / 1.08 + 600 / 1.08 ** 1.5;
  const claim = readClaim(figure.toFixed(2));
  if (!claim.ok) throw new Error("It can be read");
  expect(markMeasure("npv", subject, claim.value).says).toContain("including the first");
});

test("any other figure is not explained, whatever the project", () => {
  for (const measure of MEASURES) {
    expect(mark(measure, "123,456.78").verdict).toBe("unexplained");
    expect(mark(measure, "123,456.78", [-5, -6]).verdict).toBe("unexplained");
    expect(mark(measure, "123,456.78", [0]).verdict).toBe("unexplained");
  }
});
