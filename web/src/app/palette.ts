/**
 * The colours of the moor, in one place: the controls' theme and the page's style sheets are both
 * made from them. Every text colour has at least 4.5 : 1 on `paper` and on `mist`.
 */
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

/** Makes a palette the page's: each colour becomes a custom property such as `--heather-soft`. */
export function applyPalette(palette: Palette, root: HTMLElement): void {
  for (const [name, colour] of Object.entries(palette)) {
    const property = name.replace(/[A-Z]/g, (capital) => `-${capital.toLowerCase()}`);
    root.style.setProperty(`--${property}`, String(colour));
  }
}
