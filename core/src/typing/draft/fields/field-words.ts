import type { FieldName } from "../../../engine/fields/field-ref";
import { capitalized } from "../../../wording/capitalized";
import { namesOf } from "../../input/names";
import { compoundedAsPaidWords, quotationWords } from "../../../wording/quotation-words";
import { paymentPeriods, usualCompounding } from "../compounding/payment-periods";
import type { Draft } from "../draft";
import { namedFlow } from "../lines/line-kinds";
import { quotationOfLine } from "../read-rate-line";
import { followsPayments, setQuotation } from "../quotation-key";
import type { DraftField } from "./draft-fields";

/** The name of a field, after that of its line: "Repayments, number of payments". */
export function fieldName(draft: Draft, { line, name, ref, words }: DraftField): string {
  if (ref.on === "ask") return capitalized(words.name);
  if (ref.on === "flow") return `${lineName(draft, line)}, ${words.name}`;
  const rate = draft.rates.length === 1 ? "Rate" : `Rate ${ref.line + 1}`;
  return name === "percent" ? rate : `${rate}, ${words.name}`;
}

/** The name of one amount of a list: "Workshop, amount 3", "Sales, 2027-03-01". */
export function entryName(draft: Draft, line: string, place: number, on?: string): string {
  return `${lineName(draft, line)}, ${on ?? `amount ${place + 1}`}`;
}

function lineName(draft: Draft, line: string): string {
  const own = draft.flows.find(({ id }) => id === line);
  const label = own === undefined ? "" : (namedFlow(own).label ?? "");
  return capitalized(
    label.trim() === "" ? namesOf(draft.flows.map(namedFlow)).nameOf(line) : label.trim(),
  );
}

/** What a field says, as text: a choice in words, anything else as typed. */
export function fieldText(draft: Draft, line: string, field: FieldName, text: string): string {
  // A rate may be typed without its sign; alone in a table it would be a bare number.
  if (field === "percent" && /^[-−–+]?\d[\d.,/ ]*$/.test(text.trim())) return `${text.trim()}%`;
  if (field !== "quotation") return text;
  const own = draft.rates.find(({ id }) => id === line);
  if (own?.kind !== "rate") return text;
  const chosen = { ...own };
  setQuotation(chosen, text);
  const usual = usualCompounding(draft.flows);
  return followsPayments(chosen)
    ? compoundedAsPaidWords(usual, paymentPeriods(draft.flows).length > 0)
    : quotationWords(quotationOfLine(chosen, usual));
}
