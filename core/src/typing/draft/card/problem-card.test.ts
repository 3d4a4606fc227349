import { describe, expect, test } from "@jest/globals";
import { solve } from "../../../engine/solve/solve";
import { answerText } from "../../../wording/answer-sentence";
import type { Draft } from "../draft";
import { addPart, sameLines } from "../parts/edit-parts";
import { readParts } from "../parts/read-parts";
import { readDraft } from "../read-draft";
import { SHAPES } from "../shapes";
import { problemCard } from "./problem-card";

const cardOf = (draft: Draft) => problemCard(draft, readParts(draft));

function answerOf(draft: Draft): string | null {
  const { problem } = readDraft(draft);
  const solution = problem === null ? null : solve(problem);
  return solution?.ok === true ? answerText(solution.value) : null;
}

test.each(SHAPES.map((shape) => [shape.id, shape.picture()] as const))(
  "%s: the card has the answer of the problem, and nothing beside its lines",
  (_, draft) => {
    const question = "A long question. ".repeat(1000);
    const card = cardOf({ ...draft, question });
    expect(card.told).toBeNull();
    expect(answerOf(card.draft)).toBe(answerOf(draft));
    expect(JSON.stringify(card).length).toBeLessThan(5000);
  },
);

test("the card of several parts tells the answer of each, and draws the first", () => {
  const shape = SHAPES.find(({ id }) => id === "saving-up");
  if (shape === undefined) throw new Error("There is no such type");
  const whole = { ...shape.picture(), later: [] };
  addPart(whole, { name: "Again", draft: sameLines(whole).draft });
  addPart(whole, sameLines(shape.start()));
  const { draft, told } = cardOf(whole);
  const [answer = ""] = /[\d,.]+\d/.exec(answerOf(whole) ?? "") ?? [];
  expect(told).toBe(`(a) ${answer} · (b) ${answer} · (c) –`);
  expect([draft.later, answerOf(draft)]).toEqual([[], answerOf(whole)]);
});

describe("a problem of very many amounts", () => {
  const shape = SHAPES.find(({ id }) => id === "uneven");
  const withAmounts = (amounts: string): Draft => {
    const draft = shape?.picture();
    if (draft === undefined) throw new Error("There is such a problem type");
    return {
      ...draft,
      flows: draft.flows.map((line) => (line.kind === "list" ? { ...line, amounts } : line)),
    };
  };

  test("is cut, and its whole answer told", () => {
    const draft = withAmounts(`-900000, ${"1,250.75; ".repeat(4000)}`.replaceAll(", ", "; "));
    const card = cardOf(draft);
    expect(JSON.stringify(card).length).toBeLessThan(6000);
    expect(card.told).toBe(answerOf(draft));
    expect(card.told).toMatch(/\d/);
    const [line] = card.draft.flows.filter(({ kind }) => kind === "list");
    expect(line).toMatchObject({
      amounts: expect.stringMatching(/^-900000; (1,250.75; )+1,250.75;?$/),
    });
  });

  test("says what is wrong with one of them", () => {
    expect(cardOf(withAmounts(`${"5; ".repeat(4000)}honey`)).told).toMatch(/honey|amount/i);
  });
});

test("many long lines are cut too", () => {
  const [shape] = SHAPES;
  const draft = shape?.picture();
  if (draft === undefined) throw new Error("There is a problem type");
  const [line] = draft.flows;
  if (line === undefined) throw new Error("It has a line");
  const flows = Array.from({ length: 200 }, (_, index) => ({
    ...line,
    id: `line${index}`,
    label: "x".repeat(120),
  }));
  expect(JSON.stringify(cardOf({ ...draft, flows })).length).toBeLessThan(12_000);
});
