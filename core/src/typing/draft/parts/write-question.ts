import { figureOf } from "../../../engine/fields/problem-figures";
import { flowField, type FieldRef } from "../../../engine/fields/field-ref";
import type { Path } from "../../../engine/issues/issue";
import { isClose, PART_BETWEEN } from "../../../engine/numbers/compare";
import { LIMITS } from "../../../engine/problem/limits";
import { QUESTION_FORMAT } from "../../../engine/problem/problem-file";
import type { FollowUp, Problem } from "../../../engine/problem/schema";
import type { AnswerOf } from "../../../engine/question/answer-of";
import type { QuestionFile } from "../../../engine/question/question-file";
import { labelledEntry } from "../../input/entry-label";
import { readLeadingDate, type DateOrder } from "../../input/read-date";
import { entriesIn, repeatedEntry } from "../../input/read-amounts";
import {
  piecesOf,
  sumOf,
  takesUp,
  type EarlierFigures,
  type Pieces,
  type Taken,
} from "../../input/take-up";
import type { Draft } from "../draft";
import { fieldsOf } from "../fields/draft-fields";
import { namesIn } from "../read-draft";
import { earlierFigures, type EarlierPart } from "./earlier-parts";
import { quantityIn } from "./quantity";
import { readParts, type PartReading } from "./read-parts";

/**
 * The question file of a draft: every part, with a reference wherever a field takes up one answer of an earlier part,
 * as a multiple or with some more. What the file cannot say by a reference is a number in it.
 *
 * @returns `null` while a part is no problem yet
 */
export function writeQuestion(draft: Draft): QuestionFile | null {
  const parts = readParts(draft);
  const linked = linkedParts(parts);
  if (linked.length < parts.length) return null;
  const { title, question, currency } = draft;
  return {
    format: QUESTION_FORMAT,
    version: 1,
    ...(title === "" ? {} : { title }),
    ...(question === "" ? {} : { question }),
    ...(currency === undefined ? {} : { currency }),
    parts: linked.map(({ label, name, problem, references }) => ({
      label,
      problem: filedProblem(problem, { name, references }),
    })),
  };
}

/** A part as a problem, and what it takes up of those before it. */
export interface LinkedPart {
  readonly label: string;
  readonly name: string;
  /** With numbers in it; what later parts take up of it is asked further in it. */
  readonly problem: Problem;
  readonly references: readonly FiledReference[];
}

/** An answer of an earlier part, where it stands in the problem, and in which field. */
export interface FiledReference {
  readonly path: Path;
  /** `null` for the focal date and the times of follow-ups. */
  readonly field: FieldRef | null;
  readonly answer: AnswerOf;
}

/** The parts that are problems, in their order, each with what it takes up. */
export function linkedParts(parts: readonly PartReading[]): LinkedPart[] {
  const asked = new Map<string, FollowUp[]>();
  const linked = parts.flatMap((part) => {
    const { problem } = part;
    const { label, name } = part.draft.part;
    if (problem === null) return [];
    asked.set(label, [...(problem.also ?? [])]);
    return [{ label, name, problem, references: referencesOf(part, problem, asked) }];
  });
  return linked.map(({ problem, ...part }) => {
    const also = asked.get(part.label) ?? [];
    return { ...part, problem: also.length === 0 ? problem : { ...problem, also } };
  });
}

const OF_THE_WHOLE: ReadonlySet<string> = new Set<keyof Problem>(["title", "question"]);

/** Title and question are those of the whole; the title of a part is its name. */
function filedProblem(
  problem: Problem,
  { name, references }: Pick<LinkedPart, "name" | "references">,
): QuestionFile["parts"][number]["problem"] {
  const own = Object.entries(problem).filter(([key]) => !OF_THE_WHOLE.has(key));
  const filed = {
    ...Object.fromEntries(own),
    ...(name === "" ? {} : { title: name }),
  };
  return references.reduce<unknown>(
    (whole, { path, answer }) => withAt(whole, path, answer),
    filed,
  ) as Record<string, unknown>;
}

/** The same document with something else at a place of it. */
function withAt(place: unknown, path: Path, value: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return value;
  const inner = withAt((place as Record<string | number, unknown>)[key], rest, value);
  return Array.isArray(place)
    ? place.with(Number(key), inner)
    : { ...(place as object), [key]: inner };
}

/** What the fields of a part take up, each with its place in the problem. */
function referencesOf(
  part: PartReading,
  problem: Problem,
  asked: Map<string, FollowUp[]>,
): FiledReference[] {
  const { draft, place } = part;
  const figures = earlierFigures(place);
  const filed = (
    text: string,
    path: Path | undefined,
    field: FieldRef | null = null,
  ): FiledReference[] => {
    if (path === undefined || !takesUp(text)) return [];
    const answer = answerIn(text, figures, place.before, asked);
    return answer === null ? [] : [{ path, field, answer }];
  };
  const filedAt = (text: string, ref: FieldRef) => filed(text, figureOf(problem, ref)?.path, ref);
  const inLines = fieldsOf(draft).flatMap(({ text, ref }) => {
    if (ref.on === "flow" && (ref.field === "amounts" || ref.field === "entries")) {
      const { line, field } = ref;
      return textsOfEntries(text, field, draft.conventions.dateOrder).flatMap((entry, index) =>
        filedAt(entry, flowField(line, field, index)),
      );
    }
    return filedAt(text, ref);
  });
  const focal = draft.focal === null ? [] : filed(draft.focal, ["focal"]);
  const also = draft.also.flatMap((line, index) =>
    line.kind === "balance" || line.kind === "value" ? filed(line.at, ["also", index, "at"]) : [],
  );
  return [...inLines, ...focal, ...(hasAll(problem, draft) ? also : [])];
}

/** Whether no follow-up is left out, so that those of the problem have the places of the draft's. */
function hasAll({ also = [] }: Problem, draft: Draft): boolean {
  return also.length === draft.also.length;
}

/** One text for each amount of a list. */
function textsOfEntries(
  text: string,
  field: "amounts" | "entries",
  dateOrder: DateOrder,
): string[] {
  if (field === "entries") {
    return text
      .split(/[;\r\n]+/)
      .filter((part) => part.trim() !== "")
      .map((part) => {
        const date = readLeadingDate(part, dateOrder);
        const rest = date?.ok === true ? date.value.rest.replace(/^[\s:,]+/, "") : part;
        return labelledEntry(rest).entry;
      });
  }
  return entriesIn(text).flatMap((part) => {
    const { once, times } = repeatedEntry(labelledEntry(part).entry);
    return Array<string>(times).fill(once);
  });
}

const FAR = 1e24;

/** The reference that a text makes; `null` for one that the file has no words for. */
function answerIn(
  typed: string,
  figures: EarlierFigures,
  before: readonly EarlierPart[],
  asked: Map<string, FollowUp[]>,
): AnswerOf | null {
  const isOut = /^\s*out\b/i.test(typed);
  const read = piecesOf(isOut ? typed.replace(/^\s*out\b/i, "") : typed, figures);
  if (!read.ok) return null;
  const taken = read.value.filter((piece) => typeof piece !== "string");
  const [only] = taken;
  if (only === undefined || taken.length > 1) return null;
  const source = sourceOf(only, before, asked);
  const pieces = only.figure.unit === "percent" ? withoutWords(read.value) : read.value;
  const at = (value: number) => {
    const sum = sumOf(pieces, () => value);
    return sum.ok ? sum.value : Number.NaN;
  };
  // So far out that nothing of what is added is left among its digits.
  const [plus, times] = [at(0), at(FAR) / FAR];
  const isLinear = isClose(at(3) - plus, 3 * times, PART_BETWEEN.anyWay);
  if (source === null || !isLinear) return null;
  const sign = isOut ? -1 : 1;
  return {
    answerOf: only.label,
    ...source,
    ...(only.places === null ? {} : { rounded: only.places }),
    ...(times * sign === 1 ? {} : { times: times * sign }),
    ...(plus === 0 ? {} : { plus: plus * sign }),
  };
}

/** The same without the words at the end, which say how a rate is quoted. */
function withoutWords(pieces: Pieces): Pieces {
  const last = pieces.at(-1);
  return typeof last === "string"
    ? [...pieces.slice(0, -1), /^[\s\d.+*/()%-]*/.exec(last)?.[0] ?? ""]
    : pieces;
}

/** Which answer of a part is meant; one asked further is asked there too. */
function sourceOf(
  { label, words }: Taken,
  before: readonly EarlierPart[],
  asked: Map<string, FollowUp[]>,
): Pick<AnswerOf, "also" | "which"> | null {
  const part = before.find(({ draft }) => draft.part.label.toLowerCase() === label);
  const problem = part?.reading.problem ?? null;
  if (part === undefined || problem === null) return null;
  const plain = words.replace(/^rounded /, "");
  const quantity = quantityIn(problem, plain, namesIn(part.draft, part.takeUp));
  if (quantity === null || quantity.kind === "figure" || quantity.kind === "term") return null;
  if (quantity.kind === "answer") {
    const { which } = quantity;
    if (which === null) return {};
    return { which: which < 0 ? (part.solved?.answers.length ?? 1) + which : which };
  }
  const questions = asked.get(part.draft.part.label) ?? [];
  const text = JSON.stringify(quantity.question);
  const known = questions.findIndex((one) => JSON.stringify(one) === text);
  if (known >= 0) return { also: known };
  if (questions.length >= LIMITS.followUps) return null;
  questions.push(quantity.question);
  return { also: questions.length - 1 };
}
