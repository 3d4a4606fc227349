import type { Problem } from "../../engine/problem/schema";
import type { QuestionFile } from "../../engine/question/question-file";
import type { Quotation } from "../../engine/rates/quotation";
import type { Mark } from "../marks/mark";
import type { PartRead } from "../parts/part";
import {
  readQuestionText,
  sheetIn,
  type Missing,
  type Reading,
  type ReadingKind,
} from "../read-question";
import type { Exercise } from "../text/exercises";
import type {
  AssumptionCode,
  Choices,
  PartialProblem,
  SpanRole,
  Target,
  Use,
} from "../shape/shape";
import type { QuotedRate } from "../shape/quotations";
import { fileOf } from "./file";
import { assumptionSentence, missingSentence, readingWords, unusedWords } from "./sentences";

/** A phrase of the text and what it has become. */
export interface ToldSpan {
  readonly from: number;
  readonly to: number;
  readonly text: string;
  readonly role: SpanRole;
  readonly target?: Target;
}

/** A part of the question with its problem, in which every answer of an earlier part stands as a number. */
export interface ToldPart {
  readonly label?: string;
  readonly problem: Problem;
  /** Which of the problem's follow-ups answers the part; left out where its unknown does. */
  readonly follow?: number;
}

export interface ToldAssumption {
  readonly code: AssumptionCode;
  readonly sentence: string;
  readonly alternatives: readonly ToldAlternative[];
}

/** Another way to take an open point: sent back in the choices, under the assumption's code. */
export interface ToldAlternative {
  readonly reading: string;
  readonly sentence: string;
}

/** A reading as it is told to a person or a program. */
export interface ToldReading {
  readonly kind: ReadingKind;
  readonly parts: readonly ToldPart[];
  /** All of them as one file, with the text; left out where a part has no problem. */
  readonly file?: Problem | QuestionFile;
  /** Where only figures are missing: the problem, with 1 in their places. */
  readonly partial?: PartialProblem;
  readonly spans: readonly ToldSpan[];
  readonly assumptions: readonly ToldAssumption[];
  readonly missing: readonly { readonly code: Missing; readonly sentence: string }[];
  readonly unused: readonly { readonly from: number; readonly to: number; readonly why: string }[];
  /** Of a sheet: each of its exercises, to be read one by one. */
  readonly exercises?: readonly Exercise[];
  /** Of a rate to restate. */
  readonly from?: QuotedRate;
  readonly to?: Quotation;
  /** Of offers. */
  readonly rates?: readonly QuotedRate[];
  readonly want?: "highest" | "lowest";
}

/**
 * Reads a text and tells what was read: its problems, what each phrase became, what was assumed with its alternatives,
 * what is missing, and which figures were left out and why.
 *
 * @param text of up to 20,000 characters; a longer one is cut there
 * @param choices how open points are to be taken, by their codes: see `assumptions`
 * @returns takes time in proportion to the text; never fails
 */
export function readQuestion(text: string, choices: Choices = {}): ToldReading {
  const read = text.slice(0, LONGEST_TEXT);
  const exercises = sheetIn(read);
  if (exercises.length > 1) return sheetOf(exercises);
  const reading = readQuestionText(read, choices);
  const file = fileOf(read, reading.parts);
  return {
    kind: reading.kind,
    parts: partsOf(reading),
    ...(file === null ? {} : { file }),
    ...partialOf(reading),
    spans: spansOf(reading, read),
    assumptions: assumptionsOf(reading),
    missing: reading.missing.map((code) => ({ code, sentence: missingSentence(code) })),
    unused: reading.unused.flatMap(({ mark, why }) =>
      mark.figures.map(({ from, to }) => ({ from, to, why: unusedWords(why) })),
    ),
    ...(reading.rate === null ? {} : { from: reading.rate.from, to: reading.rate.to }),
    ...(reading.offers === null ? {} : { rates: reading.offers.rates, want: reading.offers.want }),
  };
}

/** Several questions are read one at a time. */
function sheetOf(exercises: readonly Exercise[]): ToldReading {
  const code = "several-questions";
  const nothing = { parts: [], spans: [], assumptions: [], unused: [] };
  return {
    ...nothing,
    kind: "incomplete",
    missing: [{ code, sentence: missingSentence(code) }],
    exercises,
  };
}

function partialOf({ parts }: Reading): Pick<ToldReading, "partial"> {
  const [only] = parts;
  const partial = parts.length === 1 ? only?.shape.partial : undefined;
  return partial === undefined ? {} : { partial };
}

export const LONGEST_TEXT = 20_000;

function partsOf({ parts, solved }: Reading): ToldPart[] {
  return parts.flatMap((part): ToldPart[] => {
    const source = part.follow === null ? part : (parts[part.follow.of] ?? part);
    const problem =
      solved.find(({ label }) => label === (source.label ?? "a"))?.problem ?? source.shape.problem;
    if (problem === null) return [];
    return [
      {
        ...(part.label === null ? {} : { label: part.label }),
        problem,
        ...(part.follow === null ? {} : { follow: part.follow.index }),
      },
    ];
  });
}

/** What stands together is one phrase. */
function spansOf({ uses, marks }: Reading, text: string): ToldSpan[] {
  const byMark = usesByMark(uses);
  for (const use of [...byMark.values()]) addNouns(byMark, marks, use);
  const inOrder = [...byMark.values()].sort((one, other) => one.mark.from - other.mark.from);
  const spans: ToldSpan[] = [];
  for (const { mark, role, target } of inOrder) {
    if (role === "asked" && isSign(mark)) continue;
    const last = spans.at(-1);
    const isNext =
      last?.role === role &&
      isSamePlace(last.target, target) &&
      /^[\s,]*$/.test(text.slice(last.to, mark.from));
    const from = isNext ? last.from : mark.from;
    if (isNext) spans.pop();
    spans.push({
      from,
      to: mark.to,
      text: text.slice(from, mark.to),
      role,
      ...(target === undefined ? {} : { target: isNext ? (last.target ?? target) : target }),
    });
  }
  return spans;
}

/** Words that ask give way to the facts among them, but for how often the payment is made that is asked for. */
function usesByMark(uses: readonly Use[]): Map<number, Use> {
  const byMark = new Map<number, Use>();
  for (const use of uses) {
    const { index, figures } = use.mark;
    const other = byMark.get(index);
    const isAsked = use.role === "asked" && other?.role === "payments" && figures.length === 0;
    if (other === undefined || other.role === "asked" || isAsked) byMark.set(index, use);
  }
  return byMark;
}

const PAYMENTS =
  /^(?:equal|level|same|regular|identical|payments?|instal(?:l)?ments?|repayments?|deposits?|withdrawals?|contributions?)$/;

/** "Equal payments at the end of each month" is one phrase with its nouns. */
function addNouns(
  byMark: Map<number, Use>,
  marks: readonly Mark[],
  { mark, role, target }: Use,
): void {
  if (role !== "payments" || mark.phrase === undefined) return;
  for (const step of [-1, 1]) {
    for (let at = mark.index + step; ; at += step) {
      const other = marks[at];
      const isNoun = other?.phrase === undefined && PAYMENTS.test(other?.word ?? "");
      if (other === undefined || !isNoun || other.sentence !== mark.sentence || byMark.has(at))
        break;
      byMark.set(at, { mark: other, role, ...(target === undefined ? {} : { target }) });
    }
  }
}

function isSign({ word, phrase }: Mark): boolean {
  return phrase === undefined && !/[\p{L}\d%]/u.test(word);
}

function isSamePlace(one: Target | undefined, other: Target | undefined): boolean {
  const placeOf = (target: Target | undefined) =>
    target === undefined ? "" : "flow" in target ? target.flow : String(target.rate);
  return placeOf(one) === placeOf(other);
}

function assumptionsOf({ parts }: Reading): ToldAssumption[] {
  const byCode = new Map(
    parts.flatMap(({ shape }: PartRead) => shape.assumptions).map((one) => [one.code, one]),
  );
  return [...byCode.values()].map((assumption) => ({
    code: assumption.code,
    sentence: assumptionSentence(assumption),
    alternatives: assumption.others.map((reading) => ({
      reading,
      sentence: readingWords(assumption.code, reading),
    })),
  }));
}
