import type { Mark } from "../mark";
import { timesSpan } from "../span";
import { unitIn } from "../units";
import { type Joined, joinedMarks } from "./joining";

/** The words that tell which of several lengths of time one is. */
const WHICH: Readonly<Record<string, string>> = {
  initial: "first",
  next: "next",
  following: "next",
  subsequent: "next",
  last: "last",
  final: "last",
  remaining: "last",
  other: "last",
  another: "next",
  further: "next",
};
const LEADS = /^(?:for|over|during|in|throughout|through)$/;
/** What is counted has its noun behind it; a length whose unit is left out goes on otherwise. */
const GOES_ON =
  /^(?:,|and|\.|;|\?|or|:|\)|the|it|he|she|they|we|interest|at|but|then|is|are|was|were|to)$/;

/** "Ten years … during the first four … and for the six after": the unit is that of the length before. */
export function lengthLeftOut(
  marks: readonly Mark[],
  at: number,
  before: readonly Mark[],
): Joined | null {
  const opening = marks[at];
  if (opening === undefined || !isPlain(opening, LEADS)) return null;
  const hasArticle = isPlain(marks[at + 1], /^(?:the|its|his|her|their|a)$/);
  const rank = marks[at + (hasArticle ? 2 : 1)];
  const which = whichOf(rank);
  const place = at + (hasArticle ? 2 : 1) + (which === null ? 0 : 1);
  const figure = marks[place];
  const unit = unitOfLength(before);
  if (figure?.quantity?.is !== "number" || figure.quantity.isOrdinal || unit === null) return null;
  const isAfter = hasArticle && isPlain(marks[place + 1], /^(?:after|afterwards|following)$/);
  // "… for four years. What if it runs for six?"
  const isWhole =
    !hasArticle && isPlain(opening, /^(?:for|over)$/) && isPlain(marks[place + 1], /^\?$/);
  const as = which ?? (isAfter ? "next" : isWhole ? "whole" : null);
  const next = place + (isAfter ? 2 : 1);
  const behind = marks[next];
  const goesOn = behind === undefined || behind.phrase !== undefined || isPlain(behind, GOES_ON);
  const { value } = figure.quantity;
  // "For the next one" is no length.
  if (as === null || !goesOn || value < 2 || value > 60) return null;
  const phrase = {
    kind: "lasting",
    as,
    iso: timesSpan(value, unit),
    numbers: [],
  } as const;
  return joinedMarks(marks, [at, next], phrase, figure.figures);
}

/** "A 15-year, £200,000 loan": how long it runs. */
export function lengthOfLoan(marks: readonly Mark[], at: number): Joined | null {
  const mark = marks[at];
  const [comma, money, noun] = marks.slice(at + 1, at + 4);
  if (mark?.quantity?.is !== "span" || mark.quantity.isArticle) return null;
  const isLoan =
    comma?.word === "," &&
    money?.quantity?.is === "money" &&
    /^(?:loan|mortgage|debt)$/.test(noun?.word ?? "");
  const phrase = { kind: "lasting", as: "whole", iso: mark.quantity.iso, numbers: [] } as const;
  return isLoan ? joinedMarks(marks, [at, at + 1], phrase, mark.figures) : null;
}

function isPlain(mark: Mark | undefined, pattern: RegExp): boolean {
  return mark !== undefined && mark.phrase === undefined && pattern.test(mark.word);
}

function whichOf(mark: Mark | undefined): string | null {
  if (mark?.phrase?.kind === "first-of" && /(?:^|\s)first$/.test(mark.plain)) return "first";
  return mark?.phrase === undefined ? (WHICH[mark?.word ?? ""] ?? null) : null;
}

/** Marks before, of which a length may leave out its unit. */
const FARTHEST = 60;

/** The unit of the nearest length of time before. */
function unitOfLength(before: readonly Mark[]): string | null {
  const length = before
    .slice(-FARTHEST)
    .findLast(
      ({ phrase, quantity }) =>
        (quantity?.is === "span" && !quantity.isArticle) ||
        ((phrase?.kind === "lasting" || phrase?.kind === "when") && phrase.iso !== undefined),
    );
  return length === undefined ? null : unitIn(length.text);
}
