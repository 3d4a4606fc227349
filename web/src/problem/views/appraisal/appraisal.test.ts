import { describe, expect, test } from "@jest/globals";
import {
  appraiseAsFar,
  measureWords,
  USUAL_FORMAT,
  writeMoney,
  writeRate,
} from "@kestrelmoor/core";
import { BLANK_DRAFT, SHAPES, type Draft } from "@kestrelmoor/core/typing";
import cases from "../../../../../core/reference/appraisals.json";
import { outcomeOf } from "../../document/outcome";
import { csvText } from "../figure-table";
import { sheetContent } from "../hand-in/sheet-content";
import { compared } from "../projects/compared";
import { budgetVerdict, verdicts } from "../projects/compare-words";
import { resultFigures, resultRows } from "../projects/result-rows";
import { appraisedParts } from "./appraised-parts";
import { flowFigures, flowRows, whenOf } from "./flow-figures";
import { judgedProject } from "./judged-project";
import { totalPoints } from "./totals-points";
import { drawnCurves, snappedRate } from "./value-chart";

/** A draft of one list, as somebody would have typed it. */
function draftOf(amounts: string, appraisal: Partial<Draft["appraisal"]> = {}): Draft {
  return {
    ...BLANK_DRAFT,
    rates: [
      {
        ...{ kind: "rate", id: "rate-1", percent: "8%", quoted: "effective" },
        ...{ compounding: "P1Y", compoundedBy: "words", from: "" },
      },
    ],
    flows: [
      { kind: "list", id: "project", label: "Shed", every: "year", begins: "today", amounts },
    ],
    ask: { kind: "worth", at: "today" },
    appraisal: { ...BLANK_DRAFT.appraisal, ...appraisal },
  };
}

function judgedOf(draft: Draft) {
  const { problem, result } = outcomeOf(draft);
  if (problem === null) throw new Error("It can be read");
  const solution = result?.ok === true ? result.value : null;
  const judged = judgedProject(problem, solution, draft, USUAL_FORMAT);
  if (!judged.ok) throw new Error(judged.sentence);
  return judged;
}

const written = (amounts: readonly number[]) =>
  amounts.map((one) => (one < 0 ? `out ${-one}` : String(one))).join("; ");

describe.each(cases)(
  "$id, typed",
  ({ amounts, hurdlePercent, reinvestPercent, expect: wanted }) => {
    const { subject } = judgedOf(
      draftOf(written(amounts), {
        hurdle: `${hurdlePercent}%`,
        reinvest: `${reinvestPercent}%`,
      }),
    );

    test("shows the reference's measures", () => {
      const shown = (measure: Parameters<typeof measureWords>[0]) =>
        measureWords(measure, subject).figure;
      const money = (text: string | null) =>
        text === null ? null : writeMoney(Number(text), USUAL_FORMAT);
      const rate = (text: string | null) =>
        text === null ? null : writeRate(Number(text), USUAL_FORMAT);
      expect(shown("npv")).toBe(money(wanted.npv));
      expect(shown("equivalent-annual")).toBe(money(wanted.equivalentAnnual));
      expect(shown("mirr")).toBe(rate(wanted.mirrPercent));
      const rates = wanted.irrPercents.map((percent) => writeRate(Number(percent), USUAL_FORMAT));
      expect(shown("irr")).toBe(rates.length === 0 ? null : rates.join("; "));
      expect(shown("payback") === null).toBe(wanted.payback === null);
      expect(Number.parseFloat(shown("payback") ?? "0")).toBeCloseTo(
        Number(wanted.payback ?? 0),
        4,
      );
      const index = Number.parseFloat((shown("profitability-index") ?? "").replace("−", "-"));
      expect(index).toBeCloseTo(Number(wanted.profitabilityIndex), 3);
    });

    test("has each internal rate on its curve", () => {
      const rates = subject.judged.irrPercents;
      const { from, to } = drawnCurves(
        [{ name: "", flows: subject.flows }],
        [...rates, hurdlePercent],
      );
      for (const rate of rates.filter((one) => one > -60)) {
        expect(rate).toBeGreaterThan(from);
        expect(rate).toBeLessThan(to);
      }
    });
  },
);

describe("a project", () => {
  test("is judged by its own rate, until another is typed", () => {
    expect(judgedOf(draftOf("out 5; 6")).measuredBy).toMatchObject({
      hurdlePercent: 8,
      reinvestPercent: 8,
      hurdleFrom: "problem",
    });
    expect(judgedOf(draftOf("out 5; 6", { hurdle: "2% per quarter" })).measuredBy).toMatchObject({
      hurdleFrom: "typed",
      ownPercent: 8,
    });
  });

  test("without a rate of its own is not discounted", () => {
    const draft = draftOf("out 500; 300; 400");
    const [rate] = draft.rates;
    if (rate?.kind !== "rate") throw new Error("It has a rate");
    rate.percent = "?";
    draft.ask = null;
    expect(judgedOf(draft).measuredBy).toMatchObject({ hurdlePercent: 0, hurdleFrom: "nowhere" });
  });

  test("is judged though its rate balances nothing", () => {
    const draft = draftOf("500; 300; 400");
    const [rate] = draft.rates;
    if (rate?.kind !== "rate") throw new Error("It has a rate");
    rate.percent = "?";
    draft.ask = null;
    const { subject } = judgedOf(draft);
    expect(measureWords("irr", subject).says).toContain("Money only comes in");
  });

  test("says by which date the money is back", () => {
    const { subject, flows } = judgedOf(draftOf('out 500 "shed"; 300 x 3'));
    const rows = flowRows(subject, flows, null);
    expect(rows.map(({ isBack }) => isBack)).toEqual([false, false, true, false]);
    expect(rows[0]?.label).toBe("shed");
    expect(csvText(flowFigures(rows), USUAL_FORMAT).split("\r\n")[1]).toBe(
      '0,"shed",-500,1,-500,-500,-500',
    );
  });

  test("with dates has each of them in its table and its file", () => {
    const draft = draftOf("");
    draft.flows = [
      {
        ...{ kind: "dated", id: "press", label: "" },
        entries: "2027-12-01 out 500; 2029-03-15 700; 2028-02-29 40",
      },
    ];
    const { subject, flows, firstDate } = judgedOf(draft);
    const rows = flowRows(subject, flows, firstDate);
    expect(rows.map((row) => whenOf(row, USUAL_FORMAT))).toEqual([
      "2027-12-01",
      "2028-02-29",
      "2029-03-15",
    ]);
    expect(csvText(flowFigures(rows), USUAL_FORMAT).split("\r\n")[1]).toMatch(
      /^"2027-12-01",0,"",-500,1,/,
    );
  });

  test("of a thousand amounts is drawn with few points, the last among them", () => {
    const { subject } = judgedOf(draftOf("out 90,000; 120 x 999"));
    const points = totalPoints(subject);
    expect(points.length).toBeLessThan(420);
    expect(points.at(-1)?.total).toBe(-90_000 + 120 * 999);
  });

  test("has the measures that are open on its hand-in sheet, counted on", () => {
    const draft = draftOf("out 500; 300; 300");
    const outcome = outcomeOf(draft);
    const choice = {
      level: "every-step",
      notation: "fractions",
      rounding: { factor: null, rate: null },
    } as const;
    const parts = appraisedParts(outcome, new Set(["payback", "npv"]), USUAL_FORMAT, choice);
    expect(parts.map(({ name }) => name)).toEqual(["Net present value", "Payback period"]);
    const author = { name: "", course: "" };
    const sheet = sheetContent(
      [outcome],
      { choice, format: USUAL_FORMAT, author, today: new Date() },
      () => parts,
    );
    const [own, npv, payback] = sheet?.sections[0]?.parts ?? [];
    expect(npv?.first).toBe(1 + (own?.steps.length ?? 0));
    expect(payback?.first).toBe((npv?.first ?? 0) + (npv?.steps.length ?? 0));
  });
});

test("a payback period is told in whole years where the course does", () => {
  const subject = {
    flows: [100, 40, 40, 40].map((amount, at) => ({ at, amount: at === 0 ? -amount : amount })),
    ...{ hurdlePercent: 5, reinvestPercent: 5, format: USUAL_FORMAT },
  };
  const judged = appraiseAsFar(subject.flows, subject);
  if (!judged.ok) throw new Error(JSON.stringify(judged.issues));
  const told = (inWholeYears: boolean) => {
    const own = { ...subject, judged: judged.value, inWholeYears };
    return measureWords("payback", own);
  };
  expect(told(false).figure).toBe("2.5 years");
  expect(told(true)).toMatchObject({
    figure: "3 years",
    says: "The outlay is recovered by the end of year 3.",
  });
});

test("a rate that is dragged rests at quarters, within the chart", () => {
  expect([7.1, 7.13, -3, 99].map((rate) => snappedRate(rate, 0, 20))).toEqual([7, 7.25, 0, 20]);
});

describe("projects side by side", () => {
  const other = (name: string, amounts: string) => ({
    ...{ id: `project-${name}`, name, every: "year", amounts },
  });
  const compare = (...others: ReturnType<typeof other>[]) => {
    const { flows } = judgedOf(draftOf("out 1,000; 700; 600"));
    return compared(flows, "Small", others, { hurdlePercent: 8 });
  };
  const large = other("Large", "out 5,000; 3,000; 3,200");
  const long = other("Long", "out 800; 300 x 4");

  test("are ranked by each measure", () => {
    const rows = resultRows(compare(large).contenders, USUAL_FORMAT, "exact");
    const placesOf = (name: string) =>
      rows.find((row) => row.name === name)?.cells.map(({ place }) => place);
    expect(placesOf("Net present value")).toEqual([2, 1]);
    expect(placesOf("Internal rate of return")).toEqual([1, 2]);
    expect(placesOf("Initial outlay")).toEqual([null, null]);
  });

  test("are told apart in sentences: the best, the conflict, the step up, unequal lives", () => {
    const said = verdicts(compare(large, long), 8, USUAL_FORMAT).join(" ");
    expect(said).toContain("mutually exclusive, choose Large");
    expect(said).toContain("Small has the highest internal rate of return");
    expect(said).toContain("Incremental project, Small to Large");
    expect(said).toContain("Their lives differ (2 years, 4 years)");
  });

  test("of costs only: the lowest equivalent annual cost is first, and nothing is rejected", () => {
    const machine = (amounts: string) => judgedOf(draftOf(amounts)).flows;
    // 1,000 now and 200 a year for 2 years, or 1,500 now and 150 a year for 4.
    const others = [other("Lasting", "out 1,500; out 150 x 4")];
    const found = compared(machine("out 1,000; out 200 x 2"), "Cheap", others, {
      hurdlePercent: 8,
    });
    const rows = resultRows(found.contenders, USUAL_FORMAT, "exact");
    const cellsOf = (name: string) => rows.find((row) => row.name === name)?.cells;
    const annual = (outlay: number, cost: number, years: number) =>
      (outlay * 0.08) / (1 - 1.08 ** -years) + cost;
    expect(cellsOf("Equivalent annual cost")).toEqual([
      { text: writeMoney(annual(1000, 200, 2), USUAL_FORMAT), place: 2 },
      { text: writeMoney(annual(1500, 150, 4), USUAL_FORMAT), place: 1 },
    ]);
    expect(cellsOf("Net present value")?.map(({ place }) => place)).toEqual([null, null]);
    expect(cellsOf("Profitability index")).toBeUndefined();
    const said = verdicts(found, 8, USUAL_FORMAT).join(" ");
    expect(said).toContain("choose Lasting: it has the lowest equivalent annual cost, 602.88.");
    expect(said).toContain("Their lives differ (2 years, 4 years)");
    expect(said).not.toContain("reject");
  });

  test("that are worth less than they cost are left", () => {
    const poor = compare(other("Poor", "out 900; 1"));
    expect(verdicts({ ...poor, contenders: poor.contenders.slice(1) }, 8, USUAL_FORMAT)).toEqual([
      expect.stringContaining("reject them all"),
    ]);
  });

  test("share a budget", () => {
    const { contenders } = compare(large, long);
    expect(budgetVerdict(contenders, 6000, USUAL_FORMAT)).toContain("choose Large and Long");
    expect(budgetVerdict(contenders, 10, USUAL_FORMAT)).toContain("choose none");
  });

  test("of which one cannot be read are compared without it, and it says why", () => {
    const found = compare(large, other("Odd", "out 5; many"));
    expect(found.contenders).toHaveLength(2);
    expect(found.readings.get("project-Odd")?.amounts).toMatchObject({
      issue: { code: "entry-not-understood" },
    });
  });

  test("are saved as figures", () => {
    const text = csvText(resultFigures(compare(large).contenders), USUAL_FORMAT);
    expect(text.split("\r\n")[2]).toMatch(/^"Large",5000,2,/);
  });
});

test("the shape of a project can be judged as it is", () => {
  const shape = SHAPES.find(({ picture }) => picture().flows.some(({ kind }) => kind === "list"));
  if (shape === undefined) throw new Error("There is a shape with a list");
  expect(judgedOf(shape.picture()).flows.length).toBeGreaterThan(1);
});
