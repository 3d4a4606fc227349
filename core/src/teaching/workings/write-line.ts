import { latexHand, plainHand } from "./mathematics/hands";
import { UNROUNDED, type Rounding } from "./mathematics/figures";
import type { Expression } from "./mathematics/expression";
import { fits, writeRows, type RowLimits } from "./mathematics/rows";
import { widthOf } from "./mathematics/width";
import { write, type Manner, type Style } from "./mathematics/write";
import type { Line } from "./step";
import { USUAL_FORMAT, type AnswerFormat } from "../../wording/answer-format";

export interface LineStyle {
  readonly notation?: Style["notation"];
  readonly rounding?: Rounding;
  /** The marks of the numbers. */
  readonly format?: AnswerFormat;
  /** Marks each number in the LaTeX with the quantity it is the value of: `\htmlData{from=q3}{…}`. */
  readonly isMarked?: boolean;
  /** The most digits that fit into a row; a page's width without it. */
  readonly width?: number;
}

/** What a page holds: A4 in a document, the widest window beside the words. */
const PAGE: RowLimits = { width: 78, length: 110 };

/** A first part up to this width stands before its equals signs; a longer one has rows of its own. */
const SHORT_PART = 9;

/** A line of the workings as LaTeX, for display. A long one breaks, at its equals signs first. */
export function lineLatex(line: Line, style: LineStyle = {}): string {
  const limits = { ...PAGE, width: Math.min(PAGE.width, style.width ?? PAGE.width) };
  const complete = { ...completed(style), hand: latexHand };
  const parts = partsIn(line, complete);
  const inOneRow = parts.map(({ text }) => text).join(" = ");
  if (fits(inOneRow, limits)) return inOneRow;
  const [first, ...others] = parts;
  if (first === undefined) return "";
  const writing = { style: complete, limits };
  const isShort = others.length > 0 && widthOf(first.text) <= SHORT_PART;
  const beside = isShort ? besideName(first.text, others, writing) : [];
  const rows = beside.length > 1 ? beside : belowEachOther(first, others, writing);
  return String.raw`\begin{aligned} ${rows.join(String.raw` \\[0.4em] `)} \end{aligned}`;
}

interface Writing {
  readonly style: Style;
  readonly limits: RowLimits;
}

/** Every part after a short name stands in its column of equals signs. */
function besideName(name: string, others: readonly WrittenPart[], writing: Writing): string[] {
  const room = roomBeside(writing.limits, widthOf(name), name.length);
  return others.flatMap((part, index) =>
    broken(rowsOf(part, writing, room), "= ", index === 0 ? `${name} ` : ""),
  );
}

/** Every part has rows of its own. */
function belowEachOther(
  first: WrittenPart,
  others: readonly WrittenPart[],
  writing: Writing,
): string[] {
  const room = roomBeside(writing.limits, 0, 0);
  return [
    ...broken(rowsOf(first, writing, room), ""),
    ...others.flatMap((part) => broken(rowsOf(part, writing, room), "= ")),
  ];
}

function roomBeside({ width, length }: RowLimits, nameWidth: number, nameLength: number) {
  return {
    width: Math.max(width - nameWidth - EQUALS, LEAST_ROOM),
    length: length - nameLength - SIGNS,
  };
}

function rowsOf(
  { expression, manner, text }: WrittenPart,
  { style }: Writing,
  room: RowLimits,
): string[] {
  return expression === null ? [text] : writeRows(expression, manner, style, room);
}

/** The width of an equals sign, the characters of it and of brackets, and the least that a row of its own needs. */
const EQUALS = 3;
const SIGNS = 8;
const LEAST_ROOM = 12;

/** The rows of one part; those after its first are set in. */
function broken(rows: readonly string[], equals: string, name = ""): string[] {
  return rows.map((row, index) =>
    index === 0 ? `${name}& ${equals}${row}` : String.raw`& \quad ${row}`,
  );
}

/** The same as plain text, in one row. */
export function linePlain(line: Line, style: LineStyle = {}): string {
  return partsIn(line, { ...completed(style), hand: plainHand, isMarked: false })
    .map(({ text }) => text)
    .join(" = ");
}

interface WrittenPart {
  /** `null` for a question mark. */
  readonly expression: Expression | null;
  readonly manner: Manner;
  readonly text: string;
}

/** The parts of a chain, without repetitions. */
function partsIn({ parts, isAsked }: Line, style: Style): WrittenPart[] {
  const written = parts.map((part) => ({
    ...part,
    text: write(part.expression, part.manner, style),
  }));
  const bare = (text: string) => text.replace(/\\htmlData\{from=\w+\}/g, "").replace(/[{}]/g, "");
  const told: WrittenPart[] = written.filter(
    ({ text }, index) => index === 0 || bare(text) !== bare(written[index - 1]?.text ?? ""),
  );
  if (isAsked !== true) return told;
  const mark = style.hand.name === "latex" ? String.raw`\text{?}` : "?";
  return [...told, { expression: null, manner: "symbols", text: mark }];
}

function completed({
  notation = "fractions",
  rounding = UNROUNDED,
  format = USUAL_FORMAT,
  isMarked = false,
}: LineStyle) {
  return { notation, rounding, format, isMarked, hand: latexHand };
}
