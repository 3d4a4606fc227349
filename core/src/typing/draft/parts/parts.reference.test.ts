import { describe, expect, test } from "@jest/globals";
import { expectDigits } from "../../../../test/reference-answer";
import parts from "../../../../reference/parts.json";
import simple from "../../../../reference/simple-and-dates.json";
import { readQuestion, type QuestionFile } from "../../../engine/question/question-file";
import { solveQuestion } from "../../../engine/question/solve-question";
import { draftSchema } from "../draft";
import { draftOfQuestion } from "./question-draft";
import { readParts } from "./read-parts";
import { writeQuestion } from "./write-question";

/** Expected values: brute force in 60-digit decimals, every answer handed on with all its digits. */
const cases = [
  ...parts,
  ...simple.flatMap((one) => ("question" in one ? [one] : [])),
] as unknown as readonly {
  readonly id: string;
  readonly question: unknown;
  readonly expect: readonly {
    readonly label: string;
    readonly value: string;
    readonly also: readonly string[];
  }[];
}[];

function fileOf(raw: unknown): QuestionFile {
  const read = readQuestion(raw);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.value;
}

describe.each(cases)("$id, as it is typed", ({ question, expect: wanted }) => {
  const file = fileOf(question);
  const draft = draftOfQuestion(file);

  test("has the same answers", () => {
    expect(draftSchema.safeParse(draft).error).toBeUndefined();
    const read = readParts(draft);
    expect(read).toHaveLength(wanted.length);
    for (const [index, { solved, reading }] of read.entries()) {
      expect(reading.issues).toEqual([]);
      expectDigits(solved?.answers[0].value ?? Number.NaN, wanted[index]?.value ?? "");
      wanted[index]?.also.forEach((value, place) => {
        expectDigits(Math.abs(solved?.also[place] ?? Number.NaN), value);
      });
    }
  });

  test("is written as a file that refers to the same answers", () => {
    const written = writeQuestion(draft);
    if (written === null) throw new Error("A part is no problem");
    expect(referenceTexts(written)).toEqual(referenceTexts(file));
    const again = fileOf(JSON.parse(JSON.stringify(written)));
    for (const [index, { solved }] of solveQuestion(again).entries()) {
      if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
      expectDigits(solved.value.answers[0].value, wanted[index]?.value ?? "");
    }
  });
});

/** Every reference of a file, in its order. */
function referenceTexts({ parts: all }: QuestionFile): string[] {
  const found: string[] = [];
  JSON.stringify(all, (_, value: unknown) => {
    if (typeof value === "object" && value !== null && "answerOf" in value) {
      const sorted = Object.entries(value).sort(([one], [other]) => (one < other ? -1 : 1));
      found.push(JSON.stringify(Object.fromEntries(sorted)));
    }
    return value;
  });
  return found;
}
