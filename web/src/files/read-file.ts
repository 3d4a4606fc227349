import { writeFigure, type AnswerFormat } from "@kestrelmoor/core";
import Papa from "papaparse";
import { isAnyDate, isFigure } from "./cell-values";

/** A file larger than this is no list of amounts that anybody typed. */
const MOST_BYTES = 20_000_000;
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

export type ReadFile =
  | { readonly ok: true; readonly name: string; readonly text: string }
  | { readonly ok: false; readonly sentence: string };

/** The text of a file, whatever it is written in. A mark at its beginning says which; else it is UTF-8 or Windows'. */
export async function readTextFile(file: File): Promise<ReadFile> {
  const { name } = file;
  if (file.size > MOST_BYTES) {
    return {
      ok: false,
      sentence: `“${name}” is too large. The limit is 20 MB.`,
    };
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  const text = decoded(bytes);
  if (text.includes("\0")) {
    return {
      ok: false,
      sentence: `“${name}” is not a text file. Save the list as CSV first.`,
    };
  }
  return { ok: true, name, text };
}

function decoded(bytes: Uint8Array): string {
  const [first, second] = bytes;
  if (first === 0xff && second === 0xfe) return new TextDecoder("utf-16le").decode(bytes);
  if (first === 0xfe && second === 0xff) return new TextDecoder("utf-16be").decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

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
