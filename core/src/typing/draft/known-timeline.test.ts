import { describe, expect, test } from "@jest/globals";
import { numberOnTimeline } from "../../engine/fields/problem-figures";
import { solve } from "../../engine/solve/solve";
import type { Draft, FlowLine } from "./draft";
import { unknownsOf } from "./fields/draft-fields";
import { knownTimeline } from "./known-timeline";
import { readDraft } from "./read-draft";
import { SHAPES } from "./shapes";

function timelineOf(draft: Draft) {
  return knownTimeline(draft, readDraft(draft));
}

function copyOf(draft: Draft): Draft {
  return JSON.parse(JSON.stringify(draft)) as Draft;
}

/** Saving, then what it comes to when the deposits end. */
function saving(...parts: readonly Partial<FlowLine>[]): Draft {
  const shape = SHAPES.find(({ id }) => id === "saving-up");
  if (shape === undefined) throw new Error("There is such a shape");
  const draft = copyOf(shape.picture());
  parts.forEach((part, index) => Object.assign(draft.flows[index] ?? {}, part));
  return draft;
}

describe.each(SHAPES.map((shape) => [shape.id, shape.picture()] as const))("%s", (_, draft) => {
  const { problem } = readDraft(draft);
  const solved = problem === null ? null : solve(problem);
  if (problem === null || solved?.ok !== true) throw new Error("A shape with figures is solved");
  const { settled } = solved.value;

  test("what is known before the answer is what is known with it", () => {
    const before = timelineOf(draft);
    for (const { ref } of unknownsOf(draft)) {
      if (ref.on === "ask" || (ref.on === "flow" && ref.field === "amounts")) continue;
      const told = numberOnTimeline(problem, { ...settled, flows: flowsOf(before) }, ref);
      const found = numberOnTimeline(problem, settled, ref);
      if (ref.on === "flow" && told !== null && !Number.isNaN(told)) expect(told).toBe(found);
    }
    before.spells.forEach(({ start, percent }, index) => {
      if (!Number.isNaN(start)) expect(start).toBe(settled.spells[index]?.start);
      if (!Number.isNaN(percent)) expect(percent).toBe(settled.spells[index]?.percent);
    });
  });

  test("with any text taken away the rest is where it was", () => {
    for (const { ref } of unknownsOf(draft)) {
      const without = copyOf(draft);
      unknownsOf(without)
        .find((one) => JSON.stringify(one.ref) === JSON.stringify(ref))
        ?.write("");
      const { flows } = timelineOf(without);
      flows.forEach((flow, index) => {
        const own = settled.flows[index];
        if (flow?.kind !== "single" || own?.kind !== "single" || Number.isNaN(flow.at)) return;
        expect(flow.at).toBe(own.at);
      });
    }
  });
});

function flowsOf({ flows }: ReturnType<typeof knownTimeline>) {
  return flows.flatMap((flow) => flow ?? []);
}

describe("what waits for another line", () => {
  test("is placed as soon as that line ends somewhere", () => {
    const draft = saving({ count: "3 years 4 months" }, { at: "when deposits end" });
    expect(timelineOf(draft).flows[1]).toMatchObject({ at: 40 / 12 });
  });

  test.each([
    ["payments without a number", { count: "" }],
    ["payments whose number is unknown", { count: "?" }],
    ["a start that cannot be read", { begins: "one fine day" }],
  ])("has no place beside %s", (_, part) => {
    const draft = saving(part, { at: "when deposits end" });
    expect(timelineOf(draft).flows[1]).toMatchObject({ at: NaN });
  });

  test("has none where two lines wait for each other, and the others keep theirs", () => {
    const draft = saving({ begins: "when more ends", label: "Deposits" }, { at: "2 years" });
    const [deposits] = draft.flows;
    draft.flows.push({
      ...deposits,
      id: "more",
      label: "More",
      begins: "when deposits end",
    } as FlowLine);
    const { flows } = timelineOf(draft);
    expect(flows.map((flow) => flow !== null && "begins" in flow && flow.begins)).toEqual([
      NaN,
      false,
      NaN,
    ]);
    expect(flows[1]).toMatchObject({ at: 2 });
  });

  test("an amount said by another has its size with that", () => {
    const draft = saving({ amount: "140" }, { amount: "3 x deposits" });
    expect(timelineOf(draft).flows[1]).toMatchObject({ amount: 420 });
  });
});

test("a line whose interval cannot be read has no place, and growth waits until it is whole", () => {
  expect(timelineOf(saving({ every: "blue moon" })).flows[0]).toBeNull();
  const growth = { by: "percent", figure: "lots", every: "year" } as const;
  expect(timelineOf(saving({ growth })).flows[0]).toMatchObject({ growth: null });
});

test("a rate has its start once that is read, and the date of a value too", () => {
  const draft = saving();
  const [rate] = draft.rates;
  if (rate?.kind !== "rate") throw new Error("There is a rate");
  draft.rates.push({ ...rate, id: "rate-2", percent: "1 more than before", from: "some day" });
  draft.ask = { kind: "worth", at: "when deposits end" };
  const before = timelineOf(draft);
  expect(before.spells[1]).toMatchObject({
    start: NaN,
    percent: (before.spells[0]?.percent ?? 0) + 1,
  });
  expect(before.ask).toBeGreaterThan(0);
  Object.assign(draft.rates[1] ?? {}, { from: "18 months" });
  draft.ask.at = "never mind";
  const after = timelineOf(draft);
  expect(after.spells[1]).toMatchObject({ start: 1.5 });
  expect(after.ask).toBeNaN();
});
