import { namesOf } from "../../input/names";
import { quotationWords } from "../../wording/quotation-words";
import type { Draft } from "../draft";
import { namedFlow } from "../lines/line-kinds";
import { quotationOfLine } from "../read-draft";
import { setQuotation } from "../quotation-key";
import type { FactName } from "./facts";

const WORDS: Readonly<Record<FactName, string>> = {
  direction: "money in or out",
  amount: "amount",
  every: "how often",
  count: "how long",
  timing: "paid at the",
  begins: "beginning",
  growth: "growth",
  "growth-every": "how often it grows",
  at: "when",
  amounts: "amounts",
  entries: "dates and amounts",
  percent: "rate",
  quotation: "how it is quoted",
  from: "beginning",
  "worth-at": "worth asked for",
};

/** What a fact is, with the line that it stands on: "Repayments, how long". */
export function factName(draft: Draft, line: string, fact: FactName): string {
  const place = draft.rates.findIndex(({ id }) => id === line);
  if (place >= 0) {
    const rate = draft.rates.length === 1 ? "Rate" : `Rate ${place + 1}`;
    return fact === "percent" ? rate : `${rate}, ${WORDS[fact]}`;
  }
  if (fact === "worth-at") return capital(WORDS[fact]);
  return `${lineName(draft, line)}, ${WORDS[fact]}`;
}

/** What one amount of a line that has several is called: "Workshop, amount 3", "Sales, 2027-03-01". */
export function entryName(draft: Draft, line: string, place: number, on?: string): string {
  return `${lineName(draft, line)}, ${on ?? `amount ${place + 1}`}`;
}

function lineName(draft: Draft, line: string): string {
  const own = draft.flows.find(({ id }) => id === line);
  const label = own === undefined ? "" : (namedFlow(own).label ?? "");
  return capital(
    label.trim() === "" ? namesOf(draft.flows.map(namedFlow)).nameOf(line) : label.trim(),
  );
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** What a fact says, as one reads it: a choice in its words, all else as it is typed. */
export function factText(draft: Draft, line: string, fact: FactName, text: string): string {
  if (fact !== "quotation") return text;
  const own = draft.rates.find(({ id }) => id === line);
  if (own?.kind !== "rate") return text;
  const chosen = { ...own };
  setQuotation(chosen, text);
  return quotationWords(quotationOfLine(chosen));
}
