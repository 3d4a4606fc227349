import { writeFigure, type AnswerFormat } from "@kestrelmoor/core";
import Papa from "papaparse";
import { isAnyDate, isFigure } from "./cell-values";

const MOST_ROWS = 100_000;

/** What parts the columns of a file. */
export const SEPARATORS = {
  ",": "commas",
  ";": "semicolons",
  "\t": "tabs",
  "|": "bars",
  " ": "spaces",
} as const;
export type Separator = keyof typeof SEPARATORS;

export type ReadTable =
  | { readonly ok: true; readonly separator: Separator; readonly rows: readonly Row[] }
  | { readonly ok: false; readonly sentence: string };

/** A row with its number in the file, from 1; cells are trimmed texts, never anything that is worked out. */
export interface Row {
  readonly number: number;
  readonly cells: readonly string[];
}

/** @param separator `null` to tell it from the text */
export function readTable(
  text: string,
  separator: Separator | null,
  format: AnswerFormat,
): ReadTable {
  const bare = text.replace(/^\uFEFF/, "");
  const parting = separator ?? separatorOf(bare);
  const rows = cellsOf(bare, parting)
    .map((cells, index) => ({ number: index + 1, cells }))
    .filter(({ cells }) => cells.some((cell) => cell !== ""));
  if (rows.length === 0) return { ok: false, sentence: "This file is empty." };
  if (rows.length > MOST_ROWS) {
    return {
      ok: false,
      sentence: `This file has ${writeFigure(rows.length, format)} rows. The limit is ${writeFigure(MOST_ROWS, format)}: split the file.`,
    };
  }
  return { ok: true, rows, separator: parting };
}

function cellsOf(text: string, delimiter: Separator, preview = 0): string[][] {
  if (delimiter === " ") {
    // Several spaces part two columns, as one does.
    const lines = text.split(/\r\n|\r|\n/);
    return lines.slice(0, preview || lines.length).map((line) => line.trim().split(/\s+/));
  }
  const { data } = Papa.parse<string[]>(text, { delimiter, preview });
  return data.map((cells) => cells.map((cell) => cell.trim()));
}

/** Rows that are looked at: a file is alike from its beginning to its end. */
const LOOKED_AT = 200;

/**
 * What parts the columns: that with which the most cells are figures or dates, in rows as wide as the first,
 * which may hold names. A comma may mark decimals as well, so how often it stands there tells nothing. Spaces
 * stand within cells too: they part columns only where nothing else does and most cells are then figures or dates.
 * Lines that are each one amount as a whole are one column, whatever marks stand in them.
 */
function separatorOf(text: string): Separator {
  const whole = cellsOf(text, ";", LOOKED_AT).filter((cells) => cells.join("") !== "");
  const isAmount = (cell: string) => isFigure(cell) && !cell.includes("\t");
  if (whole.every((cells) => cells.length === 1 && cells.every(isAmount))) return ";";
  const candidates = (Object.keys(SEPARATORS) as Separator[]).map((separator) => {
    const rows = cellsOf(text, separator, LOOKED_AT).filter((cells) => cells.join("") !== "");
    const width = rows[0]?.length ?? 0;
    const fits = rows.filter((cells) => cells.length === width).flat();
    const told = fits.filter((cell) => isFigure(cell) || isAnyDate(cell)).length;
    return { separator, width, told, isMostlyTold: told >= 0.6 * rows.flat().length };
  });
  const spaces = candidates.find(({ separator }) => separator === " ");
  const best = candidates
    .filter((one) => one !== spaces)
    .reduce((one, other) =>
      other.told > one.told || (other.told === one.told && other.width < one.width) ? other : one,
    );
  return best.width === 1 && spaces?.isMostlyTold === true ? " " : best.separator;
}
