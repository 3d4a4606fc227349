import { flowField, type FieldRef } from "../../../engine/fields/field-ref";
import { figureOf, numberOnTimeline } from "../../../engine/fields/problem-figures";
import { quotationWords } from "../../../wording/quotation-words";
import { withDigits } from "../../../engine/numbers/with-digits";
import { frequencyOf } from "../../../engine/time/duration";
import { issue } from "../../../engine/issues/issue";
import type { FollowUp } from "../../../engine/problem/schema";
import { fail, succeed, type Result } from "../../../engine/result";
import { answerFollowUps } from "../../../engine/solve/follow-ups";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import {
  takeUpFrom,
  type EarlierFigure,
  type EarlierFigures,
  type TakeUp,
} from "../../input/take-up";
import type { Draft } from "../draft";
import { namesIn, type DraftReading } from "../read-draft";
import { quantityIn, type Quantity } from "./quantity";

/** A part as those after it see it. */
export interface EarlierPart {
  /** Its own draft: see `partsOf`. */
  readonly draft: Draft;
  readonly reading: DraftReading;
  /** `null` while it has no answer. */
  readonly solved: SolvedProblem | null;
  /** What its own texts take up. */
  readonly takeUp: TakeUp;
  /** The parts that they take something up of, by their labels. */
  readonly uses: ReadonlySet<string>;
}

/** What a part is seen by: itself, every part of the question, and those before it with their answers. */
export interface PartPlace {
  readonly label: string;
  readonly labels: readonly string[];
  readonly before: readonly EarlierPart[];
}

/** Puts in what a part takes up of those before it. @param used takes note of every part that is asked */
export function takeUpBefore(place: PartPlace, used?: Set<string>): TakeUp {
  return takeUpFrom(earlierFigures(place, used));
}

/** The figures of the parts before one, by their words. @param used takes note of every part that is asked */
export function earlierFigures(place: PartPlace, used?: Set<string>): EarlierFigures {
  const partAt = (label: string) =>
    place.before.find(({ draft }) => isLabel(draft.part.label, label));
  return {
    check: (label) => {
      const known = place.labels.find((one) => isLabel(one, label));
      used?.add(known ?? label);
      if (known === undefined) return fail(issue("part-missing", [], { label }));
      if (isLabel(place.label, label)) return fail(issue("part-refers-to-itself", [], { label }));
      if (partAt(label) === undefined) return fail(issue("part-refers-ahead", [], { label }));
      return succeed(null);
    },
    find: (label, words) => {
      const part = partAt(label);
      return part === undefined ? null : figureIn(part, words);
    },
  };
}

/** Whether two labels are the same: (A) is (a). */
export function isLabel(one: string, other: string): boolean {
  return one.toLowerCase() === other.toLowerCase();
}

type Found = Result<EarlierFigure> | null;

/** What is found in a part, by its words: ten parts may take up the same of it, at every key. */
const KNOWN = new WeakMap<EarlierPart, Map<string, Found>>();

/** What some words come to in a part; fails while it has no answer; `null` for words that mean nothing there. */
export function figureIn(part: EarlierPart, words: string): Found {
  const known = KNOWN.get(part) ?? new Map<string, Found>();
  KNOWN.set(part, known);
  const before = known.get(words);
  const found = before === undefined ? foundIn(part, words) : before;
  known.set(words, found);
  return found;
}

function foundIn(part: EarlierPart, words: string): Found {
  const { draft, reading, solved } = part;
  const { label } = draft.part;
  const waits = fail(issue("part-waits", [], { label }));
  // Until its lines can be read, nobody knows what is in it.
  if (reading.problem === null) return waits;
  const quantity = quantityIn(reading.problem, words, namesIn(draft, part.takeUp));
  if (quantity === null) return null;
  return solved === null ? waits : figureOfQuantity(solved, quantity, label);
}

function figureOfQuantity(
  solved: SolvedProblem,
  quantity: Quantity,
  label: string,
): Result<EarlierFigure> {
  switch (quantity.kind) {
    case "answer":
      return answerOf(solved, quantity.which, label);
    case "follow-up":
      return furtherAnswer(solved, quantity.question, label);
    case "figure":
      return knownFigure(solved, quantity.ref, label);
    case "term":
      return termOf(solved, quantity.line, label);
  }
}

/** Which way money goes, the line says that takes it up. */
function answerOf(
  { answers, unknown, settled }: SolvedProblem,
  which: number | null,
  label: string,
): Result<EarlierFigure> {
  if (which === null && answers.length > 1) {
    const values = answers.map(({ value }) => value);
    return fail(issue("part-answers-several", [], { label, answers: values }));
  }
  const answer = answers.at(which ?? 0);
  if (answer === undefined) {
    return fail(issue("part-solution-missing", [], { label, count: answers.length }));
  }
  const { value, unit } = answer;
  if (unknown.kind === "percent")
    return succeed({ value, unit, ...quotedIn(settled, unknown.field) });
  return succeed({ value: unit === "money" ? Math.abs(value) : value, unit });
}

/** How the rate of a field is quoted. */
function quotedIn({ spells }: SolvedProblem["settled"], { line }: { readonly line: number }) {
  const spell = spells[line];
  return spell === undefined ? {} : { quoted: quotationWords(spell.quotation) };
}

function furtherAnswer(
  { problem, account }: SolvedProblem,
  question: FollowUp,
  label: string,
): Result<EarlierFigure> {
  const [value = null] = answerFollowUps({ ...problem, also: [question] }, account);
  return value === null
    ? fail(issue("part-waits", [], { label }))
    : succeed({ value: Math.abs(value), unit: "money" });
}

function termOf(
  { problem, settled }: SolvedProblem,
  line: number,
  label: string,
): Result<EarlierFigure> {
  const flow = problem.flows[line];
  const count = numberOnTimeline(problem, settled, flowField(line, "count"));
  return flow?.kind !== "stream" || count === null || !Number.isFinite(count)
    ? fail(issue("part-waits", [], { label }))
    : succeed({ value: withDigits(count / frequencyOf(flow.every), 13), unit: "years" });
}

function knownFigure(
  { problem, settled }: SolvedProblem,
  ref: FieldRef,
  label: string,
): Result<EarlierFigure> {
  const value = ref.on === "ask" ? null : numberOnTimeline(problem, settled, ref);
  const unit = figureOf(problem, ref)?.unit;
  if (value === null || unit === undefined || !Number.isFinite(value)) {
    return fail(issue("part-waits", [], { label }));
  }
  if (ref.on === "rate") return succeed({ value, unit, ...quotedIn(settled, ref) });
  return succeed({ value: unit === "money" ? Math.abs(value) : value, unit });
}
