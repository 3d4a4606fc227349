import { namesOf } from "../../input/names";
import { compoundedAsPaidWords, quotationWords } from "../../wording/quotation-words";
import { paymentPeriods, usualCompounding } from "../compounding/payment-periods";
import type { Draft } from "../draft";
import { namedFlow } from "../lines/line-kinds";
import { quotationOfLine } from "../read-draft";
import { followsPayments, setQuotation } from "../quotation-key";
import type { FactName } from "./facts";

const WORDS: Readonly<Record<FactName, string>> = {
  direction: "money in or out",
  amount: "amount",
  every: "frequency",
  count: "number of payments",
  timing: "timing",
  begins: "start",
  growth: "growth",
  "growth-every": "growth frequency",
  at: "time",
  amounts: "amounts",
  entries: "dates and amounts",
  percent: "rate",
  quotation: "compounding",
  from: "start",
  "worth-at": "focal date",
};

/** The name of a fact, after that of its line: "Repayments, number of payments". */
export function factName(draft: Draft, line: string, fact: FactName): string {
  const place = draft.rates.findIndex(({ id }) => id === line);
  if (place >= 0) {
    const rate = draft.rates.length === 1 ? "Rate" : `Rate ${place + 1}`;
    return fact === "percent" ? rate : `${rate}, ${WORDS[fact]}`;
  }
  if (fact === "worth-at") return capital(WORDS[fact]);
  return `${lineName(draft, line)}, ${WORDS[fact]}`;
}

/** The name of one amount of a list: "Workshop, amount 3", "Sales, 2027-03-01". */
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

/** The value of a fact as text: a choice in words, anything else as typed. */
export function factText(draft: Draft, line: string, fact: FactName, text: string): string {
  // A rate may be typed without its sign; alone in a table it would be a bare number.
  if (fact === "percent" && /^[-−–+]?\d[\d.,/ ]*$/.test(text.trim())) return `${text.trim()}%`;
  if (fact !== "quotation") return text;
  const own = draft.rates.find(({ id }) => id === line);
  if (own?.kind !== "rate") return text;
  const chosen = { ...own };
  setQuotation(chosen, text);
  const usual = usualCompounding(draft.flows);
  return followsPayments(chosen)
    ? compoundedAsPaidWords(usual, paymentPeriods(draft.flows).length > 0)
    : quotationWords(quotationOfLine(chosen, usual));
}
