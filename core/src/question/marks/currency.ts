import type { Token } from "../text/tokens";

/** A sign or a name of a currency, as its ISO 4217 code; `null` for one that several countries have. */
export interface CurrencyAt {
  readonly currency: string | null;
  readonly next: number;
}

const SIGNS: Readonly<Record<string, string | null>> = {
  $: null,
  "€": "EUR",
  "£": "GBP",
  "₹": "INR",
  "¥": null,
  "₦": "NGN",
  "₱": "PHP",
  "₩": "KRW",
  "₽": "RUB",
  "₺": "TRY",
  "₪": "ILS",
  "฿": "THB",
  "₫": "VND",
};

/** Letters before a dollar sign. */
const DOLLARS: Readonly<Record<string, string>> = {
  a: "AUD",
  au: "AUD",
  nz: "NZD",
  us: "USD",
  c: "CAD",
  ca: "CAD",
  can: "CAD",
  hk: "HKD",
  s: "SGD",
  r: "BRL",
};

const CODES = new Set([
  ...["USD", "EUR", "GBP", "AUD", "NZD", "CAD", "ZAR", "INR", "CHF", "JPY", "SEK", "NOK", "DKK"],
  ...["SGD", "HKD", "CNY", "KES", "NGN", "GHS", "PLN", "CZK", "HUF", "BRL", "MXN", "TRY", "MYR"],
]);

const NAMES: Readonly<Record<string, string | null>> = {
  dollar: null,
  dollars: null,
  bucks: null,
  euro: "EUR",
  euros: "EUR",
  pound: "GBP",
  pounds: "GBP",
  quid: "GBP",
  rand: "ZAR",
  rands: "ZAR",
  rupee: "INR",
  rupees: "INR",
  francs: null,
  crowns: null,
  kroner: null,
  kronor: null,
  kr: null,
  pesos: null,
  yen: "JPY",
  naira: "NGN",
  shillings: null,
  coins: null,
  marks: null,
};

/** Names that mean other things too: only behind a figure that is no mark or measure. */
const DOUBTFUL_NAMES = new Set(["marks", "coins"]);

const FIRST_TEXTS = new Set([...Object.keys(SIGNS), ...CODES, "R", "Rs", "Re"]);
const FIRST_WORDS = new Set([...Object.keys(DOLLARS), "rupee", "rupees", "kr"]);

/** Whether an amount can begin with a token that is no number. */
export function beginsCurrency({ text, word }: Token): boolean {
  return FIRST_TEXTS.has(text) || FIRST_WORDS.has(word);
}

/** The currency before a figure: "€", "A$", "Rs.", "R", "EUR". */
export function currencyAt(tokens: readonly Token[], at: number): CurrencyAt | null {
  const token = tokens[at];
  if (token === undefined) return null;
  const next = tokens[at + 1];
  const sign = SIGNS[token.text];
  if (sign !== undefined) return { currency: sign, next: at + 1 };
  if (next?.text === "$" && next.from === token.to && DOLLARS[token.word] !== undefined) {
    return { currency: DOLLARS[token.word] ?? null, next: at + 2 };
  }
  if (token.text === "R" && next?.kind === "number" && next.from - token.to <= 1) {
    return { currency: "ZAR", next: at + 1 };
  }
  // The crowns of several countries.
  if (token.word === "kr" && next?.kind === "number") return { currency: null, next: at + 1 };
  if (
    /^(?:rs|inr|re|rupees?)$/.test(token.word) &&
    /^(?:Rs|INR|Re|[Rr]upees?)$/.test(token.text) &&
    next?.kind === "number"
  ) {
    return { currency: "INR", next: at + 1 };
  }
  const isCode = CODES.has(token.text) && (next?.kind === "number" || next?.kind === "sign");
  return isCode ? { currency: token.text, next: at + 1 } : null;
}

/** The currency behind a figure: "€", "euros", "EUR". */
export function currencyBehind(tokens: readonly Token[], at: number): CurrencyAt | null {
  const token = tokens[at];
  if (token === undefined) return null;
  const before = tokens[at - 1];
  const sign = SIGNS[token.text];
  // "pays 5 $20 notes": a sign that touches the figure behind it belongs to that.
  const isOfNext = tokens[at + 1]?.kind === "number" && tokens[at + 1]?.from === token.to;
  if (sign !== undefined && !isOfNext && token.from - (before?.to ?? 0) <= 1) {
    return { currency: sign, next: at + 1 };
  }
  const isCode = CODES.has(token.text) && tokens[at + 1]?.kind !== "number";
  if (isCode) return { currency: token.text, next: at + 1 };
  const name = DOUBTFUL_NAMES.has(token.word) ? undefined : NAMES[token.word];
  return name === undefined ? null : { currency: name, next: at + 1 };
}
