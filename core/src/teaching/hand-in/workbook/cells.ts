import type { QuantityKind } from "../../workings/mathematics/expression";

/** A workbook as a table of cells, for whoever writes it into a file. */
export interface Workbook {
  readonly sheets: readonly WorkbookSheet[];
  /** Where the answer stands. */
  readonly answer: Place;
  /** Where that of each further question stands; `null` where one has none. */
  readonly further: readonly (Place | null)[];
}

export interface Place {
  readonly sheet: string;
  readonly cell: string;
}

export interface WorkbookSheet {
  readonly name: string;
  /** Of each column, in letters that fit. */
  readonly widths: readonly number[];
  readonly rows: readonly (readonly (Cell | null)[])[];
  /** Rows that stay in sight at the top. */
  readonly rowsKept: number;
}

export type Cell =
  | { readonly kind: "text"; readonly text: string; readonly role: TextRole }
  /** A figure that is given: change it, and what depends on it follows. */
  | { readonly kind: "input"; readonly value: number; readonly shows: QuantityKind }
  | {
      readonly kind: "formula";
      /** By the function names of OpenFormula, without the equals sign. */
      readonly formula: string;
      /** What it came to when it was written. */
      readonly value: number;
      readonly shows: QuantityKind;
      readonly isAnswer?: true;
    };

export type TextRole = "title" | "heading" | "words" | "head" | "formula";

export function text(words: string, role: TextRole = "words"): Cell {
  return { kind: "text", text: words, role };
}

/** The letters of a column, from 0: A, B, …, Z, AA. */
export function columnName(column: number): string {
  const rest = String.fromCharCode(65 + (column % 26));
  return column < 26 ? rest : columnName(Math.floor(column / 26) - 1) + rest;
}
