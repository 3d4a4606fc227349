import { quotationOfLine, usualCompounding, type Draft } from "@kestrelmoor/core/typing";
import { asPaidWords, quotationOptions } from "../../lines/line-hints";

interface Choice {
  readonly value: string;
  readonly label: string;
}

/** The words that a field is chosen from. */
export function wordChoices(options: readonly string[]): readonly Choice[] {
  return options.map((option) => ({ value: option, label: option }));
}

/** The ways of quoting a rate, of which a problem may have its own; `null` for a line that is no rate. */
export function quotationChoices(draft: Draft, line: string): readonly Choice[] | null {
  const own = draft.rates.find(({ id }) => id === line);
  if (own?.kind !== "rate") return null;
  const usual = usualCompounding(draft.flows);
  return quotationOptions(quotationOfLine(own, usual), asPaidWords(draft.flows)).flatMap(
    ({ options }) => options,
  );
}
