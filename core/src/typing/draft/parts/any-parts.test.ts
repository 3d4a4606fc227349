import { expect, test } from "@jest/globals";
import fc from "fast-check";
import { readQuestion } from "../../../engine/question/question-file";
import { solveQuestion } from "../../../engine/question/solve-question";
import { draftSchema, type Draft } from "../draft";
import { draftOf, money, payments, rate } from "../shape-lines";
import { asLaterPart } from "./part-drafts";
import { draftOfQuestion } from "./question-draft";
import { readParts, type PartReading } from "./read-parts";
import { linkedParts, writeQuestion } from "./write-question";

/** What stands in a field of a part: figures, and what it may take up of the parts before it. */
const FIGURES = {
  amount: ["9000", "12k"],
  payment: ["300", "250.50"],
  count: ["5 years", "40 payments"],
  percent: ["6", "4% effective"],
} as const;
type Field = keyof typeof FIGURES;

const taken = (label: string): Readonly<Record<Field, readonly string[]>> => ({
  amount: [
    ...[`loan of (${label})`, `balance after 1 year of (${label})`, `1 * rate of (${label})`],
    ...[`total out of (${label}) - 1`, `(${label})`, `fee of (${label})`],
  ],
  payment: [
    ...[`payment of (${label})`, `half the payment of (${label}), rounded`],
    ...[`twice the payment of (${label}) + 5`, `answer of (${label})`],
  ],
  count: [
    `term of (${label})`,
    `number of payments of (${label}) - 6`,
    `term of (${label}) - 1 year`,
  ],
  percent: [`rate of (${label})`, `rate of (${label}) + 0.5%`, `rate of (${label}) effective`],
});

/** One field is sought; the others have figures, or take up parts before. */
const anyPart = (before: readonly string[]) => {
  const field = (name: Field) =>
    fc.constantFrom(...FIGURES[name], ...before.flatMap((label) => taken(label)[name]));
  const fields = { amount: field("amount"), payment: field("payment"), count: field("count") };
  return fc
    .record({ ...fields, percent: field("percent"), sought: fc.constantFrom(...FIELDS) })
    .map(({ sought, ...texts }) => ({ ...texts, [sought]: "?" }));
};
const FIELDS = Object.keys(FIGURES) as Field[];

/** Three parts, each of which may take up those before it. */
const anyQuestion = fc
  .tuple(anyPart([]), anyPart(["a"]), anyPart(["a", "b"]))
  .map((parts): Draft => {
    const [first, ...later] = parts.map((one, index) => ({
      ...draftOf(
        [rate(one.percent)],
        [
          money("Loan", "in", one.amount, "today"),
          payments("Payments", "out", one.payment, one.count),
        ],
      ),
      part: { label: "abc".charAt(index), name: "" },
    }));
    if (first === undefined) throw new TypeError("A question has parts");
    return { ...first, later: later.map(asLaterPart) };
  });

const answersOf = (parts: readonly PartReading[]) =>
  parts.map(({ solved }) => solved?.answers.map(({ value }) => value) ?? null);

function hasWildRate({ solved }: PartReading): boolean {
  return solved?.answers.some(({ value, unit }) => unit === "percent" && value > 1000) ?? false;
}

function expectAlike(found: readonly (readonly number[] | null)[], wanted: typeof found): void {
  for (const [index, values] of wanted.entries()) {
    const own = found[index] ?? null;
    expect(own?.length ?? null).toBe(values?.length ?? null);
    values?.forEach((value, place) => {
      const apart = Math.abs((own?.[place] ?? NaN) - value);
      expect(apart).toBeLessThanOrEqual(1e-7 * Math.max(1, Math.abs(value)));
    });
  }
}

test("whatever is typed in the parts, the page and the file have the same answers", () => {
  let written = 0;
  fc.assert(
    fc.property(anyQuestion, (draft) => {
      expect(draftSchema.safeParse(draft).error).toBeUndefined();
      const parts = readParts(draft);
      expect(linkedParts(parts).length).toBeLessThanOrEqual(3);
      // At a rate of thousands of percent a balance has no digits to compare.
      fc.pre(!parts.some(hasWildRate));
      const file = writeQuestion(draft);
      if (file === null) return;
      written += 1;
      const read = readQuestion(JSON.parse(JSON.stringify(file)));
      if (!read.ok) throw new Error(JSON.stringify([read.issues, file]));
      const solved = solveQuestion(read.value).map((part) =>
        part.solved.ok ? part.solved.value.answers.map(({ value }) => value) : null,
      );
      expectAlike(solved, answersOf(parts));
      expectAlike(answersOf(readParts(draftOfQuestion(read.value))), answersOf(parts));
    }),
    { numRuns: 300 },
  );
  expect(written).toBeGreaterThan(100);
});
