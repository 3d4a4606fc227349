import {
  factorTable,
  isGrowing,
  type FactorTable,
  type FactorTerms,
  type Result,
  type TableRange,
} from "@kestrelmoor/core";
import { DESK_FIELDS, readEntryField, valueOf, type FactorDesk } from "@kestrelmoor/core/typing";

/** What makes the table; the rest of the desk is looked up in it. */
export type TableChoice = Pick<
  FactorDesk,
  "kind" | "timing" | "growth" | "ratesFrom" | "ratesTo" | "ratesStep" | "countsFrom" | "countsTo"
>;

export function choiceOf(desk: FactorDesk): TableChoice {
  const { kind, timing, growth, ratesFrom, ratesTo, ratesStep, countsFrom, countsTo } = desk;
  return { kind, timing, growth, ratesFrom, ratesTo, ratesStep, countsFrom, countsTo };
}

/** The table that is typed; `null` while one of its fields cannot be read. */
export function tableOf(choice: TableChoice): Result<FactorTable> | null {
  const { kind, timing } = choice;
  const said = (name: Exclude<keyof TableChoice, "kind" | "timing">) =>
    valueOf(readEntryField(DESK_FIELDS.table[name], choice[name], null));
  const rates = rangeOf(said("ratesFrom"), said("ratesTo"), said("ratesStep"));
  const counts = rangeOf(said("countsFrom"), said("countsTo"), 1);
  const growthPercent = isGrowing(kind) ? said("growth") : 0;
  if (rates === null || counts === null || growthPercent === null) return null;
  const terms: FactorTerms = { kind, timing, growthPercent };
  return factorTable(terms, rates, counts);
}

function rangeOf(from: number | null, to: number | null, step: number | null): TableRange | null {
  return from === null || to === null || step === null ? null : { from, to, step };
}
