import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { solve } from "../../../engine/solve/solve";
import { BLANK_DRAFT, MOST_VARIANTS, type Draft } from "../draft";
import { removeFlow } from "../edit-lines";
import { readDraft } from "../read-draft";
import { SHAPES } from "../shapes";
import { draftOfVariant } from "./draft-of-variant";
import {
  addVariant,
  dropVariantFact,
  keepAsVariant,
  moveVariant,
  nameVariant,
  promoteVariant,
  VARIANTS,
  setVariantFact,
} from "./edit-variants";
import { fieldName, fieldText } from "../fields/field-words";
import { fieldsOf } from "../fields/draft-fields";
import { readyVariants } from "./ready-variants";

/** 100 put in every month for ten months, at no interest. */
function saving(): Draft {
  return JSON.parse(
    JSON.stringify({
      ...BLANK_DRAFT,
      rates: [
        {
          kind: "rate",
          id: "rate-1",
          percent: "0",
          quoted: "nominal",
          compounding: "P1M",
          compoundedBy: "words",
          from: "",
        },
      ],
      flows: [
        {
          kind: "stream",
          id: "deposits",
          label: "Deposits",
          direction: "out",
          amount: "100",
          every: "month",
          count: "10 payments",
          timing: "end",
          begins: "today",
          growth: null,
        },
        { kind: "single", id: "goal", label: "", direction: "in", amount: "?", at: "1 year" },
      ],
    }),
  ) as Draft;
}

describe("an answer that is kept", () => {
  test("stays what it is while the problem goes on, and the next one stands beside it", () => {
    const draft = saving();
    expect(keepAsVariant(draft)).toMatchObject({ name: "Kept 1" });
    const [deposits] = draft.flows;
    if (deposits?.kind !== "stream") throw new Error("There are deposits");
    deposits.amount = "150";
    keepAsVariant(draft);
    deposits.count = "4 payments";
    expect(draft.variants.map((variant) => answerOf(draftOfVariant(draft, variant)))).toEqual([
      1000, 1500,
    ]);
    expect(answerOf(draft)).toBe(600);
    expect(draft.variants.map(({ name }) => name)).toEqual(["Kept 1", "Kept 2"]);
  });

  test("is refused where there are as many variants as there may be", () => {
    const draft = saving();
    for (let number = 0; number < MOST_VARIANTS; number += 1) addVariant(draft);
    expect(keepAsVariant(draft)).toBeNull();
  });
});

function answerOf(draft: Draft): number {
  const { problem } = readDraft(draft);
  const solution = problem === null ? null : solve(problem);
  if (solution?.ok !== true) throw new Error("There is an answer");
  return solution.value.answers[0].value;
}

const answersOf = (draft: Draft) =>
  draft.variants.map((variant) => Math.round(answerOf(draftOfVariant(draft, variant)) * 100) / 100);

const deposits = (fact: "amount" | "count" | "timing", text: string) => ({
  line: "deposits",
  fact,
  text,
});

describe("a variant", () => {
  test("holds only what differs, and answers for it", () => {
    const draft = saving();
    const id = addVariant(draft)?.id ?? "";
    expect(answersOf(draft)).toEqual([1000]);
    setVariantFact(draft, id, deposits("amount", "150"));
    setVariantFact(draft, id, deposits("count", "20 payments"));
    expect(draft.variants[0]?.changes).toHaveLength(2);
    expect(answersOf(draft)).toEqual([3000]);
    setVariantFact(draft, id, deposits("amount", "100"));
    expect(draft.variants[0]?.changes).toEqual([deposits("count", "20 payments")]);
    expect(answerOf(draft)).toBe(1000);
  });

  test("follows the problem in all that it does not say itself", () => {
    const draft = saving();
    addVariant(draft, { changes: [deposits("count", "5 payments")] });
    const [line] = draft.flows;
    if (line?.kind === "stream") line.amount = "10";
    expect(answersOf(draft)).toEqual([50]);
  });

  test("says nothing about the unknown, so that every column answers one question", () => {
    const draft = saving();
    addVariant(draft, { changes: [{ line: "goal", fact: "amount", text: "5" }] });
    expect(answersOf(draft)).toEqual([1000]);
  });

  test("leaves alone a choice that there is none of, and a line that is gone", () => {
    const draft = saving();
    addVariant(draft, {
      changes: [
        deposits("timing", "sometimes"),
        { line: "rate-1", fact: "quotation", text: "by the moon" },
        { line: "gone", fact: "amount", text: "5" },
      ],
    });
    expect(answersOf(draft)).toEqual([1000]);
  });

  test("goes with the line that it speaks of", () => {
    const draft = saving();
    addVariant(draft, { changes: [deposits("amount", "7")] });
    removeFlow(draft, "deposits");
    expect(draft.variants[0]?.changes).toEqual([]);
  });

  test("can be named, moved, emptied of a fact and removed", () => {
    const draft = saving();
    for (const amount of ["1", "2", "3"]) {
      addVariant(draft, { name: amount, changes: [deposits("amount", amount)] });
    }
    const [first = "", , third = ""] = draft.variants.map(({ id }) => id);
    moveVariant(draft, third, 0);
    moveVariant(draft, "gone", 0);
    nameVariant(draft, first, "one");
    expect(draft.variants.map(({ name }) => name)).toEqual(["3", "one", "2"]);
    moveVariant(draft, third, 99);
    expect(answersOf(draft)).toEqual([10, 20, 30]);
    VARIANTS.remove(draft, first);
    dropVariantFact(draft, "deposits", "amount");
    expect(answersOf(draft)).toEqual([1000, 1000]);
  });

  test("there are no more of than a page can hold", () => {
    const draft = saving();
    for (let count = 0; count < MOST_VARIANTS; count += 1) addVariant(draft);
    expect(addVariant(draft)).toBeNull();
    expect(new Set(draft.variants.map(({ id }) => id)).size).toBe(MOST_VARIANTS);
  });
});

describe("making a variant the problem", () => {
  test("keeps what was the problem in its place, and what the others say", () => {
    const draft = saving();
    addVariant(draft, { changes: [deposits("amount", "50")] });
    addVariant(draft, { name: "long", changes: [deposits("count", "20 payments")] });
    addVariant(draft, { changes: [] });
    promoteVariant(draft, draft.variants[1]?.id ?? "");
    expect(answerOf(draft)).toBe(2000);
    expect(answersOf(draft)).toEqual([500, 1000, 1000]);
    expect(draft.variants[1]).toMatchObject({
      name: "",
      changes: [deposits("count", "10 payments")],
    });
    promoteVariant(draft, "gone");
    expect(answerOf(draft)).toBe(2000);
  });

  test("never changes what any column answers, whatever is changed", () => {
    const change = fc.constantFrom(
      deposits("amount", "55"),
      deposits("count", "3 payments"),
      deposits("timing", "start"),
      { line: "rate-1", fact: "percent", text: "6%" },
      { line: "rate-1", fact: "quotation", text: "effective" },
      { line: "goal", fact: "at", text: "30 months" },
    );
    fc.assert(
      fc.property(
        fc.array(fc.array(change, { maxLength: 4 }), { minLength: 1, maxLength: 4 }),
        fc.nat(3),
        (columns, chosen) => {
          const draft = saving();
          for (const changes of columns) {
            const id = addVariant(draft)?.id ?? "";
            for (const one of changes)
              setVariantFact(draft, id, one as ReturnType<typeof deposits>);
          }
          const place = chosen % columns.length;
          const before = [answerOf(draft), ...answersOf(draft)];
          promoteVariant(draft, draft.variants[place]?.id ?? "");
          const after = [answerOf(draft), ...answersOf(draft)];
          [before[0], before[place + 1]] = [before[place + 1] ?? 0, before[0] ?? 0];
          expect(after.map((value) => value.toFixed(2))).toEqual(
            before.map((value) => value.toFixed(2)),
          );
        },
      ),
    );
  });
});

describe("ready-made variants", () => {
  const answers = (draft: Draft, words: RegExp) => {
    const group = readyVariants(draft, readDraft(draft)).find((one) => words.test(one.words));
    return group?.variants.map(({ name, changes }) => [
      name,
      Number(answerOf(draftOfVariant(draft, { changes })).toFixed(4)),
    ]);
  };

  test("the other end of each period", () => {
    expect(answers(saving(), /Annuity due/)).toEqual([["Annuity due", 1000]]);
  });

  test("more years, said as the problem says its length", () => {
    expect(answers(saving(), /years longer/)).toEqual([
      ["1 year longer", 2200],
      ["2 years longer", 3400],
      ["3 years longer", 4600],
      ["4 years longer", 5800],
      ["5 years longer", 7000],
    ]);
    const inYears = saving();
    const [line] = inYears.flows;
    if (line?.kind === "stream") line.count = "1y 6m";
    const [group] = readyVariants(inYears, readDraft(inYears)).filter(({ words }) =>
      words.includes("longer"),
    );
    expect(group?.variants[0]?.changes).toEqual([deposits("count", "2.5 years")]);
  });

  /** What 100 become in a year at 12 % a year, to the textbook's four decimals. */
  test("words that are still in the field go along with a changed figure", () => {
    const draft = saving();
    const [line] = draft.rates;
    if (line?.kind !== "rate") throw new Error("There is a rate");
    Object.assign(line, { quoted: "periodic", compounding: "P3M", percent: "6% a year" });
    const [higher] =
      readyVariants(draft, readDraft(draft)).find(({ words }) => words.includes("point"))
        ?.variants ?? [];
    const changed = draftOfVariant(draft, { changes: higher?.changes ?? [] });
    // A year, compounded as paid: not 7% for each quarter.
    expect(readDraft(changed).rates[0]).toMatchObject({
      percent: { value: { percent: 7 } },
      quotation: { quoted: "nominal", compounding: "P1M" },
    });
  });

  test("every compounding, and the words in the field no longer win", () => {
    const draft = saving();
    draft.flows = [
      { kind: "single", id: "in", label: "", direction: "out", amount: "100", at: "today" },
      { kind: "single", id: "goal", label: "", direction: "in", amount: "?", at: "1 year" },
    ];
    draft.rates = [
      {
        kind: "rate",
        id: "rate-1",
        percent: "12% compounded yearly",
        quoted: "nominal",
        compounding: "P1M",
        compoundedBy: "words",
        from: "",
      },
    ];
    expect(answers(draft, /compounding/)).toEqual([
      ["Compounded half-yearly", 112.36],
      ["Compounded quarterly", 112.5509],
      ["Compounded every 2 months", 112.6162],
      ["Compounded monthly", 112.6825],
      ["Compounded fortnightly", 112.7186],
      ["Compounded weekly", 112.7341],
      ["Compounded daily", 112.7475],
      ["Compounded continuously", 112.7497],
    ]);
    expect(answers(draft, /percentage point/)).toEqual([
      ["1 point higher", 113],
      ["1 point lower", 111],
    ]);
    expect(answers(draft, /Annuity due/)).toBeUndefined();
  });

  test("are not offered for what is unknown or goes on for ever", () => {
    const draft = saving();
    draft.rates[0] = { ...draft.rates[0], percent: "?" } as Draft["rates"][number];
    const [line, goal] = draft.flows;
    if (line?.kind === "stream") line.count = "ever";
    if (goal?.kind === "single") Object.assign(goal, { amount: "5", at: "today" });
    expect(readyVariants(draft, readDraft(draft)).map(({ words }) => words)).toEqual([
      "Annuity due instead of ordinary (and back)",
    ]);
  });

  test.each(SHAPES)("of the shape $id can all be added to it", (shape) => {
    const draft = shape.picture();
    for (const { variants } of readyVariants(draft, readDraft(draft))) {
      for (const variant of variants) {
        const told = draftOfVariant(draft, variant);
        expect(JSON.stringify(told)).not.toBe(JSON.stringify(draft));
        expect(readDraft(told).issues).toEqual([]);
      }
    }
  });
});

test.each(SHAPES)("every fact of the shape $id has a name and words", (shape) => {
  const draft = shape.picture();
  const names = fieldsOf(draft).map((field) => fieldName(draft, field));
  for (const name of names) expect(name).toMatch(/^[A-Z].*[a-z]$|^Rate( \d)?/);
  expect(new Set(names).size).toBe(names.length);
  expect(fieldText(draft, draft.rates[0]?.id ?? "", "percent", "8.4")).toBe("8.4%");
  expect(fieldText(draft, draft.rates[0]?.id ?? "", "percent", "6 3/8%")).toBe("6 3/8%");
  expect(fieldText(draft, draft.rates[0]?.id ?? "", "quotation", "periodic P3M")).toBe(
    "per quarter",
  );
});
