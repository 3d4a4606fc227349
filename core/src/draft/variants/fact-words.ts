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
  every: "every",
  count: "for",
  timing: "paid at the",
  begins: "from",
  growth: "growing by",
  "growth-every": "growing every",
  at: "when",
  amounts: "amounts",
  entries: "dates and amounts",
  percent: "rate",
  quotation: "how it is quoted",
  from: "from",
  "worth-at": "worth asked for",
};

/** What a fact is, with the line that it stands on: "Repayments, for". */
export function factName(draft: Draft, line: string, fact: FactName): string {
  const place = draft.rates.findIndex(({ id }) => id === line);
  if (place >= 0) {
    const rate = draft.rates.length === 1 ? "Rate" : `Rate ${place + 1}`;
    return fact === "percent" ? rate : `${rate}, ${WORDS[fact]}`;
  }
  const words = WORDS[fact];
  if (fact === "worth-at") return words.charAt(0).toUpperCase() + words.slice(1);
  const own = draft.flows.find(({ id }) => id === line);
  const flows = draft.flows.map(namedFlow);
  const label = own === undefined ? "" : (namedFlow(own).label ?? "");
  const name = label.trim() === "" ? namesOf(flows).nameOf(line) : label.trim();
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}, ${words}`;
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
