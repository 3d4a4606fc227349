import {
  columnsPassedOver,
  faultInTable,
  tableToAmounts,
  tableToDated,
} from "@kestrelmoor/core/typing";

/** What a line reads from a table: amounts in order, or amounts on dates. */
export type TakenAs = "amounts" | "dated";

export type TakenTable =
  | {
      readonly ok: true;
      readonly text: string;
      /** A remark; `null` if the whole table was read. */
      readonly remark: string | null;
    }
  | { readonly ok: false; readonly sentence: string };

/** The text of a line, from rows of cells separated by tabs. */
export function takeTable(tabbed: string, as: TakenAs): TakenTable {
  const text = as === "amounts" ? tableToAmounts(tabbed) : tableToDated(tabbed);
  if (text === null) return { ok: false, sentence: whyNot(tabbed, as) };
  const over = columnsPassedOver(tabbed);
  return {
    ok: true,
    text,
    remark:
      over === 0
        ? null
        : "The table has more than one column of amounts; the last was used. To use another, copy only that column.",
  };
}

function whyNot(tabbed: string, as: TakenAs): string {
  const fault = faultInTable(tabbed);
  if (fault === null) {
    return as === "amounts"
      ? "There is only one amount, and a list needs at least two. Type it instead."
      : "The first column has no dates, such as 2027-03-01. Put the dates before the amounts.";
  }
  return fault.cell === ""
    ? `Row ${fault.row} has no amount. Type one (0 for none) and try again.`
    : `Row ${fault.row} ends with “${fault.cell.slice(0, 40)}”, which is not an amount. Correct it and try again.`;
}
