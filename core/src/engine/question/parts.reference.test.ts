import { describe, expect, test } from "@jest/globals";
import parts from "../../../reference/parts.json";
import simple from "../../../reference/simple-and-dates.json";
import { expectDigits } from "../../../test/reference-answer";
import { readQuestion } from "./question-file";
import { solveQuestion } from "./solve-question";

/** Expected values: brute force in 60-digit decimals, every answer handed on with all its digits. */
interface Wanted {
  readonly label: string;
  readonly value: string;
  readonly unit: string;
  readonly direction?: string;
  readonly also: readonly string[];
}

const cases = [
  ...parts,
  ...simple.flatMap((one) => ("question" in one ? [one] : [])),
] as unknown as readonly {
  readonly id: string;
  readonly question: unknown;
  readonly expect: readonly Wanted[];
}[];

test("the reference has every question", () => {
  expect(cases).toHaveLength(35);
});

describe.each(cases)("$id", ({ question, expect: wanted }) => {
  const read = readQuestion(question);
  const solved = read.ok ? solveQuestion(read.value) : [];

  test.each(wanted)("part $label is $value $unit", (part) => {
    const own = solved.find(({ label }) => label === part.label);
    if (own?.solved.ok !== true) throw new Error(JSON.stringify(read.ok ? own : read.issues));
    const { answers, also } = own.solved.value;
    expect(answers).toHaveLength(1);
    expectDigits(answers[0].value, part.value);
    expect(answers[0].unit).toBe(part.unit);
    expect(answers[0].direction).toBe(part.direction);
    expect(also).toHaveLength(part.also.length);
    part.also.forEach((value, index) => {
      expectDigits(Math.abs(also[index] ?? NaN), value);
    });
  });
});
