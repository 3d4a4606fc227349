import { describe, expect, test } from "@jest/globals";
import cases from "../../../../reference/appraisals.json";
import { expectToHold, fromLatex } from "../../../../test/reckoner";
import { appraise } from "../../../engine/appraisal/appraise";
import { MEASURES, type Measure } from "../../../engine/appraisal/measure";
import { datedFlows, evenFlows } from "../../../engine/appraisal/project-flows";
import type { DatedAmount } from "../../../engine/flows/flow-kind";
import { USUAL_FORMAT } from "../../../wording/answer-format";
import type { AppraisalSubject } from "../../../wording/appraisal-words";
import { lineLatex, linePlain } from "../write-line";
import { appraisalWorkings } from "./appraisal-workings";

function subjectOf(
  flows: readonly DatedAmount[],
  hurdlePercent: number,
  reinvestPercent = hurdlePercent,
): AppraisalSubject {
  const judged = appraise(flows, { hurdlePercent, reinvestPercent });
  if (!judged.ok) throw new Error(JSON.stringify(judged.issues));
  return { flows, hurdlePercent, reinvestPercent, judged: judged.value, format: USUAL_FORMAT };
}

const FIELD = {
  npv: "npv",
  mirr: "mirrPercent",
  payback: "payback",
  "discounted-payback": "discountedPayback",
  "profitability-index": "profitabilityIndex",
  "equivalent-annual": "equivalentAnnual",
} as const;

function expectedOf(measure: Measure, wanted: (typeof cases)[number]["expect"]): string | null {
  return measure === "irr" ? (wanted.irrPercents.at(-1) ?? null) : wanted[FIELD[measure]];
}

function expectEveryLineToHold(measure: Measure, subject: AppraisalSubject): number {
  let reckoned = 0;
  for (const { lines, say } of appraisalWorkings(measure, subject)?.steps ?? []) {
    expect(say).toMatch(/^[A-Z\d].*[.]$/);
    for (const line of lines) {
      for (const notation of ["fractions", "factors"] as const) {
        reckoned += expectToHold(linePlain(line, { notation }));
      }
      expectToHold(fromLatex(lineLatex(line)));
    }
  }
  return reckoned;
}

describe.each(cases)(
  "$id",
  ({ amounts, hurdlePercent, reinvestPercent, every, expect: wanted }) => {
    const subject = subjectOf(evenFlows(amounts, every), hurdlePercent, reinvestPercent);

    test.each(MEASURES)("%s ends at the reference's value, and every line holds", (measure) => {
      const expected = expectedOf(measure, wanted);
      const made = appraisalWorkings(measure, subject);
      if (expected === null) {
        expect(made).toBeNull();
        return;
      }
      const error = Math.abs((made?.result.value ?? NaN) - Number(expected));
      expect(error).toBeLessThan(1e-9 * Math.max(1, Math.abs(Number(expected))));
      expect(expectEveryLineToHold(measure, subject)).toBeGreaterThan(0);
    });
  },
);

describe("other projects", () => {
  test.each<[string, AppraisalSubject]>([
    [
      "on dates that lie anywhere",
      subjectOf(
        datedFlows([
          { on: "2027-03-01", amount: -5000 },
          { on: "2027-09-15", amount: 3000 },
          { on: "2029-01-04", amount: 3100 },
        ]),
        8.5,
        4,
      ),
    ],
    ["every quarter", subjectOf(evenFlows([-800, 300, 300, 300], "P3M"), 6)],
    ["at no rate at all", subjectOf(evenFlows([-900, 300, 300, 400], "P1Y"), 0)],
    ["at a rate below nothing", subjectOf(evenFlows([-900, 300, 300, 400], "P1Y"), -12)],
    ["with forty amounts", subjectOf(evenFlows([-9000, ...Array<number>(39).fill(400)], "P1Y"), 3)],
  ])("%s: every line holds", (_, subject) => {
    for (const measure of MEASURES) {
      expect(expectEveryLineToHold(measure, subject)).toBeGreaterThan(0);
    }
  });

  test("all of several internal rates are searched for", () => {
    const subject = subjectOf(evenFlows([-1000, 3600, -4310, 1716], "P1Y"), 8);
    const found = appraisalWorkings("irr", subject)?.steps.flatMap(
      ({ finds }) => finds?.value ?? [],
    );
    expect(found).toHaveLength(3);
    [10, 20, 30].forEach((rate, index) => expect(found?.[index]).toBeCloseTo(rate, 9));
  });

  test("a long list is told as a table of its first and last amounts", () => {
    const subject = subjectOf(evenFlows([-9000, ...Array<number>(39).fill(400)], "P1Y"), 3);
    const table = appraisalWorkings("npv", subject)?.steps.find((step) => step.table)?.table;
    expect(table?.rows).toHaveLength(11);
    expect(table?.leftOut).toBe(30);
    expect(table?.rows[0]).toEqual(["today", "−9,000.00", "1", "−9,000.00"]);
  });

  test("the first amount, at time 0, is not discounted, and the workings say so", () => {
    const subject = subjectOf(evenFlows([-1000, 600, 600], "P1Y"), 10);
    const steps = appraisalWorkings("npv", subject)?.steps ?? [];
    expect(steps[0]?.say).toContain("at time 0, so it is not discounted");
    expect(steps.map(({ lines }) => lines.map((line) => linePlain(line))).flat()).toContain(
      "NPV = -1,000.00 + 600.00 × 1.1^(-1) + 600.00 × 1.1^(-2)",
    );
  });
});
