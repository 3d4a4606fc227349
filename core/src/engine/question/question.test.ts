import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, single, stream } from "../../../test/problems";
import { USUAL_FORMAT } from "../../wording/answer-format";
import { sentenceOf } from "../../wording/sentences";
import { readQuestion, writeQuestionText } from "./question-file";
import { settlePart, solveQuestion, type SolvedPart } from "./solve-question";

const problem = (parts: object) => ({ format: "kestrelmoor-problem", version: 2, ...parts });

/** A loan of which the payment is sought, and what is owed after five years. */
const loan = problem({
  rates: [{ percent: 6, quoted: "nominal", compounding: "P1M" }],
  flows: [
    single("loan", "in", 100_000, "P0D"),
    stream("payments", "out", null, { every: "P1M", count: 240 }),
  ],
  also: [{ find: "balance", at: "P5Y" }],
});

/** What an amount grows to in a year at 10 %. */
const grown = (amount: unknown, parts: object = {}) =>
  problem({
    rates: [effective(10)],
    flows: [single("put-in", "out", amount, "P0D"), single("back", "in", null, "P1Y")],
    ...parts,
  });

/** A project with two rates of return, 10 % and 20 %. */
const twoRates = problem({
  rates: [effective(null)],
  flows: [
    single("first", "out", 100, "P0D"),
    single("second", "in", 230, "P1Y"),
    single("third", "out", 132, "P2Y"),
  ],
});

const LETTERS = "abcdefghijklmnopqrstuvwxyz";

const question = (...problems: readonly object[]) => ({
  format: "kestrelmoor-question",
  version: 1,
  parts: problems.map((one, index) => ({ label: LETTERS[index], problem: one })),
});

function solvedOf(...problems: readonly object[]): SolvedPart[] {
  const read = readQuestion(question(...problems));
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return solveQuestion(read.value);
}

function answerOf(part: SolvedPart | undefined): number {
  if (part?.solved.ok !== true) throw new Error(JSON.stringify(part?.solved));
  return part.solved.value.answers[0].value;
}

const payment = (100_000 * 0.005) / (1 - 1.005 ** -240);

describe("an answer of an earlier part", () => {
  test.each<[string, object, number]>([
    ["with every digit", { answerOf: "a" }, payment],
    ["in whole cents", { answerOf: "a", rounded: 2 }, 716.43],
    ["in whole dollars", { answerOf: "a", rounded: 0 }, 716],
    ["half of it", { answerOf: "a", times: 0.5 }, payment / 2],
    ["and some more", { answerOf: "a", plus: 25 }, payment + 25],
    [
      "rounded, then multiplied, then added to",
      { answerOf: "a", rounded: 2, times: 3, plus: -0.29 },
      2149,
    ],
    ["what is still owed", { answerOf: "a", also: 0 }, payment * ((1 - 1.005 ** -180) / 0.005)],
  ])("%s", (_, amount, wanted) => {
    const [, part] = solvedOf(loan, grown(amount));
    expect(answerOf(part)).toBeCloseTo(wanted * 1.1, 8);
    expect(part?.problem?.flows[0]).toHaveProperty("amount", expect.closeTo(wanted, 8));
  });

  test("of several rates is the one that is said", () => {
    const take = (percent: object) =>
      answerOf(solvedOf(twoRates, grown(100, { rates: [effective(percent)] }))[1]);
    expect(take({ answerOf: "a", which: 0 })).toBeCloseTo(110, 9);
    expect(take({ answerOf: "a", which: 1 })).toBeCloseTo(120, 9);
  });

  test("loses the sign of a value: the line says which way the money goes", () => {
    const worth = problem({
      rates: [effective(10)],
      flows: [single("debt", "out", 110, "P1Y")],
      ask: { find: "value", at: "P0D" },
    });
    expect(answerOf(solvedOf(worth, grown({ answerOf: "a" }))[1])).toBeCloseTo(110, 9);
  });

  test("a time stands for years, before today too", () => {
    const ago = problem({
      rates: [effective(10)],
      flows: [single("a", "out", 100, null), single("b", "in", 121, "P0D")],
    });
    const [first, second] = solvedOf(
      ago,
      problem({
        rates: [effective(10)],
        flows: [single("a", "out", 100, { answerOf: "a" }), single("b", "in", null, "P0D")],
      }),
    );
    expect(answerOf(first)).toBeCloseTo(-2, 9);
    expect(answerOf(second)).toBeCloseTo(121, 9);
  });

  test("is taken from whichever part, in chains", () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 26 }), (length) => {
        const parts = Array.from({ length }, (_, index) =>
          grown(index === 0 ? 1 : { answerOf: LETTERS[index - 1] }),
        );
        const last = answerOf(solvedOf(...parts).at(-1));
        expect(last / 1.1 ** length).toBeCloseTo(1, 12);
      }),
    );
  });
});

test("twenty-six parts, each of which looks for a rate in terms of the one before", () => {
  const parts = Array.from({ length: 26 }, (_, index) =>
    problem({
      rates: [{ percent: null, quoted: "nominal", compounding: "P1M" }],
      flows: [
        single("loan", "in", 10_000, "P0D"),
        stream("payments", "out", 300, { every: "P1M", count: 36 }),
        single("fee", "out", index === 0 ? 5 : { answerOf: LETTERS[index - 1] }, "P0D"),
      ],
    }),
  );
  const solved = solvedOf(...parts);
  expect(solved.map(({ solved: { ok } }) => ok)).toEqual(Array(26).fill(true));
});

test("a question is written as it was read", () => {
  const file = question(loan, grown({ answerOf: "a", rounded: 2 }));
  const read = readQuestion(file);
  expect(read).toEqual({ ok: true, value: file });
  if (read.ok) expect(JSON.parse(writeQuestionText(read.value))).toEqual(file);
});

test("its problems may be of the first version", () => {
  const read = readQuestion(question({ ...loan, version: 1 }));
  expect(read).toEqual({ ok: true, value: question(loan) });
});

describe("what cannot be read is told with its place", () => {
  const [first] = question(loan).parts;

  test.each<[unknown, string[]]>([
    [null, ["file-not-a-problem at "]],
    [{ ...question(loan), version: 2 }, ["file-from-the-future at version"]],
    [{ ...question(loan), parts: [] }, ["too-few at parts"]],
    [question(...Array<object>(27).fill(loan)), ["too-many at parts"]],
    [{ ...question(loan), colour: "red" }, ["unknown-field at "]],
    [{ ...question(loan), parts: [first, first] }, ["part-label-twice at parts.1.label"]],
    [{ ...question(loan), parts: [{ ...first, label: "(a)" }] }, ["wrong-format at parts.0.label"]],
    [{ ...question(loan), parts: [{ label: "a" }] }, ["missing-field at parts.0.problem"]],
    [question({}), ["file-not-a-problem at parts.0.problem"]],
    [question({ ...loan, rates: [] }), ["too-few at parts.0.problem.rates"]],
    [
      question(grown({ answerOf: "a" })),
      ["part-refers-to-itself at parts.0.problem.flows.0.amount.answerOf"],
    ],
    [
      question(grown({ answerOf: "b" }), loan),
      ["part-refers-ahead at parts.0.problem.flows.0.amount.answerOf"],
    ],
    [
      question(loan, grown({ answerOf: "z" })),
      ["part-missing at parts.1.problem.flows.0.amount.answerOf"],
    ],
    [
      question(loan, grown({ answerOf: "a", also: 1 })),
      ["part-follow-up-missing at parts.1.problem.flows.0.amount.also"],
    ],
    [
      question(loan, grown({ answerOf: "a", minus: 1 })),
      ["unknown-field at parts.1.problem.flows.0.amount"],
    ],
    [
      question(loan, grown({ answerOf: "a", rounded: 1.5 })),
      ["wrong-type at parts.1.problem.flows.0.amount.rounded"],
    ],
    [
      question(loan, { ...grown(1), title: { answerOf: "a" } }),
      ["wrong-type at parts.1.problem.title"],
    ],
  ])("%j", (file, faults) => {
    const read = readQuestion(file);
    const found = read.ok ? [] : read.issues;
    expect(found.map(({ code, path }) => `${code} at ${path.join(".")}`)).toEqual(faults);
    for (const one of found) expect(sentenceOf(one, USUAL_FORMAT)).toMatch(/^[A-Z“].*\.$/);
  });
});

describe("a part that has no answer says why, and the others have theirs", () => {
  const unsolvable = problem({
    rates: [effective(null)],
    flows: [single("a", "in", 1, "P0D"), single("b", "in", 1, "P1Y")],
  });

  test.each<[string, readonly object[], (string | null)[]]>([
    [
      "its source has none",
      [unsolvable, grown({ answerOf: "a" }), grown({ answerOf: "b" }), loan],
      [
        "one-way-money at rates.0.percent",
        "part-waits at flows.0.amount",
        "part-waits at flows.0.amount",
        null,
      ],
    ],
    [
      "its source has several",
      [twoRates, grown(1, { rates: [effective({ answerOf: "a" })] })],
      [null, "part-answers-several at rates.0.percent"],
    ],
    [
      "its source has fewer than that",
      [twoRates, grown(1, { rates: [effective({ answerOf: "a", which: 2 })] })],
      [null, "part-solution-missing at rates.0.percent"],
    ],
    [
      "what it makes of the answer is too small",
      [loan, grown({ answerOf: "a", plus: -1000 })],
      [null, "out-of-range at flows.0.amount"],
    ],
    [
      "what it makes of the answer is no time",
      [loan, grown(1, { ask: { find: "value", at: { answerOf: "a", times: 1000 } } })],
      [null, "wrong-format at ask.at"],
    ],
  ])("%s", (_, problems, wanted) => {
    const told = solvedOf(...problems).map(({ solved }) => {
      if (solved.ok) return null;
      const [found] = solved.issues;
      if (found === undefined) throw new Error("A failure says why");
      expect(sentenceOf(found, USUAL_FORMAT)).toMatch(/^[A-Z“].*\.$/);
      return `${found.code} at ${found.path.join(".")}`;
    });
    expect(told).toEqual(wanted);
  });

  test("a follow-up that has no answer cannot be taken up", () => {
    const forever = problem({
      rates: [effective(5)],
      flows: [stream("rent", "in", 5, { count: "forever" }), single("price", "out", null, "P0D")],
      also: [{ find: "total", of: "in" }],
    });
    const [source] = solvedOf(forever);
    if (source === undefined) throw new Error("There is one part");
    expect(settlePart(grown({ answerOf: "a", also: 0 }), [source])).toMatchObject({
      ok: false,
      issues: [{ code: "part-follow-up-without-answer", follow: 0 }],
    });
  });
});
