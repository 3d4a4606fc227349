import type { Letter } from "./expression";

/** A way of writing mathematics. */
export interface Hand {
  readonly name: "latex" | "plain";
  readonly times: string;
  /** The sign between two factors if the second is not a number. */
  readonly besides: (second: string) => string;
  /** Whether a fraction, or an exponent, needs no brackets. */
  readonly fractionHolds: boolean;
  readonly powerHolds: boolean;
  readonly figure: (text: string) => string;
  readonly fraction: (over: string, under: string) => string;
  readonly power: (base: string, exponent: string) => string;
  readonly logarithm: (of: string) => string;
  readonly squareRoot: (of: string) => string;
  readonly brackets: (text: string) => string;
  /** Divided by what stands in the next row. */
  readonly over: string;
  readonly letter: (base: string, below: string) => string;
  /** Words after a formula. */
  readonly words: (text: string) => string;
  /** A number marked with its quantity. */
  readonly marked: (figure: string, id: string) => string;
}

export const latexHand: Hand = {
  name: "latex",
  times: String.raw` \times `,
  besides: (second) =>
    /^(\\left)?\(|^\\d?frac|^[as]_/.test(second) ? String.raw`\,` : String.raw` \times `,
  fractionHolds: true,
  powerHolds: true,
  figure: latexFigure,
  // A fraction inside a fraction keeps its size, to stay legible.
  fraction: (over, under) =>
    (over + under).includes("\\frac")
      ? String.raw`\frac{${inFull(over)}}{${inFull(under)}}`
      : String.raw`\frac{${over}}{${under}}`,
  power: (base, exponent) => `${base}^{${exponent}}`,
  logarithm: (of) => String.raw`\ln\left(${of}\right)`,
  squareRoot: (of) => String.raw`\sqrt{${of}}`,
  brackets: (text) => (text.includes("frac") ? String.raw`\left(${text}\right)` : `(${text})`),
  over: String.raw`\div `,
  letter: (base, below) => {
    const letters = /^[A-Z]{2,}$/.test(base) ? String.raw`\mathit{${base}}` : base;
    return below === "" ? letters : `${letters}_{${below}}`;
  },
  words: (text) => String.raw`\text{ ${text}}`,
  marked: (figure, id) => String.raw`\htmlData{from=${id}}{${figure}}`,
};

export const plainHand: Hand = {
  name: "plain",
  times: " × ",
  besides: () => " × ",
  fractionHolds: false,
  powerHolds: false,
  figure: plainFigureText,
  fraction: (over, under) => `${over} / ${under}`,
  power: (base, exponent) => `${base}^${exponent}`,
  logarithm: (of) => `ln(${of})`,
  squareRoot: (of) => `√(${of})`,
  brackets: (text) => `(${text})`,
  over: "/ ",
  letter: (base, below) => `${base === "\\delta" ? "δ" : base}${below}`,
  words: (text) => ` ${text}`,
  marked: (figure) => figure,
};

function inFull(latex: string): string {
  return latex.replaceAll(String.raw`\frac`, String.raw`\dfrac`);
}

export function letterIn({ base, mark, number }: Letter, hand: Hand): string {
  return hand.letter(base, `${mark}${number ?? ""}`);
}

const SUPERSCRIPTS = "⁰¹²³⁴⁵⁶⁷⁸⁹";

/** A formatted number in LaTeX: no space after commas, a power of ten as a power. */
function latexFigure(text: string): string {
  return text
    .replace(/ × 10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)$/, (_, power: string) => ` \\times 10^{${digitsOf(power)}}`)
    .replace(/,/g, "{,}")
    .replace(/\u202f/g, String.raw`\,`)
    .replace(/−/g, "-");
}

function plainFigureText(text: string): string {
  return text
    .replace(/ × 10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)$/, (_, power: string) => ` × 10^${digitsOf(power)}`)
    .replace(/−/g, "-");
}

function digitsOf(superscript: string): string {
  return superscript
    .replace(/[⁰¹²³⁴⁵⁶⁷⁸⁹]/g, (sign) => String(SUPERSCRIPTS.indexOf(sign)))
    .replace("⁻", "-");
}
