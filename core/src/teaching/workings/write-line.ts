import { latexHand, plainHand } from "./mathematics/hands";
import { UNROUNDED, type Rounding } from "./mathematics/figures";
import { write, type Style } from "./mathematics/write";
import type { Line } from "./step";
import { USUAL_FORMAT, type AnswerFormat } from "../../wording/answer-format";

export interface LineStyle {
  readonly notation?: Style["notation"];
  readonly rounding?: Rounding;
  /** The marks of the numbers. */
  readonly format?: AnswerFormat;
  /** Marks each number in the LaTeX with the quantity it is the value of: `\htmlData{from=q3}{…}`. */
  readonly isMarked?: boolean;
}

/** A longer chain of equal parts is set one part below another. */
const LONGEST_ROW = 96;

/** A line of the workings as LaTeX, for display. */
export function lineLatex(line: Line, style: LineStyle = {}): string {
  const parts = partsIn(line, { ...complete(style), hand: latexHand });
  const plain = linePlain(line, style);
  if (parts.length < 3 || plain.length <= LONGEST_ROW) return parts.join(" = ");
  const [first = "", ...rest] = parts;
  const rows = rest.map((part) => `&= ${part}`).join(String.raw` \\ `);
  return String.raw`\begin{aligned} ${first} ${rows} \end{aligned}`;
}

/** The same as plain text, in one row. */
export function linePlain(line: Line, style: LineStyle = {}): string {
  return partsIn(line, { ...complete(style), hand: plainHand, isMarked: false }).join(" = ");
}

/** The parts of a chain, without repetitions. */
function partsIn({ parts, isAsked }: Line, style: Style): string[] {
  const written = parts.map(({ expression, manner }) => write(expression, manner, style));
  const bare = (text: string) => text.replace(/\\htmlData\{from=\w+\}/g, "").replace(/[{}]/g, "");
  const told = written.filter(
    (text, index) => index === 0 || bare(text) !== bare(written[index - 1] ?? ""),
  );
  return isAsked === true
    ? [...told, style.hand.name === "latex" ? String.raw`\text{?}` : "?"]
    : told;
}

function complete({
  notation = "fractions",
  rounding = UNROUNDED,
  format = USUAL_FORMAT,
  isMarked = false,
}: LineStyle) {
  return { notation, rounding, format, isMarked, hand: latexHand };
}
