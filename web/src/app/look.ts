/**
 * How everything looks, in one place: colours, sizes of type, distances and corners. The controls' theme and
 * the page's style sheets are both made from it; a style sheet that uses a size of its own is refused.
 */

/** The colours of the moor. Every text colour has at least 4.5 : 1 on `paper` and on `mist`. */
export interface Palette {
  /** The page. */
  readonly mist: string;
  /** Cards. */
  readonly paper: string;
  /** Text. */
  readonly peat: string;
  /** Secondary text. */
  readonly slate: string;
  /** Lines and marks that are not text. */
  readonly stone: string;
  /** Hairlines between parts. */
  readonly reed: string;
  /** The accent: the unknown and its answer. */
  readonly heather: string;
  readonly heatherSoft: string;
  /** What stands on heather. */
  readonly onHeather: string;
  /** Money in. */
  readonly tarn: string;
  /** Money out. */
  readonly bracken: string;
  /** Warnings and rate spells. */
  readonly gorse: string;
  readonly gorseSoft: string;
  /** Text on soft gorse. */
  readonly gorseInk: string;
  /** What is wrong. */
  readonly rowan: string;
}

export const PALETTES: Readonly<Record<"light" | "dark", Palette>> = {
  light: {
    mist: "#f5f3ee",
    paper: "#fffdf9",
    peat: "#2e2823",
    slate: "#6a625a",
    stone: "#8a8178",
    reed: "#e4dfd6",
    heather: "#6d4a86",
    heatherSoft: "#eee6f3",
    onHeather: "#fffdf9",
    tarn: "#1f6f78",
    bracken: "#a4551e",
    gorse: "#c99700",
    gorseSoft: "#f4ebc9",
    gorseInk: "#6b5200",
    rowan: "#a32a22",
  },
  dark: {
    mist: "#1b1917",
    paper: "#262320",
    peat: "#efe8de",
    slate: "#b3aa9e",
    stone: "#8f867b",
    reed: "#3b3631",
    heather: "#c3a3db",
    heatherSoft: "#3d3147",
    onHeather: "#221a29",
    tarn: "#6cc3cb",
    bracken: "#e59a63",
    gorse: "#dcb23a",
    gorseSoft: "#43391a",
    gorseInk: "#ecd58c",
    rowan: "#f09a90",
  },
};

/** Sizes of type, in rem; a rem is 16 pixels unless somebody reads larger. */
export const TYPE = {
  /** Notes, labels, tables with many columns. */
  small: 0.88,
  text: 1,
  /** The lines of a problem, and sentences with fields in them. */
  line: 1.1,
  /** What a part is called. */
  head: 1.25,
  /** What a page is called. */
  title: 1.5,
  /** An answer of many digits. */
  figure: 2.3,
  /** The answer. */
  answer: 3.1,
} as const;

/** Sizes of type in pictures, whose places are reckoned in pixels. */
const PICTURE_TYPE = { mark: 14, "mark-large": 16 } as const;

/** Distances between things and around them, in pixels. */
export const SPACE = {
  hair: 2,
  thin: 4,
  tight: 6,
  close: 8,
  even: 12,
  wide: 16,
  broad: 24,
  far: 32,
  apart: 48,
} as const;

/** Corners of fields, of buttons and of cards, in pixels. */
export const ROUND = { small: 4, middle: 8, large: 14 } as const;

/** What a finger needs, in pixels. */
const TOUCH = 44;

export const SANS = '"Source Sans 3", "Segoe UI", "Noto Sans", sans-serif';
const SERIF = '"Source Serif 4", Georgia, serif';

/** Makes a palette the page's: each colour becomes a custom property such as `--heather-soft`. */
export function applyPalette(palette: Palette, root: HTMLElement): void {
  for (const [name, colour] of Object.entries(palette)) {
    const property = name.replace(/[A-Z]/g, (capital) => `-${capital.toLowerCase()}`);
    root.style.setProperty(`--${property}`, String(colour));
  }
}

/** Makes the sizes the page's, as `--type-line`, `--space-close`, `--round-small`, `--sans`. */
export function applySizes(root: HTMLElement): void {
  const set = (name: string, value: string) => root.style.setProperty(`--${name}`, value);
  for (const [name, size] of Object.entries(TYPE)) set(`type-${name}`, `${size}rem`);
  for (const [name, size] of Object.entries(PICTURE_TYPE)) set(`type-${name}`, `${size}px`);
  for (const [name, size] of Object.entries(SPACE)) set(`space-${name}`, `${size}px`);
  for (const [name, size] of Object.entries(ROUND)) set(`round-${name}`, `${size}px`);
  set("touch", `${TOUCH}px`);
  set("sans", SANS);
  set("serif", SERIF);
}
