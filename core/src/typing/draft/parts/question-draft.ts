import type { UnknownKind } from "../../../engine/fields/figure";
import type { FigureUnit } from "../../../engine/fields/figure-unit";
import type { Path } from "../../../engine/issues/issue";
import { listUnknowns } from "../../../engine/problem/unknown";
import { isoYears } from "../../../engine/time/moment";
import type { Problem } from "../../../engine/problem/schema";
import { isTimeAt, withReferences, type AnswerOf } from "../../../engine/question/answer-of";
import type { QuestionFile } from "../../../engine/question/question-file";
import { formatExact } from "../../../wording/format-number";
import { BLANK_DRAFT, type Draft } from "../draft";
import { writeDraft } from "../write-draft";
import { asLaterPart } from "./part-drafts";
import { quotationWords } from "../../../wording/quotation-words";
import { quantityWords } from "./quantity-words";

/** Puts a question file into fields, as somebody would have typed it; reading it back gives the same answers. */
export function draftOfQuestion({
  title = "",
  question = "",
  currency,
  parts,
}: QuestionFile): Draft {
  const before = new Map<string, Problem>();
  const drafts = parts.map(({ label, problem }) => {
    const { draft, stoodIn } = partDraft(problem, before);
    before.set(label, stoodIn);
    return { ...draft, title, question, part: { label, name: draft.title } };
  });
  const [first = BLANK_DRAFT, ...later] = drafts;
  return {
    ...first,
    ...(currency === undefined ? {} : { currency }),
    later: later.map(asLaterPart),
  };
}

interface PartDraft {
  readonly draft: Draft;
  /** With numbers in the places of its references. */
  readonly stoodIn: Problem;
}

/**
 * The draft of one part. Each reference is first written as a number that occurs nowhere else, then that number is
 * written in words, wherever it came to stand.
 */
function partDraft(problem: unknown, before: ReadonlyMap<string, Problem>): PartDraft {
  const words = new Map<string, string>();
  const stoodIn = withReferences(problem, ({ path, raw }) => {
    // What a reference says has been checked when the question was read.
    const reference = raw as AnswerOf;
    const number = standIn(words.size);
    const source = before.get(reference.answerOf);
    const said = referenceWords(reference, source);
    // A figure that counts something else is taken as a bare number.
    const isOdd = source !== undefined && unitOf(reference, source) !== unitAt(path);
    const bare = isOdd && isBare(reference) ? `1 * ${said}` : said;
    words.set(formatExact(number), bare + quotedOtherwise(problem, path, source));
    return isTimeAt(path) ? isoYears(number) : number;
  }) as Problem;
  return { draft: inWords(writeDraft(stoodIn), words) as Draft, stoodIn };
}

/** The words for how a rate is quoted, where that is not how it is quoted in the part that it is taken up of. */
function quotedOtherwise(problem: unknown, path: Path, source: Problem | undefined): string {
  const [key, line] = path;
  const own = (problem as Problem).rates[Number(line)];
  const [unknown] = source === undefined ? [] : listUnknowns(source);
  const other = unknown?.kind === "percent" ? source?.rates[unknown.field.line] : undefined;
  if (key !== "rates" || own === undefined || other === undefined) return "";
  const [here, there] = [own, other].map((rate) => quotationWords(rate));
  return here === undefined || here === there ? "" : ` ${here}`;
}

function isBare({ times = 1, plus = 0 }: AnswerOf): boolean {
  return times === 1 && plus === 0;
}

const UNITS: Readonly<Record<UnknownKind, FigureUnit>> = {
  amount: "money",
  percent: "percent",
  growth: "percent",
  count: "payments",
  at: "years",
  begins: "years",
  value: "money",
};

/** What an answer counts. */
function unitOf({ also }: AnswerOf, source: Problem): FigureUnit {
  const [unknown] = also === undefined ? listUnknowns(source) : [];
  if (unknown === undefined) return "money";
  return unknown.path.at(-1) === "amount" ? "money" : UNITS[unknown.kind];
}

/** What a place of the problem file counts. */
function unitAt(path: Path): FigureUnit {
  if (isTimeAt(path)) return "years";
  const key = path.at(-1);
  return key === "percent" ? "percent" : key === "count" ? "payments" : "money";
}

/** Numbers that nobody writes, each of its own. */
function standIn(index: number): number {
  return Number(`7.0${String(100 + index)}00907`);
}

const STOOD_IN = /P?(7\.0\d{3}00907)(?:Y| years| payments|%)?/g;

/** Writes the words of a reference wherever its number stands in a text. */
function inWords(place: unknown, words: ReadonlyMap<string, string>): unknown {
  if (typeof place === "string") {
    return place.replace(STOOD_IN, (found, number: string) => words.get(number) ?? found);
  }
  if (typeof place !== "object" || place === null) return place;
  if (Array.isArray(place)) return place.map((inner) => inWords(inner, words));
  return Object.fromEntries(
    Object.entries(place).map(([key, inner]) => [key, inWords(inner, words)]),
  );
}

/** A reference as somebody would have typed it. */
function referenceWords(reference: AnswerOf, source: Problem | undefined): string {
  const { answerOf: label, rounded, times = 1, plus = 0 } = reference;
  const what = source === undefined ? "answer" : quantityWords(reference, source);
  const to =
    rounded === undefined ? "" : rounded === 2 ? " to the cent" : ` rounded to ${rounded} decimals`;
  const once = `${what} of (${label})${to}`;
  const multiple = multipleWords(Math.abs(times), once);
  const sign = times < 0 ? "-" : "";
  if (plus === 0) return `${sign}${multiple}`;
  return `${sign}${multiple} ${plus > 0 ? "+" : "-"} ${formatExact(Math.abs(plus))}`;
}

function multipleWords(times: number, once: string): string {
  switch (times) {
    case 1:
      return once;
    case 0.5:
      return `half the ${once}`;
    case 2:
      return `twice the ${once}`;
    default:
      return `${formatExact(times)} * ${once}`;
  }
}
