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
import { partHeading, takenWords } from "../../parts/part-words";
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
  /** One for each part of the question that has an answer. */
  readonly sections: readonly SheetSection[];
}

/** A part of the question on the sheet. */
export interface SheetSection {
  /** The part, to draw its timeline. */
  readonly part: Outcome;
  /** "(b) Payment after the renewal"; `null` where there is only one part. */
  readonly heading: string | null;
  /** What it takes up of earlier parts. */
  readonly taken: readonly string[];
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

/** How a sheet is written, by whom, and when. */
export interface SheetStyle {
  readonly choice: WorkingsStyle;
  readonly format: AnswerFormat;
  readonly author: Author;
  readonly today: Date;
}

/**
 * @param parts those of the question, in their order
 * @param appraised the measures of a part as a project
 * @returns `null` while no part has an answer
 */
export function sheetContent(
  parts: readonly Outcome[],
  style: SheetStyle,
  appraised: (part: Outcome) => readonly AppraisedPart[] = () => [],
): SheetContent | null {
  const { format, author, today } = style;
  const sections = parts.flatMap((part) => {
    const heading = parts.length > 1 ? partHeading(part) : null;
    return sectionOf(part, heading, style, appraised(part)) ?? [];
  });
  const [first] = parts;
  if (first === undefined || sections.length === 0) return null;
  const { draft } = first;
  return {
    format,
    title: titleOf(draft).trim(),
    credits: [author.name, author.course, dayWords(today)].flatMap((one) =>
      one.trim() === "" ? [] : [one.trim()],
    ),
    question: draft.question.trim(),
    sections,
  };
}

function sectionOf(
  outcome: Outcome,
  heading: string | null,
  { choice, format }: SheetStyle,
  appraised: readonly AppraisedPart[],
): SheetSection | null {
  const { draft, solved } = outcome;
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
    part: outcome,
    heading,
    taken: takenWords(outcome, format),
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

function furtherOf(outcome: Outcome, format: AnswerFormat): SheetSection["further"] {
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
): SheetSection["further"] {
  if (solved === null) return [];
  return workOutSums(sums, namedFigures(solved)).flatMap((worked, place) =>
    worked.ok
      ? [{ question: sums[place]?.text.trim() ?? "", answer: sumText(worked.value, format) }]
      : [],
  );
}
