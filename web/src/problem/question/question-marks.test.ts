import { describe, expect, test } from "@jest/globals";
import { readQuestion } from "@kestrelmoor/core/question";
import { findInQuestion, partsOf, quotationKeyOfLine, readParts } from "@kestrelmoor/core/typing";
import { usedFigures } from "../used-figures";
import { draftOfReading } from "./draft-of-reading";
import { toneSpans } from "./span-tones";
import { usedSpans } from "./used-spans";

const TEXT =
  "A mill founded in 1987 borrows £9,000 at 6.9% a year and repays it over 5 years by equal payments at the end of each month. Find the payment.";
const reading = readQuestion(TEXT);

test("each phrase has the tone of its line, in the order of the text", () => {
  const told = toneSpans(reading).map(({ from, to, tone }) => [TEXT.slice(from, to), tone]);
  expect(told).toEqual([
    ["1987", "unused"],
    ["£9,000", "in"],
    ["6.9% a year", "rate"],
    ["over 5 years", "out"],
    ["equal payments at the end of each month", "out"],
    ["Find the payment", "asked"],
  ]);
});

describe("the draft of a reading", () => {
  test("follows the payments where compounding was assumed, and the words where they tell it", () => {
    const lawsOf = (text: string) =>
      draftOfReading(readQuestion(text))?.rates.map(
        (rate) => rate.kind === "rate" && quotationKeyOfLine(rate),
      );
    expect(lawsOf(TEXT)).toEqual(["as-paid"]);
    expect(lawsOf(TEXT.replace("a year", "compounded monthly"))).toEqual(["nominal P1M"]);
  });

  test("has the answer of the reading", () => {
    const draft = draftOfReading(reading);
    const [part] = draft === null ? [] : readParts(draft);
    expect(part?.solved?.answers[0]?.value).toBeCloseTo(177.786471, 6);
    expect(draft?.question).toBe(TEXT);
  });

  test.each([
    ["the rate", TEXT.replace(" at 6.9% a year", ""), "6.9", "rates"],
    ["the time", TEXT.replace(" over 5 years", ""), "5 years", "count"],
  ])(
    "has an empty field for %s that is missing, and the answer once it is typed",
    (_, text, typed, place) => {
      const draft = draftOfReading(readQuestion(text));
      if (draft === null) throw new Error("It has no draft");
      const [before] = readParts(draft);
      expect(before?.problem).toBeNull();
      const filled = {
        ...draft,
        rates: draft.rates.map((rate) =>
          rate.kind === "rate" && place === "rates" ? { ...rate, percent: typed } : rate,
        ),
        flows: draft.flows.map((flow) =>
          flow.kind === "stream" && place === "count" ? { ...flow, count: typed } : flow,
        ),
      };
      expect(readParts(filled)[0]?.solved?.answers[0]?.value).toBeCloseTo(177.786471, 6);
    },
  );

  test("is nothing where there is no problem", () => {
    expect(draftOfReading(readQuestion("What is the time?"))).toBeNull();
  });
});

test("a phrase that the lines have no longer is loose, and can be dragged onto its field", () => {
  const spans = usedSpans(TEXT, reading, []);
  const of = (words: string) => spans.find(({ from, to }) => TEXT.slice(from, to) === words)?.tone;
  expect([of("£9,000"), of("6.9% a year"), of("1987")]).toEqual(["loose", "loose", "unused"]);
});

describe("the marks beside the lines", () => {
  const draft = draftOfReading(reading);
  const marked = (change: (text: string) => string) => {
    const lines =
      draft === null
        ? []
        : partsOf(draft).map((part) => ({
            ...part,
            rates: part.rates.map((rate) =>
              rate.kind === "rate" ? { ...rate, percent: change(rate.percent) } : rate,
            ),
          }));
    const [first] = lines;
    const readings = first === undefined ? [] : readParts(first).map((part) => part.reading);
    const figures = findInQuestion(TEXT, usedFigures(readings));
    return usedSpans(TEXT, reading, figures).map(
      ({ from, to, tone }) => `${tone}: ${TEXT.slice(from, to)}`,
    );
  };

  test("are those of the reading while the lines have its figures", () => {
    expect(marked((text) => text)).toContain("rate: 6.9% a year");
  });

  test("leave out what the lines no longer have", () => {
    expect(marked(() => "7").filter((mark) => mark.startsWith("rate"))).toEqual([]);
  });

  test("without a reading are the figures alone", () => {
    const figures = findInQuestion(TEXT, { amounts: [9000], percents: [], years: [] });
    expect(usedSpans(TEXT, null, figures).map(({ tone }) => tone)).toEqual(["line"]);
  });
});

test("the time that a follow-up asks about is marked while it is asked", () => {
  const text =
    "A loan of £9,000 at 6.9% compounded monthly is repaid over 5 years by equal payments at the end of each month. (a) Find the payment. (b) How much is owed after 2 years?";
  const draft = draftOfReading(readQuestion(text));
  if (draft === null) throw new Error("It has no draft");
  const marked = (also: typeof draft.also) => {
    const figures = findInQuestion(
      text,
      usedFigures(readParts({ ...draft, also }).map((part) => part.reading)),
    );
    return figures.map(({ start, end }) => text.slice(start, end));
  };
  expect(marked(draft.also)).toContain("2 years");
  expect(marked([])).not.toContain("2 years");
});
