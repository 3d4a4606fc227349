import {
  quotationOfLine,
  usualCompounding,
  type Draft,
  type FactName,
} from "@kestrelmoor/core/typing";
import { asPaidWords, quotationOptions } from "../../lines/line-hints";

interface Choice {
  readonly value: string;
  readonly label: string;
}

/**
 * What a fact can be, for those that are chosen and not typed; `null` for all others.
 *
 * @param draft for the ways of quoting a rate, of which a problem may have its own
 */
export function choicesOf(
  draft: Draft | null,
  line: string,
  fact: FactName,
): readonly Choice[] | null {
  switch (fact) {
    case "direction":
      return [
        { value: "in", label: "in" },
        { value: "out", label: "out" },
      ];
    case "timing":
      return [
        { value: "end", label: "end" },
        { value: "start", label: "start" },
      ];
    case "quotation": {
      const own = draft?.rates.find(({ id }) => id === line);
      if (draft === null || own?.kind !== "rate") return null;
      const usual = usualCompounding(draft.flows);
      return quotationOptions(quotationOfLine(own, usual), asPaidWords(draft.flows)).flatMap(
        ({ options }) => options,
      );
    }
    default:
      return null;
  }
}
