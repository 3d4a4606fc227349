import { describe, expect, test } from "@jest/globals";
import questions from "../../reference/questions.json";
import { answersIn, readingsOf, type ReadAnswer } from "../../test/read-answers";
import { readQuestion, type ToldReading } from "./index";

/** A question of the reference: see its README for the two styles of entry. */
interface Case {
  readonly id: string;
  readonly style: string;
  readonly text: string;
  readonly gold: Readonly<Record<string, unknown>> | null;
  readonly answer: Wanted | null;
  readonly part?: string;
  readonly parts?: readonly {
    readonly label: string;
    readonly also?: number;
    readonly of?: string;
  }[];
  readonly alternatives?: readonly { readonly answer: Wanted }[];
  readonly spans: readonly string[];
  readonly ignore: readonly string[];
}

interface Wanted {
  readonly value: string;
  readonly unit: string;
  readonly direction?: string;
  readonly best?: number;
  readonly want?: string;
  readonly also?: readonly string[];
  readonly parts?: readonly (Wanted & { readonly label: string })[];
}

/** Read to no answer, with what is missing: three funds beside each other, of which one pays only interest. */
const NOT_READ = new Set(["e125"]);

const cases = questions as unknown as readonly Case[];

/** A follow-up carries no sign, and a value that is asked for no direction. */
function isSame(answer: ReadAnswer | undefined, wanted: Wanted): boolean {
  if (answer === undefined) return false;
  const [one, other] = [answer.value, Number(wanted.value)];
  const isClose = Math.abs(one - other) <= 1e-9 * Math.max(1, Math.abs(other));
  const isDirected = wanted.direction === undefined || answer.direction === undefined;
  return (
    isClose && answer.unit === wanted.unit && (isDirected || answer.direction === wanted.direction)
  );
}

/** Whether a reading comes to the right answers of all parts that a case is about. */
function isRight(reading: ToldReading, one: Case): boolean {
  const { gold, answer, part, parts } = one;
  if (gold === null || answer === null)
    return reading.kind === (one.style === "not-tvm" ? "other" : "incomplete");
  if (gold["kind"] === "rate") {
    expect(reading.from).toEqual(gold["from"]);
    return JSON.stringify(reading.to) === JSON.stringify(gold["to"]);
  }
  if (gold["kind"] === "offers") {
    expect(reading.rates).toEqual(gold["rates"]);
    return reading.want === answer.want;
  }
  if (reading.kind !== "problem" && reading.kind !== "question") return false;
  if (parts === undefined) {
    const wanted = [answer, ...(one.alternatives ?? []).map((other) => other.answer)];
    return wanted.some((each) => isSame(answersIn(reading, part)[0], each));
  }
  return parts.every(({ label, also, of }) => {
    const source = answer.parts?.find((other) => other.label === (of ?? label)) ?? answer;
    const [read] = answersIn(reading, label);
    if (also === undefined) return isSame(read, source);
    const follow = { value: source.also?.[also] ?? "", unit: "money" };
    return (
      read !== undefined &&
      isSame(
        { ...read, value: Math.abs(read.value) },
        { ...follow, value: String(Math.abs(Number(follow.value))) },
      )
    );
  });
}

test("the reference has every question", () => {
  expect(cases).toHaveLength(170);
});

describe.each(cases)("$id $style $part", (one) => {
  const reading = readQuestion(one.text);

  if (NOT_READ.has(one.id)) {
    test("is not read to a wrong answer in silence", () => {
      expect(reading.kind).toBe("incomplete");
      expect(reading.missing).not.toEqual([]);
    });
  } else {
    test("is read to its answer", () => {
      expect(isRight(reading, one)).toBe(true);
    });
  }

  test("what is missing is told, and nothing where nothing is", () => {
    const isIncomplete = one.gold === null && one.style !== "not-tvm";
    expect(reading.missing.length > 0).toBe(isIncomplete || NOT_READ.has(one.id));
  });
});

test("every assumption offers readings that come to something else", () => {
  for (const { text, part } of cases) {
    const [reading, ...others] = readingsOf(text);
    for (const other of others) {
      if (reading?.kind !== "problem") continue;
      expect(answersIn(other, part)).not.toEqual([]);
    }
  }
});
