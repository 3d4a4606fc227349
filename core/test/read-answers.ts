import { readProblem } from "../src/engine/problem/problem-file";
import { solve } from "../src/engine/solve/solve";
import { readQuestion, type ToldPart, type ToldReading } from "../src/question";

/** What a part of a text comes to. */
export interface ReadAnswer {
  readonly value: number;
  readonly unit: string;
  readonly direction?: string | undefined;
}

/** The answers of a part: of its follow-up, or every solution of its problem. */
export function answersOfPart({ problem, follow }: ToldPart): readonly ReadAnswer[] {
  const read = readProblem(problem);
  const solved = read.ok ? solve(read.value) : read;
  if (!solved.ok) return [];
  if (follow === undefined) return solved.value.answers;
  return [{ value: solved.value.also[follow] ?? Number.NaN, unit: "money" }];
}

/** The answers of the part with a label, or of the only part. */
export function answersIn({ parts }: ToldReading, label?: string): readonly ReadAnswer[] {
  const part = label === undefined ? parts.at(-1) : parts.find((one) => one.label === label);
  return part === undefined ? [] : answersOfPart(part);
}

export function answersOf(text: string, label?: string): readonly ReadAnswer[] {
  return answersIn(readQuestion(text), label);
}

/** Every way in which a text may be meant: as it was taken, and with each of the alternatives offered. */
export function readingsOf(text: string): readonly ToldReading[] {
  const reading = readQuestion(text);
  const others = reading.assumptions.flatMap(({ code, alternatives }) =>
    alternatives.map((other) => readQuestion(text, { [code]: other.reading })),
  );
  return [reading, ...others];
}
