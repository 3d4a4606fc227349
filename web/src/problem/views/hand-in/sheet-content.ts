import { followUpWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { Draft } from "@kestrelmoor/core/typing";
import { workings, type Step, type Workings } from "@kestrelmoor/core/teaching";
import { furtherAnswers } from "../../answer/further-answers";
import type { Outcome } from "../../document/document-store";
import { sketchOf } from "../../timeline/sketch";
import { sketchInWords, whenWords } from "../../timeline/timeline-words";
import type { WorkingsChoice } from "../workings/workings-choice";
import type { Author } from "./author";

/** Everything that stands on a sheet, in the order in which it stands there. */
export interface SheetContent {
  readonly title: string;
  /** Who hands it in, for which course, and when. */
  readonly credits: readonly string[];
  /** As it was set; empty where only its figures were typed. */
  readonly question: string;
  /** The timeline in words. */
  readonly flows: readonly string[];
  readonly made: Workings;
  readonly given: Step;
  readonly steps: readonly Step[];
  readonly answer: string;
  readonly further: readonly { readonly question: string; readonly answer: string }[];
}

/** @returns `null` while the problem has no answer */
export function sheetContent(
  draft: Draft,
  outcome: Outcome,
  choice: WorkingsChoice,
  format: AnswerFormat,
  { name, course }: Author,
  today: Date,
): SheetContent | null {
  const { problem, result } = outcome;
  if (problem === null || result?.ok !== true) return null;
  const made = workings(problem, result.value, { ...choice, format });
  const [given, ...others] = made.steps;
  const answer = others.at(-1);
  if (given === undefined || answer === undefined) return null;
  return {
    title: draft.title.trim() === "" ? "Untitled problem" : draft.title.trim(),
    credits: [name, course, dateWords(today)].flatMap((one) =>
      one.trim() === "" ? [] : [one.trim()],
    ),
    question: draft.question.trim(),
    flows: flowsInWords(draft, outcome),
    made,
    given,
    steps: others.slice(0, -1),
    answer: answer.say,
    further: furtherOf(outcome, format),
  };
}

function flowsInWords(draft: Draft, outcome: Outcome): string[] {
  const sketch = sketchOf(draft, outcome);
  return [
    ...sketchInWords(sketch).map(({ text }) => text),
    ...sketch.ribbons.map(
      ({ text, start, isUnknown }) =>
        `${isUnknown ? "The unknown rate" : "Rate"}: ${text}, from ${start === 0 ? "today" : whenWords(start).replace("after ", "")} on`,
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
        question: followUpWords(question, outcome.problem),
        answer: answer === null ? "none" : writeMoney(answer, format),
      },
    ];
  });
}

function dateWords(date: Date): string {
  return new Intl.DateTimeFormat("en-GB", { dateStyle: "long" }).format(date);
}
