import { describe, expect, test } from "@jest/globals";
import { solve } from "../../../engine/solve/solve";
import { BLANK_DRAFT, type Draft, type FlowLine, type StreamLine } from "../draft";
import { readDraft } from "../read-draft";
import { canJoin, joinFlow } from "./join-flow";
import { canSplit, splitFlow } from "./split-flow";

function stream(parts: Partial<StreamLine> = {}): StreamLine {
  return {
    kind: "stream",
    id: "deposits",
    label: "Deposits",
    direction: "out",
    amount: "140",
    every: "month",
    count: "3 years 4 months",
    timing: "end",
    begins: "today",
    growth: null,
    ...parts,
  };
}

const list = (amounts: string, every = "year", begins = "today"): FlowLine => ({
  kind: "list",
  id: "project",
  label: "Project",
  every,
  begins,
  amounts,
});

const goal: FlowLine = {
  kind: "single",
  id: "goal",
  label: "Goal",
  direction: "in",
  amount: "?",
  at: "10 years",
};

function draftOf(...flows: FlowLine[]): Draft {
  return {
    ...BLANK_DRAFT,
    rates: [
      {
        kind: "rate",
        id: "rate-1",
        percent: "6",
        quoted: "nominal",
        compounding: "P1M",
        compoundedBy: "words",
        from: "",
      },
    ],
    flows: flows.map((line) => ({ ...line })),
  };
}

function answerOf(draft: Draft): number {
  const { problem, issues } = readDraft(draft);
  const solution = problem === null ? null : solve(problem);
  if (solution?.ok !== true) throw new Error(JSON.stringify([issues, solution]));
  return solution.value.answers[0].value;
}

describe("parting a line", () => {
  test.each<[string, Draft]>([
    ["payments", draftOf(stream(), goal)],
    ["an odd number of them", draftOf(stream({ count: "7 payments" }), goal)],
    ["at the start", draftOf(stream({ timing: "start", begins: "1 year" }), goal)],
    ["for ever", draftOf(stream({ count: "ever" }), { ...goal, at: "today" })],
    ["of an unknown size", draftOf(stream({ amount: "?" }), { ...goal, amount: "9000" })],
    ["a list", draftOf(list("out 1,000; 0; 300 x 3; 450"), goal)],
    [
      "a list every third of a year",
      draftOf(list("5; 6; out 7", "4 months", "2 years 10 months"), goal),
    ],
    ["a list of weeks", draftOf(list("5; 6; out 7", "week", "3 months"), goal)],
    ["a list with the unknown in it", draftOf(list("out 1,000; 300; ?"))],
  ])("leaves the answer as it is: %s", (_, draft) => {
    const [before, lines] = [answerOf(draft), draft.flows.length];
    const id = draft.flows[0]?.id ?? "";
    expect(canSplit(draft, readDraft(draft), id)).toBe(true);
    splitFlow(draft, readDraft(draft), id);
    expect(draft.flows.length).toBeGreaterThan(lines);
    expect(answerOf(draft)).toBeCloseTo(before, 8);
  });

  test.each<[string, FlowLine]>([
    ["a single amount", goal],
    ["one payment", stream({ count: "1 payment" })],
    ["part of a payment", stream({ count: "2.5 payments" })],
    ["payments whose number is unknown", stream({ count: "?" })],
    ["payments that grow", stream({ growth: { by: "percent", figure: "3%", every: "year" } })],
    ["a list that cannot be read", list("soon; later")],
    ["a list that waits", list("5; 6", "year", "when deposits end")],
    ["a list of many", list("5 x 31")],
    ["a list of amounts by others", list("5; 30% of goal")],
  ])("is not for %s", (_, line) => {
    const draft = draftOf(line, line.kind === "stream" ? goal : stream({ id: "deposits-2" }));
    expect(canSplit(draft, readDraft(draft), line.kind === "kept" ? "" : line.id)).toBe(false);
    const before = JSON.stringify(draft);
    splitFlow(draft, readDraft(draft), "gone");
    expect(JSON.stringify(draft)).toBe(before);
  });
});

describe("joining two lines", () => {
  test.each<[string, StreamLine, string]>([
    ["payments", stream(), "40 payments"],
    ["payments for ever", stream({ count: "ever" }), "for ever"],
    ["payments of an unknown size", stream({ amount: "?" }), "40 payments"],
  ])("puts together what was parted: %s", (_, line, count) => {
    const draft = draftOf(line, {
      ...goal,
      amount: line.amount === "?" ? "9000" : "?",
      at: "today",
    });
    splitFlow(draft, readDraft(draft), "deposits");
    joinFlow(draft, readDraft(draft), "deposits");
    expect(draft.flows).toHaveLength(2);
    expect(draft.flows[0]).toEqual({ ...line, count });
  });

  test.each<[string, Partial<StreamLine>, string]>([
    ["of two sizes", { amount: "200", begins: "when deposits end" }, "out 140 x 40; out 200 x 5"],
    ["of two ways", { direction: "in", begins: "3 years 4 months" }, "out 140 x 40; 140 x 5"],
    [
      "one payment after many",
      { amount: "99", begins: "when deposits end", count: "1 payment" },
      "out 140 x 40; out 99",
    ],
  ])("makes a list of payments %s", (_, parts, amounts) => {
    const draft = draftOf(
      stream(),
      stream({ id: "more", label: "More", count: "5 payments", ...parts }),
      goal,
    );
    const before = answerOf(draft);
    joinFlow(draft, readDraft(draft), "deposits");
    expect(draft.flows[0]).toMatchObject({ kind: "list", begins: "1 month", amounts });
    expect(answerOf(draft)).toBeCloseTo(before, 8);
  });

  test.each<[string, Partial<StreamLine>]>([
    ["begin later", { begins: "4 years" }],
    ["come at another rhythm", { every: "week" }],
    ["come at the other end", { timing: "start" }],
    ["grow", { growth: { by: "percent", figure: "3%", every: "year" } }],
    ["have no number yet", { count: "" }],
  ])("is not for payments that %s", (_, parts) => {
    const draft = draftOf(
      stream(),
      stream({ id: "more", label: "More", begins: "when deposits end", ...parts }),
    );
    expect(canJoin(draft, readDraft(draft), "deposits")).toBe(false);
    expect(canJoin(draft, readDraft(draft), "more")).toBe(false);
  });
});
