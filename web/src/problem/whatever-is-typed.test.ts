import { expect, test } from "@jest/globals";
import { answerText, workings } from "@kestrelmoor/core";
import { type Draft } from "@kestrelmoor/core/typing";
import fc from "fast-check";
import katex from "katex";
import { companionsOf, copyText } from "./answer/companions";
import { missingWords } from "./answer/missing-words";
import { outcomeOf } from "./document/document-store";
import { rateHint } from "./lines/line-hints";
import { layOut } from "./timeline/layout";
import { sketchOf } from "./timeline/sketch";
import { sketchInWords } from "./timeline/timeline-words";
import { usedFigures } from "./used-figures";

const amount = fc.constantFrom(
  "?",
  "",
  "0",
  "4,500",
  "12k",
  "1/3 of 900",
  "-5",
  "1e13",
  "0.001",
  "x",
);
const time = fc.constantFrom(
  "?",
  "",
  "today",
  "3y 4m",
  "18 months",
  "1000",
  "1 day",
  "soon",
  "0.1y 3d",
);
const percent = fc.constantFrom(
  "?",
  "",
  "5",
  "-2",
  "0",
  "6 3/8%",
  "1.8% per quarter",
  "4% continuous",
  "-100",
  "900",
);
const side = fc.constantFrom<"in" | "out">("in", "out");

interface Parts {
  readonly flows: readonly (readonly ["in" | "out", string, string])[];
  readonly rates: readonly (readonly [string, string])[];
  readonly worth: string | null;
  readonly words: string;
}

function draftOf({ flows, rates, worth, words }: Parts): Draft {
  return {
    format: "kestrelmoor-draft",
    version: 2,
    title: words,
    question: words,
    rates: rates.map(([figure, from], index) => ({
      kind: "rate",
      id: `rate-${index}`,
      percent: figure,
      quoted: "nominal",
      compounding: "P3M",
      from,
    })),
    flows: flows.map(([direction, money, at], index) => ({
      kind: "single",
      id: `flow-${index}`,
      label: words.slice(0, 9),
      direction,
      amount: money,
      at,
    })),
    ask: worth === null ? null : { kind: "worth", at: worth },
  };
}

/** Anything in any field. */
const anything = fc
  .record({
    flows: fc.array(fc.tuple(side, fc.oneof(amount, fc.string()), fc.oneof(time, fc.string())), {
      maxLength: 5,
    }),
    rates: fc.array(fc.tuple(percent, time), { minLength: 1, maxLength: 3 }),
    worth: fc.option(time),
    words: fc.string(),
  })
  .map(draftOf);

/** Fields that can be read, and one unknown among them: most of these have an answer. */
const solvable = fc
  .record({
    flows: fc.array(
      fc.tuple(
        side,
        fc.constantFrom("100", "4,500", "12k", "1/3 of 900", "0.01", "5000000"),
        fc.constantFrom("today", "3y 4m", "18 months", "5", "1 day", "0.1y 3d", "40 years"),
      ),
      { minLength: 1, maxLength: 5 },
    ),
    figures: fc.array(
      fc.constantFrom(
        "5",
        "-2",
        "6 3/8%",
        "1.8% per quarter",
        "4% continuous",
        "90",
        "3% effective",
      ),
      { minLength: 1, maxLength: 3 },
    ),
    asked: fc.constantFrom("amount", "time", "rate", "worth"),
    place: fc.nat(),
  })
  .map(({ flows, figures, asked, place }) =>
    draftOf({
      flows: flows.map(([direction, money, at], index) => {
        const isAsked = index === place % flows.length;
        return [
          direction,
          asked === "amount" && isAsked ? "?" : money,
          asked === "time" && isAsked ? "?" : at,
        ];
      }),
      rates: figures.map((figure, index) => [
        asked === "rate" && index === place % figures.length ? "?" : figure,
        `${index * 2} years`,
      ]),
      worth: asked === "worth" ? "7 years" : null,
      words: "",
    }),
  );

const drafts = fc.oneof(anything, solvable);

test("most of what is meant to have an answer has one", () => {
  const solved = fc.sample(solvable, 300).filter((draft) => outcomeOf(draft).result?.ok === true);
  expect(solved.length).toBeGreaterThan(150);
});

test("whatever is typed, everything on the page can be worked out and has words", () => {
  fc.assert(
    fc.property(drafts, (draft) => {
      const outcome = outcomeOf(draft);
      const sketch = sketchOf(draft, outcome);
      const layout = layOut(sketch, { width: 900, height: 250, isSmall: false });
      const places = layout.posts.flatMap(({ x, y, height }) => [x, y, height]);
      const words = [
        ...sketchInWords(sketch).map(({ text }) => text),
        ...sketch.ribbons.map(({ text }) => text),
        missingWords(outcome.reading.issues),
      ];
      for (const reading of outcome.reading.rates) words.push(rateHint(reading, null) ?? "");
      const { problem, result } = outcome;
      if (problem !== null && result?.ok === true) {
        const solution = result.value;
        words.push(answerText(problem, solution), ...solution.answers.map(copyText));
        words.push(...companionsOf(problem, solution).map(({ figure }) => figure));
        for (const { say, latex } of workings(problem, solution) ?? []) {
          words.push(say, ...latex);
          // A formula that cannot be set throws here.
          for (const line of latex) katex.renderToString(line, { throwOnError: true });
        }
      }
      expect(places.every(Number.isFinite)).toBe(true);
      // The person's own words may say anything; ours never say these.
      const ours = words.join("\n").replaceAll(draft.title.slice(0, 9) || "\0", "");
      expect(ours).not.toMatch(/NaN|undefined|\[object|Infinity/);
      expect(() => usedFigures(outcome.reading)).not.toThrow();
    }),
    { numRuns: 400 },
  );
});
