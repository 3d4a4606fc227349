import { decimalStyleOf, readDigits, type DecimalStyle } from "./digits";

/** A word, a number or a sign of a text, with where it stands. */
export interface Token {
  /** Characters from the start of the text. */
  readonly from: number;
  readonly to: number;
  readonly text: string;
  /** In small letters, without a possessive ending: what phrases are made of. */
  readonly word: string;
  readonly kind: "word" | "number" | "sign";
  /** Of a number in digits. */
  readonly value?: number;
  readonly sentence: number;
  readonly line: number;
  /** Whether a hyphen ties it to the word before. */
  readonly isJoined: boolean;
}

/** Words that end with a point and do not end a sentence, and how they are read. */
const SHORTENED: Readonly<Record<string, string>> = {
  "p.a": "annum",
  pa: "annum",
  rs: "rs",
  approx: "about",
  est: "est",
  no: "no",
  mr: "mr",
  mrs: "mrs",
  ms: "ms",
  dr: "dr",
  st: "st",
  ref: "ref",
  vs: "vs",
  yr: "yr",
  yrs: "yrs",
  mth: "mth",
  mths: "mths",
  jan: "jan",
  feb: "feb",
  mar: "mar",
  apr: "apr",
  jun: "jun",
  jul: "jul",
  aug: "aug",
  sep: "sep",
  sept: "sept",
  oct: "oct",
  nov: "nov",
  dec: "dec",
  "e.g": "eg",
  "i.e": "ie",
  "p.m": "pm",
  "a.m": "am",
};

const FRACTION_SIGNS: Readonly<Record<string, number>> = {
  "½": 0.5,
  "¼": 0.25,
  "¾": 0.75,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
  "⅛": 0.125,
  "⅜": 0.375,
  "⅝": 0.625,
  "⅞": 0.875,
};

/** Words and signs; the longest sentences of exercises have a hundred. */
const LONGEST_SENTENCE = 160;

const LETTER = /\p{L}/u;
const DIGIT = /\d/;
const SPACE = /\s/u;
const APOSTROPHE = /['’‘]/;
/** "p.a." and "e.g." are single words. */
const WORD = /(?:\p{L}\.\p{L}(?!\p{L})|\p{L}+)(?:['’‘]\p{L}+)*/uy;
const HYPHEN = /[-‐‑–]/;

/**
 * Cuts a text into words, numbers and signs, and tells its sentences apart. Hyphens within words are left out, so that
 * "half-yearly" and "half yearly" are the same two words. Takes time in proportion to the text.
 */
export function tokensOf(text: string): Token[] {
  return new Scanner(text).scan();
}

class Scanner {
  private readonly tokens: Token[] = [];
  private readonly style: DecimalStyle;
  private at = 0;
  private sentence = 0;
  private line = 0;

  constructor(private readonly text: string) {
    this.style = decimalStyleOf(text);
  }

  scan(): Token[] {
    while (this.at < this.text.length) this.step();
    return this.tokens;
  }

  private step(): void {
    const char = this.char();
    if (char === "\n") {
      this.line += 1;
      this.at += 1;
      // A line that is wrapped goes on with a small letter.
      if (!/^[ \t]*\p{Ll}/u.test(this.text.slice(this.at, this.at + 40))) this.sentence += 1;
    } else if (SPACE.test(char)) this.at += 1;
    else if (FRACTION_SIGNS[char] !== undefined) this.push(1, "number", FRACTION_SIGNS[char]);
    else if (DIGIT.test(char)) this.number();
    else if (char === "." && DIGIT.test(this.char(1)) && !DIGIT.test(this.char(-1))) this.number();
    else if (LETTER.test(char)) this.word();
    else this.sign(char);
  }

  private char(ahead = 0): string {
    return this.text.charAt(this.at + ahead);
  }

  /** A list without a full stop is cut, so that no sentence takes longer to read than its share. */
  private endLongSentence(): void {
    const first = this.tokens[this.tokens.length - LONGEST_SENTENCE];
    if (first?.sentence === this.sentence) this.sentence += 1;
  }

  private push(length: number, kind: Token["kind"], value?: number, word?: string): void {
    const text = this.text.slice(this.at, this.at + length);
    this.endLongSentence();
    const token = {
      from: this.at,
      to: this.at + length,
      text,
      word: word ?? text.toLowerCase(),
      kind,
      sentence: this.sentence,
      line: this.line,
      isJoined: this.tokens.at(-1)?.to === this.at - 1 && HYPHEN.test(this.char(-1)),
    };
    this.tokens.push(value === undefined ? token : { ...token, value });
    this.at += length;
  }

  private number(): void {
    const read = readDigits(this.text, this.at, this.style);
    this.push(read.length, "number", read.value);
  }

  private word(): void {
    WORD.lastIndex = this.at;
    const end = WORD.test(this.text) ? WORD.lastIndex : this.at + 1;
    const raw = this.text.slice(this.at, end).toLowerCase().replace(/[’‘]/g, "'");
    const plain = raw.endsWith("'s") ? raw.slice(0, -2) : raw;
    const shortened = SHORTENED[plain];
    const isCut = shortened !== undefined && this.text.charAt(end) === ".";
    const isYearly = plain === "p.a" || plain === "pa";
    const word = isYearly ? "annum" : isCut ? shortened : plain;
    this.push(end - this.at, "word", undefined, word);
    if (isCut && !this.endsText()) this.at += 1;
    else if (isCut && plain !== "p.a") this.at += 1;
  }

  /** Whether what stands here is the last point of a sentence: the next word has a capital. */
  private endsText(): boolean {
    const next = this.text.slice(this.at + 1, this.at + 4).trimStart();
    return next === "" || /^\p{Lu}/u.test(next);
  }

  private sign(char: string): void {
    const isWithinWord =
      HYPHEN.test(char) && /[\p{L}\d]/u.test(this.char(-1)) && /[\p{L}\d]/u.test(this.char(1));
    if (isWithinWord || (APOSTROPHE.test(char) && /\p{L}/u.test(this.char(-1)))) {
      this.at += 1;
      return;
    }
    const length = this.text.codePointAt(this.at) === char.charCodeAt(0) ? 1 : 2;
    this.push(length, "sign");
    const isPoint = char === "." && (SPACE.test(this.char()) || this.char() === "");
    if (isPoint || char === "?" || char === "!") this.sentence += 1;
  }
}
