import type { Mark } from "../mark";
import { periodsIn } from "../span";
import { unitIn } from "../units";

/** "In 6 and 12 months", "after 1, 2 and 4 years": several times, with their unit behind the last. */
export function timesOfOneUnit(
  marks: readonly Mark[],
  at: number,
): { mark: Mark; next: number } | null {
  const opening = marks[at];
  if (opening?.phrase !== undefined || !/^(?:in|after|within)$/.test(opening?.word ?? ""))
    return null;
  const numbers: number[] = [];
  const figures = [];
  for (let next = at + 1; ;) {
    const figure = marks[next];
    const last = lengthOf(figure);
    if (last !== null && figure !== undefined && opening !== undefined && numbers.length > 0) {
      const phrase = {
        kind: "when",
        as: "end-of",
        iso: last.unit,
        numbers: [...numbers, last.count],
      } as const;
      const text = marks
        .slice(at, next + 1)
        .map((mark) => mark.text)
        .join(" ");
      const { behind, to } = figure;
      const mark = {
        ...opening,
        behind,
        to,
        text,
        figures: [...figures, ...figure.figures],
        phrase,
      };
      return { mark, next: next + 1 };
    }
    if (figure?.quantity?.is !== "number" || figure.quantity.isOrdinal) return null;
    numbers.push(figure.quantity.value);
    figures.push(...figure.figures);
    next += 1;
    const isJoined = /^(?:,|and|&)$/.test(marks[next]?.word ?? "");
    if (!isJoined) return null;
    next += marks[next]?.word === "," && marks[next + 1]?.word === "and" ? 2 : 1;
  }
}

/** "At the ends of the 3rd, 4th and 5th years", "in the first, second and third year". */
export function ranksOfOneUnit(
  marks: readonly Mark[],
  at: number,
): { mark: Mark; next: number } | null {
  const opening = marks[at];
  if (!/^(?:at|in)$/.test(opening?.word ?? "")) return null;
  const lead = marks
    .slice(at, at + 6)
    .map(({ word, phrase }) => (phrase === undefined ? word : ""));
  const isEnd =
    opening?.phrase?.kind === "at-end-of-flows" &&
    opening.phrase.numbers.length === 0 &&
    lead[1] === "of" &&
    lead[2] === "the";
  const length = isEnd
    ? 3
    : LEADS.map((words) => words.split(" ")).find((words) =>
        words.every((word, index) => lead[index] === word),
      )?.length;
  if (opening === undefined || length === undefined) return null;
  const numbers: number[] = [];
  const figures = [];
  for (let next = at + length; ;) {
    const figure = marks[next];
    if (figure?.quantity?.is !== "number" || !figure.quantity.isOrdinal) return null;
    numbers.push(figure.quantity.value);
    figures.push(...figure.figures);
    next += 1;
    const unit = marks[next]?.phrase === undefined ? unitIn(marks[next]?.word ?? "") : null;
    if (unit !== null && numbers.length > 1) {
      const last = marks[next] ?? figure;
      const text = marks
        .slice(at, next + 1)
        .map((mark) => mark.text)
        .join(" ");
      const phrase = { kind: "when", as: "end-of", iso: unit, numbers } as const;
      const mark = { ...opening, behind: last.behind, to: last.to, text, figures, phrase };
      return { mark, next: next + 1 };
    }
    if (!/^(?:,|and|&)$/.test(marks[next]?.word ?? "")) return null;
    next += marks[next]?.word === "," && marks[next + 1]?.word === "and" ? 2 : 1;
  }
}

const LEADS = ["at the ends of the", "at the end of the", "at the ends of", "in the", "in"];

/** A length in one unit: "12 months". */
function lengthOf(mark: Mark | undefined): { count: number; unit: string } | null {
  const isLength = mark?.quantity?.is === "span" && !mark.quantity.isArticle;
  // "In one and in three years".
  const isAgain = mark?.phrase?.kind === "when" && /^(?:in|after|within) \S+ \S+$/.test(mark.text);
  const iso = mark?.quantity?.is === "span" ? mark.quantity.iso : mark?.phrase?.iso;
  if (mark === undefined || iso === undefined || (!isLength && !isAgain)) return null;
  const unit = unitIn(mark.text);
  const count = unit === null ? null : periodsIn(iso, unit);
  return unit === null || count === null ? null : { count, unit };
}
