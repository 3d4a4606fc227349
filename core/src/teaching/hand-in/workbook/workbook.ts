import { isSameField, type FieldRef } from "../../../engine/fields/field-ref";
import { roundDecimal } from "../../../engine/numbers/round-decimal";
import type { AnswerOf } from "../../../engine/question/answer-of";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { USUAL_FORMAT } from "../../../wording/answer-format";
import { WORKBOOK_WORDS } from "../../../wording/teaching/workbook-words";
import { UNROUNDED } from "../../workings/mathematics/figures";
import { furtherWorkings } from "../../workings/further/further-workings";
import { workings, type WorkingsOptions } from "../../workings/workings";
import type { Workbook } from "./cells";
import {
  cellOn,
  WorkingsSheet,
  type Linked,
  type SheetStyle,
  type WorkbookHead,
} from "./workings-sheet";

/**
 * The workings of a solved problem as a workbook with live formulas: the given values are cells to change, and
 * everything else is calculated from them; a numerical solution has its own sheet.
 *
 * @param head the title, question and author
 * @param options as for the workings, with all steps
 * @returns sheets of cells; money in the problem's currency, rates as decimals, the answer in its final form
 * Accuracy: recalculated in double precision, the answer agrees with the engine's to a relative 1e-9, unless
 *   intermediate values are rounded
 * Source: formulas as in the workings; functions by their names in OpenFormula (OASIS, ODF 1.3 part 4)
 */
export function workbook(
  solved: SolvedProblem,
  head: WorkbookHead,
  options: Omit<WorkingsOptions, "level"> = {},
): Workbook {
  const names = { sheet: WORKBOOK_WORDS.sheet, trials: WORKBOOK_WORDS.trialsSheet };
  return workbookOf(solved, head, { ...options, names, linkOf: () => null });
}

/** A part of a question, with what it takes up of those before it. */
export interface WorkbookPart {
  readonly label: string;
  /** "(b) Payment after the renewal". */
  readonly heading: string;
  readonly solved: SolvedProblem;
  readonly links: readonly WorkbookLink[];
}

/** A given figure that is an answer of an earlier part. */
export interface WorkbookLink {
  readonly field: FieldRef;
  readonly answer: AnswerOf;
}

/**
 * The parts of a question as one workbook, a sheet for each: what a part takes up is a formula of the earlier part's
 * cell, so that a change there goes through all of them.
 *
 * @param parts those that have an answer, in their order
 * @returns the sheets of all parts; `answer` and `further` are those of the last
 */
export function questionWorkbook(
  parts: readonly WorkbookPart[],
  head: WorkbookHead,
  options: Omit<WorkingsOptions, "level"> = {},
): Workbook {
  const books = new Map<string, Workbook>();
  for (const { label, heading, solved, links } of parts) {
    const linkOf = (field: FieldRef) => {
      const own = links.find((link) => isSameField(link.field, field));
      const source = parts.find((part) => part.label === own?.answer.answerOf);
      const book = source === undefined ? undefined : books.get(source.label);
      return own === undefined || source === undefined || book === undefined
        ? null
        : linkedTo(own.answer, source.solved, book);
    };
    const names = {
      sheet: WORKBOOK_WORDS.partSheet(label),
      trials: WORKBOOK_WORDS.partTrials(label),
    };
    const lines = [heading, ...(books.size === 0 ? head.lines : [])];
    books.set(label, workbookOf(solved, { ...head, lines }, { ...options, names, linkOf }));
  }
  const all = [...books.values()];
  const last = all.at(-1);
  if (last === undefined) throw new TypeError("A workbook has a part");
  return { ...last, sheets: all.flatMap(({ sheets }) => sheets) };
}

/** The formula of a reference, and what it comes to; `null` where there is no cell for it. */
function linkedTo(
  { also, which, rounded, times = 1, plus = 0 }: AnswerOf,
  { answers, also: further }: SolvedProblem,
  book: Workbook,
): Linked | null {
  // Of several answers the sheet has the first.
  const isFirst = which === undefined || which === 0;
  const place = also === undefined ? (isFirst ? book.answer : null) : (book.further[also] ?? null);
  const [{ unit, value: own }] = answers;
  const value = also === undefined ? own : (further[also] ?? null);
  if (place === null || value === null) return null;
  const isMoney = also !== undefined || unit === "money";
  const cell = cellOn(place.sheet, place.cell);
  const taken = isMoney ? `ABS(${cell})` : cell;
  const exact = isMoney ? Math.abs(value) : value;
  const formula = [
    times === 1 ? "" : `${times}*`,
    rounded === undefined ? taken : `ROUND(${taken},${rounded})`,
    plus === 0 ? "" : `${plus > 0 ? "+" : "-"}${Math.abs(plus)}`,
  ].join("");
  const rounding = rounded === undefined ? exact : Number(roundDecimal(exact, rounded));
  const found = rounding * times + plus;
  // A rate is told in percent, and used as a decimal.
  return unit === "percent" && !isMoney
    ? { formula: `(${formula})/100`, value: found / 100 }
    : { formula, value: found };
}

function workbookOf(
  solved: SolvedProblem,
  head: WorkbookHead,
  {
    names,
    linkOf,
    ...options
  }: Omit<WorkingsOptions, "level"> & Pick<SheetStyle, "names" | "linkOf">,
): Workbook {
  const every = { ...options, level: "every-step" } as const;
  const own = workings(solved, every);
  const further = furtherWorkings(solved, own, every);
  const style = { rounding: UNROUNDED, format: USUAL_FORMAT, ...options, names, linkOf };
  return new WorkingsSheet(solved, own, style).write(head, further);
}
