import type { SolvedPart } from "../engine/question/solve-question";
import { offersQuestion, type OffersQuestion } from "./asked/offers";
import { rateQuestion, type RateQuestion } from "./asked/rate-question";
import { unusedIn, type Unused } from "./check/account";
import { doubtIn } from "./check/doubts";
import { gapsIn, isDifference } from "./check/gaps";
import { isLeftOver } from "./check/left-over";
import { isTimeValue, looksEnglish } from "./check/vocabulary";
import { factsIn, type Facts } from "./facts/facts";
import { Scope } from "./facts/scope";
import { findMarks } from "./marks/find-marks";
import type { Mark } from "./marks/mark";
import type { PartRead } from "./parts/part";
import { partOf, readParts } from "./parts/read-parts";
import { renewalParts } from "./parts/renewal";
import { solveParts } from "./parts/solve-parts";
import { splitOf } from "./parts/split";
import { isItemised } from "./shape/itemised/itemised";
import type { Choices, MissingCode, Use } from "./shape/shape";
import { exercisesIn, type Exercise } from "./text/exercises";
import { tokensOf } from "./text/tokens";

/** What a text is: a problem or several parts, offers to choose among, a rate to restate, too little, or something else. */
export const READING_KINDS = [
  "problem",
  "question",
  "offers",
  "rate",
  "incomplete",
  "other",
] as const;
export type ReadingKind = (typeof READING_KINDS)[number];

/** What a reading lacks: a fact, or what no fact can mend. */
export const MISSING_CODES = [
  "rate",
  "time",
  "payment",
  "amount",
  "frequency",
  "compounding",
  "question",
  "down-payment",
  "growth",
  "difference",
  "left-over",
  "other-answer",
  "no-answer",
  "language",
  "several-questions",
] as const;
export type Missing = (typeof MISSING_CODES)[number];

/** A text as it has been read, with every figure accounted for. */
export interface Reading {
  readonly kind: ReadingKind;
  readonly parts: readonly PartRead[];
  /** The parts that are problems of their own, solved. */
  readonly solved: readonly SolvedPart[];
  readonly rate: RateQuestion | null;
  readonly offers: OffersQuestion | null;
  readonly uses: readonly Use[];
  readonly unused: readonly Unused[];
  readonly missing: readonly Missing[];
  readonly marks: readonly Mark[];
}

/** The longest exercises, with a table of flows, have some fifty. */
const MOST_FIGURES = 120;

/**
 * Reads the text of a question: words into facts, facts into problems.
 *
 * @param choices how open points are to be taken, where not as usual
 */
export function readQuestionText(text: string, choices: Choices = {}): Reading {
  const marks = findMarks(tokensOf(text));
  const scope = new Scope(marks);
  const empty = { parts: [], solved: [], rate: null, offers: null, marks, uses: [], missing: [] };
  const other = () =>
    ({ ...empty, kind: "other", unused: unusedIn(scope, new Set(), new Set()) }) as const;
  if (!looksEnglish(marks)) return { ...other(), missing: ["language"] };
  // A whole exercise sheet is not read as one question.
  if (isSheet(marks)) {
    return { ...other(), kind: "incomplete", missing: ["several-questions"] };
  }
  const facts = factsIn(scope);
  if (isItemised(scope)) return problemsOf(facts, choices);
  if (!isTimeValue(facts)) return other();
  const rate = rateQuestion(facts);
  if (rate !== null) {
    const missing: readonly MissingCode[] = rate.isFromOpen ? ["compounding"] : [];
    const unused = unusedIn(scope, indexesOf(rate.uses), new Set());
    return {
      ...empty,
      kind: rate.isFromOpen ? "incomplete" : "rate",
      rate,
      uses: rate.uses,
      unused,
      missing,
    };
  }
  const offers = offersQuestion(facts);
  if (offers !== null) {
    return {
      ...empty,
      kind: "offers",
      offers,
      uses: offers.uses,
      unused: unusedIn(scope, indexesOf(offers.uses), new Set()),
    };
  }
  return problemsOf(facts, choices);
}

function isSheet(marks: readonly Mark[]): boolean {
  return marks.filter(({ figures }) => figures.length > 0).length > MOST_FIGURES;
}

/** The exercises of a text that are questions by themselves, each with a rate of its own; one or none where it is no sheet. */
export function sheetIn(text: string): readonly Exercise[] {
  const blocks = exercisesIn(text);
  const hasParts = blocks.some(({ from }) => PART.test(text.slice(from, from + 8)));
  return blocks.length < 2 || hasParts
    ? []
    : blocks.filter(({ from, to }) => isQuestion(text.slice(from, to)));
}

/** What begins with a letter is a part of a question. */
const PART = /^\(?(?:[a-h]|i{1,3}|iv|v)\)/;

function isQuestion(text: string): boolean {
  const { ask, percents, amounts, streams } = factsIn(new Scope(findMarks(tokensOf(text))));
  const asks = ask !== null && ask.kind !== "amount";
  return asks && percents.length > 0 && (amounts.length > 0 || streams.length > 0);
}

function problemsOf(facts: Facts, choices: Choices): Reading {
  const { scope } = facts;
  const split = splitOf(scope.marks);
  const parts: PartRead[] =
    split.parts.length > 0
      ? readParts(split, choices)
      : (renewalParts(scope.marks, choices) ?? [partOf(null, facts, 0, choices)]);
  const solved = solveParts(parts);
  const uses = [...parts.flatMap(({ shape }) => shape.uses), ...askedUses(parts)];
  const used = indexesOf(uses);
  const unused = unusedIn(scope, used, new Set(split.labels.map(({ index }) => index)));
  const partsFrom = split.labels[0]?.index ?? Number.POSITIVE_INFINITY;
  const read = { facts, parts, solved, used, unused, partsFrom };
  const lacking = parts.flatMap(({ shape }) => shape.missing);
  // A list of items says what is unknown by itself.
  const isTold = isItemised(scope);
  const isDifferent = parts.some((part) => isDifference(part.facts));
  const gaps = isTold ? [] : [...gapsIn(facts), ...(isDifferent ? ["difference" as const] : [])];
  // Payments without a rhythm have no length either.
  const isRhythmless = gaps.includes("frequency");
  const told = [
    ...new Set([...lacking.filter((code) => code !== "time" || !isRhythmless), ...gaps]),
  ];
  const isSolved = solved.length > 0 && solved.every((part) => part.solved.ok);
  const unfit = isTold && isLeftOver(read) ? "left-over" : null;
  const doubt = isSolved ? (isTold ? unfit : doubtIn(read)) : "no-answer";
  const missing: readonly Missing[] = told.length === 0 && doubt !== null ? [doubt] : told;
  const kind = missing.length > 0 ? "incomplete" : parts.length > 1 ? "question" : "problem";
  return {
    kind,
    parts,
    solved,
    rate: null,
    offers: null,
    uses,
    unused,
    missing,
    marks: scope.marks,
  };
}

function indexesOf(uses: readonly Use[]): ReadonlySet<number> {
  return new Set(uses.map(({ mark }) => mark.index));
}

/** The words that ask. */
function askedUses(parts: readonly PartRead[]): Use[] {
  return parts.flatMap(({ facts }) =>
    (facts.ask?.marks ?? [])
      .filter(({ figures }) => figures.length === 0)
      .map((mark): Use => ({ mark, role: "asked" })),
  );
}
