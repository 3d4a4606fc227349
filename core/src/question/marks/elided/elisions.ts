import type { Mark } from "../mark";
import { behindJoint, type Joined } from "./joining";
import { lengthLeftOut, lengthOfLoan } from "./lengths";
import { withRank } from "./ranks";
import { ranksOfOneUnit, timesOfOneUnit } from "./shared-unit";
import { timingLeftOut } from "./timings";
import { unitIn } from "../units";

/**
 * Fills in what a list of times leaves out of its later members: "3,900 after one year, 7,200 after two", "in the first
 * year … and 6,000 in the second".
 */
export function withoutElisions(marks: readonly Mark[]): Mark[] {
  const result: Mark[] = [];
  let at = 0;
  while (at < marks.length) {
    const joined =
      timesOfOneUnit(marks, at) ??
      ranksOfOneUnit(marks, at) ??
      withRank(marks, at) ??
      timingLeftOut(marks, at, result) ??
      timeAt(marks, at, result) ??
      lengthLeftOut(marks, at, result) ??
      lengthOfLoan(marks, at);
    const mark = joined?.mark ?? marks[at];
    const index = result.length;
    if (mark !== undefined) result.push(mark.index === index ? mark : { ...mark, index });
    at = joined?.next ?? at + 1;
  }
  return result;
}

const LEAST_AGE = 18;

const ENDS = /^(?:,|and|\.|;|\?|or|:|\))$/;

/**
 * "after two", "in the second", "in each of the third, fourth and fifth": the unit is that of the time before; and
 * "in year 1, 2 and 3", whose further numbers go with the first.
 */
function timeAt(marks: readonly Mark[], at: number, before: readonly Mark[]): Joined | null {
  const word = marks[at];
  if (word === undefined) return null;
  if (word.phrase?.kind === "when" && word.phrase.as === "end-of")
    return withFurther(marks, at, word);
  const isEnd =
    word.phrase?.kind === "at-end-of-flows" &&
    word.phrase.numbers.length === 0 &&
    marks[at + 1]?.word === "of";
  if (!isEnd && (word.phrase !== undefined || !/^(?:after|in|at)$/.test(word.word))) return null;
  const lead = isEnd ? 3 : leadLength(marks, at);
  const isThe = marks[at + lead - 1]?.word === "the";
  const figure = marks[at + lead];
  const behind = marks[at + lead + 1];
  if (figure?.quantity?.is !== "number" || figure.quantity.value > 60) return null;
  if (figure.quantity.isOrdinal !== isThe) return null;
  // "Five years later, at 35."
  if (word.word === "at" && figure.quantity.value >= LEAST_AGE) return null;
  if (behind !== undefined && !ENDS.test(behind.word) && behind.phrase === undefined) return null;
  const unit = unitBefore(before, word.sentence);
  if (unit === null) return null;
  const phrase = {
    kind: "when",
    as: "end-of",
    iso: unit,
    numbers: [figure.quantity.value],
  } as const;
  const mark = { ...joined(word, figure), phrase };
  return withFurther(marks, at + lead, mark) ?? { mark, next: at + lead + 1 };
}

/** "in", "in the", "in each of the". */
function leadLength(marks: readonly Mark[], at: number): number {
  const words = marks.slice(at + 1, at + 4).map(({ word }) => word);
  if (words[0] === "each" && words[1] === "of" && words[2] === "the") return 4;
  return words[0] === "the" ? 2 : 1;
}

function joined(first: Mark, last: Mark): Mark {
  return {
    ...first,
    behind: last.behind,
    to: last.to,
    text: `${first.text} ${last.text}`,
    plain: `${first.plain} ${last.plain}`,
    figures: [...first.figures, ...last.figures],
  };
}

/** Numbers that follow with commas and an "and" before the last. */
function withFurther(marks: readonly Mark[], at: number, first: Mark): Joined | null {
  let mark = first;
  let next = at + 1;
  for (;;) {
    const place = behindJoint(marks, next);
    if (place === null) break;
    const figure = marks[place];
    const last = mark.phrase?.numbers.at(-1) ?? 0;
    const follows =
      figure?.quantity?.is === "number" &&
      figure.quantity.value > last &&
      figure.quantity.value <= 60;
    const behind = marks[place + 1];
    const isPlain = behind === undefined || ENDS.test(behind.word) || behind.phrase !== undefined;
    if (!follows || !isPlain || mark.phrase === undefined) break;
    mark = {
      ...joined(mark, figure),
      phrase: { ...mark.phrase, numbers: [...mark.phrase.numbers, figure.quantity.value] },
    };
    next = place + 1;
  }
  return mark === first ? null : { mark, next };
}

function unitBefore(before: readonly Mark[], sentence: number): string | null {
  for (let at = before.length - 1; at >= 0 && before[at]?.sentence === sentence; at -= 1) {
    const phrase = before[at]?.phrase;
    if (phrase?.iso === undefined) continue;
    if (phrase.kind === "timing" && phrase.as?.endsWith("-of-next") === true) return phrase.iso;
    if (phrase.kind !== "when") continue;
    if (phrase.as === "end-of") return phrase.iso;
    if (phrase.as === "at") return unitIn(before[at]?.text ?? "");
  }
  return null;
}
