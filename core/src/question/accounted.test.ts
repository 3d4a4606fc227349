import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import own from "../../test/own-questions.json";
import reference from "../../reference/questions.json";
import { LONGEST_TEXT, readQuestion, type ToldReading } from "./index";

const texts = [...reference, ...own].map(({ text }) => text);

/** Every run of digits of a text lies in one phrase that is used, or is told as unused; of a sheet, in each exercise. */
function unaccounted(text: string, { spans, unused, exercises }: ToldReading): string[] {
  if (exercises !== undefined) {
    return exercises
      .map(({ from, to }) => text.slice(from, to))
      .flatMap((one) => unaccounted(one, readQuestion(one)));
  }
  const told = [...spans, ...unused];
  return [...text.matchAll(/\d+/g)]
    .filter(({ index }) => !told.some(({ from, to }) => from <= index && index < to))
    .map(([digits]) => digits);
}

test.each(texts)("no figure is passed over in silence: %s", (text) => {
  const reading = readQuestion(text);
  expect(unaccounted(text, reading)).toEqual([]);
  for (const { from, to, text: phrase } of reading.spans) expect(text.slice(from, to)).toBe(phrase);
});

test("nor in any shuffle of sentences", () => {
  const sentences = texts.flatMap((text) => text.split(/(?<=[.?!]) /));
  const shuffles = fc.array(fc.constantFrom(...sentences), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(shuffles, (picked) => {
      const text = picked.join(" ");
      expect(unaccounted(text, readQuestion(text))).toEqual([]);
    }),
    { numRuns: 300 },
  );
});

test("figures that the reference marks as without use are not used", () => {
  const wrong = reference.flatMap(({ id, text, ignore }) => {
    const { spans, kind } = readQuestion(text);
    const used = spans.filter(({ role }) => role !== "asked");
    return kind === "problem"
      ? ignore
          .filter((phrase) => used.some((span) => span.text === phrase))
          .map((phrase) => `${id}: ${phrase}`)
      : [];
  });
  expect(wrong).toEqual([]);
});

describe("whatever is pasted gets a sentence, and nothing hangs", () => {
  test.each<[string, string, ToldReading["kind"]]>([
    ["nothing", "", "other"],
    ["no spaces", "x".repeat(LONGEST_TEXT), "other"],
    ["too much", "$5 a month ".repeat(4000), "incomplete"],
    ["digits", "1".repeat(LONGEST_TEXT), "other"],
    ["numbers", "1 ".repeat(9000), "incomplete"],
    ["the same phrase", "larger by the same ".repeat(1000), "other"],
    ["emoji and bullets", "• 😀 💰💰 • 🏦 —", "other"],
    ["markup", "<script>alert(1)</script><b>5%</b>", "other"],
    [
      "German",
      "Ein Darlehen von 10 000 € wird bei einem nominalen Zinssatz von 6 % durch monatliche Raten über fünf Jahre getilgt. Wie hoch ist die Rate?",
      "other",
    ],
    ["a sheet of exercises", texts.slice(0, 60).join("\n\n"), "incomplete"],
    ["letters from a course site", String.raw`$\frac{1}{2}$ of \(i\) is $$x^2$$`, "other"],
  ])("%s", (_, text, kind) => {
    const reading = readQuestion(text);
    expect(reading.kind).toBe(kind);
    if (kind === "incomplete") expect(reading.missing).not.toEqual([]);
  });

  test("of a sheet each exercise, unless they are the parts of one question", () => {
    const one = "What is £500 worth in 3 years at 5% effective?";
    const other = "What is £900 worth in 4 years at 6% effective?";
    const sheet = `${one}\n\n${other}`;
    const { kind, exercises = [] } = readQuestion(sheet);
    expect(kind).toBe("incomplete");
    expect(exercises.map(({ from, to }) => sheet.slice(from, to))).toEqual([one, other]);
    expect(readQuestion(`(a) ${one}\n\n(b) ${other}`).kind).toBe("question");
  });

  test("two times that contradict each other", () => {
    const { kind, missing } = readQuestion(
      "What will £500 be worth in 10 years, or rather in 12 years, at 5% effective?",
    );
    expect(kind).toBe("incomplete");
    expect(missing).toHaveLength(1);
  });
});
