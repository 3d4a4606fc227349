import { followUpWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import { namedFigures, workOutSums, type Draft } from "@kestrelmoor/core/typing";
import type { Step } from "@kestrelmoor/core/teaching";
import { furtherAnswers } from "../../answer/further-answers";
import { sumText } from "../../answer/sum-text";
import type { Outcome } from "../../document/outcome";
import { sketchOf } from "../../timeline/sketch";
import { sketchInWords, whenWords } from "../../timeline/timeline-words";
import { workingsParts } from "../workings/parts";
import type { AppraisedPart } from "../appraisal/appraised-parts";
import type { WorkingsStyle } from "@kestrelmoor/core/typing";
import type { Author } from "./author";
import { comparisonsOf, type SheetComparison } from "./comparisons";
import { dayWords } from "../../../ui/day-words";
import { titleOf } from "../../../ui/title-of";

/** The content of a hand-in sheet, in order. */
export interface SheetContent {
  readonly title: string;
  /** The number format of the whole sheet. */
  readonly format: AnswerFormat;
  /** Author, course and date. */
  readonly credits: readonly string[];
  /** As typed; may be empty. */
  readonly question: string;
  /** The timeline in words. */
  readonly flows: readonly string[];
  readonly given: Step;
  readonly parts: readonly SheetPart[];
  readonly answer: string;
  /** Further questions and calculations. */
  readonly further: readonly { readonly question: string; readonly answer: string }[];
  readonly comparisons: readonly SheetComparison[];
}

/** The steps to one answer; they are numbered through all parts. */
export interface SheetPart {
  /** The follow-up question or the measure of these steps; `null` for the problem itself. */
  readonly question: string | null;
  readonly steps: readonly Step[];
  /** The number of the first one. */
  readonly first: number;
}

/** @returns `null` while the problem has no answer */
export function sheetContent(
  draft: Draft,
  outcome: Outcome,
  choice: WorkingsStyle,
  format: AnswerFormat,
  { name, course }: Author,
  today: Date,
  appraised: readonly AppraisedPart[] = [],
): SheetContent | null {
  const { solved } = outcome;
  if (solved === null) return null;
  const [own, ...others] = workingsParts(solved, { ...choice, format });
  const [given] = own.made.steps;
  const answer = own.made.steps.at(-1);
  if (given === undefined || answer === undefined) return null;
  // What is given and the answer have places of their own on the sheet.
  const steps = own.made.steps.slice(1, -1);
  const left = own.made.steps.length - steps.length;
  const questions: SheetPart[] = [
    { question: null, steps, first: 1 },
    ...others.map(({ question, made, before }) => ({
      question,
      steps: made.steps,
      first: before - left + 1,
    })),
  ];
  return {
    format,
    title: titleOf(draft).trim(),
    credits: [name, course, dayWords(today)].flatMap((one) =>
      one.trim() === "" ? [] : [one.trim()],
    ),
    question: draft.question.trim(),
    flows: flowsInWords(draft, outcome, format),
    given,
    parts: [...questions, ...measuresAfter(questions, appraised)],
    answer: answer.say,
    further: [...furtherOf(outcome, format), ...calculationsOf(draft, outcome, format)],
    comparisons: comparisonsOf(draft, outcome, format),
  };
}

/** The measures of the project follow, with continued numbering. */
function measuresAfter(
  questions: readonly SheetPart[],
  appraised: readonly AppraisedPart[],
): SheetPart[] {
  let first = 1 + questions.reduce((count, { steps }) => count + steps.length, 0);
  return appraised.map(({ name, steps }) => {
    const part = { question: name, steps, first };
    first += steps.length;
    return part;
  });
}

function flowsInWords(draft: Draft, outcome: Outcome, format: AnswerFormat): string[] {
  const sketch = sketchOf(draft, outcome, format);
  return [
    ...sketchInWords(sketch, format).map(({ text }) => text),
    ...sketch.ribbons.map(
      ({ text, start, isUnknown }) =>
        `${isUnknown ? "The unknown rate" : "Rate"}: ${text}, from ${start === 0 ? "today" : whenWords(start, format).replace("after ", "")}`,
    ),
  ];
}

function furtherOf(outcome: Outcome, format: AnswerFormat): SheetContent["further"] {
  const answers = furtherAnswers(outcome);
  return outcome.reading.also.flatMap(({ question }, index) => {
    const answer = answers[index];
    if (question === null || outcome.problem === null || answer === undefined) return [];
    return [
      {
        question: followUpWords(question, outcome.problem, format),
        answer: answer === null ? "none" : writeMoney(answer, format),
      },
    ];
  });
}

/** The calculations that have a value, as they were typed. */
function calculationsOf(
  { sums }: Draft,
  { solved }: Outcome,
  format: AnswerFormat,
): SheetContent["further"] {
  if (solved === null) return [];
  return workOutSums(sums, namedFigures(solved)).flatMap((worked, place) =>
    worked.ok
      ? [{ question: sums[place]?.text.trim() ?? "", answer: sumText(worked.value, format) }]
      : [],
  );
}
