import { describe, expect, test } from "@jest/globals";
import { USUAL_FORMAT } from "@kestrelmoor/core";
import {
  addFollowUp,
  addVariant,
  SHAPES,
  type VariantChange,
  type Draft,
} from "@kestrelmoor/core/typing";
import { outcomeOf } from "../../document/outcome";
import { columnsOf, nameOfVariant, variableFacts } from "./columns";

function shape(id: string): Draft {
  const found = SHAPES.find((candidate) => candidate.id === id)?.picture();
  if (found === undefined) throw new Error(`There is no shape ${id}`);
  return JSON.parse(JSON.stringify(found)) as Draft;
}

function columns(draft: Draft, ...variants: VariantChange[][]) {
  for (const changes of variants) addVariant(draft, { changes });
  return columnsOf(draft, outcomeOf(draft), USUAL_FORMAT);
}

describe("columns side by side", () => {
  test("work out the calculations of the problem, each by its own answer", () => {
    const draft = shape("one-amount");
    const id = draft.flows[0]?.kind === "single" ? draft.flows[0].id : "";
    draft.sums = [
      { id: "sum-1", text: "answer / 20%" },
      { id: "sum-2", text: "total money in - total money out" },
      { id: "sum-3", text: "answer / nothing" },
    ];
    const told = columns(draft, [{ line: id, fact: "amount", text: "120" }]);
    expect(told.map(({ sums }) => sums)).toEqual([
      ["402.03", "20.41", null],
      ["804.06", "40.81", null],
    ]);
  });

  test("differ in money and in percent", () => {
    const draft = shape("one-amount");
    const id = draft.flows[0]?.kind === "single" ? draft.flows[0].id : "";
    const told = columns(
      draft,
      [{ line: id, fact: "amount", text: "120" }],
      [{ line: id, fact: "amount", text: "30" }],
      [],
    );
    // 60 at 5 % for 6 years: 60 · 1.05⁶ = 80.4057…
    expect(told.map(({ answer }) => answer)).toEqual(["80.41", "160.81", "40.20", "80.41"]);
    expect(told.map(({ difference }) => difference)).toEqual([null, "+80.40", "−40.21", "0.00"]);
    expect(told.map(({ percent }) => percent)).toEqual([null, "+100%", "−50%", "0%"]);
  });

  test("differ in points where a rate is asked for", () => {
    const draft = shape("one-amount");
    Object.assign(draft.rates[0] ?? {}, { percent: "?" });
    const [first, second] = draft.flows;
    if (first?.kind !== "single" || second?.kind !== "single") throw new Error("Two amounts");
    Object.assign(first, { amount: "100", at: "today" });
    Object.assign(second, { amount: "110", at: "1 year" });
    const told = columns(draft, [{ line: second.id, fact: "amount", text: "120" }]);
    expect(told[1]).toMatchObject({ answer: "20%", difference: "+10 points" });
  });

  test("an amount that goes the other way lies on the other side of zero", () => {
    const draft = shape("one-amount");
    const [first, second] = draft.flows;
    if (first?.kind !== "single" || second?.kind !== "single") throw new Error("Two amounts");
    const told = columns(draft, [{ line: first.id, fact: "direction", text: "in" }]);
    expect(told[1]).toMatchObject({ answer: "80.41", difference: "−160.82" });
  });

  test("what cannot be answered says why, and the follow-ups are left open", () => {
    const draft = shape("saving-up");
    const line = addFollowUp(draft, "balance");
    if (line?.kind === "balance") line.at = "1 month";
    const id = draft.flows[0]?.kind === "stream" ? draft.flows[0].id : "";
    const told = columns(
      draft,
      [{ line: id, fact: "amount", text: "some" }],
      [{ line: id, fact: "count", text: "" }],
    );
    expect(told[0]).toMatchObject({ complaint: null, further: ["40.00"] });
    expect(told[1]).toMatchObject({ answer: null, further: [null], difference: null });
    expect(told[1]?.complaint).toMatch(/cannot be read/);
    expect(told[2]?.complaint).toMatch(/the number of payments/);
  });

  test.each(SHAPES)("every fact of the shape $id can be varied but the unknown", (own) => {
    for (const { text, name } of variableFacts(own.picture())) {
      expect(text).not.toContain("?");
      expect(name).not.toBe("");
    }
  });

  test("a variant without a name is called by what it says", () => {
    const draft = shape("saving-up");
    const told = (changes: VariantChange[], name = "") =>
      nameOfVariant(draft, { id: "v", name, changes });
    const rate = draft.rates[0]?.id ?? "";
    expect(told([])).toBe("no change");
    expect(told([], "Mine")).toBe("Mine");
    expect(
      told([
        { line: rate, fact: "percent", text: "7%" },
        { line: rate, fact: "quotation", text: "effective" },
      ]),
    ).toBe("7%, a year, effective");
  });
});
