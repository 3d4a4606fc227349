import {
  columnsPassedOver,
  faultInTable,
  tableToAmounts,
  tableToDated,
} from "@kestrelmoor/core/typing";

/** What a line takes of a table: amounts one after the other, or amounts on dates. */
export type TakenAs = "amounts" | "dated";

export type TakenTable =
  | {
      readonly ok: true;
      readonly text: string;
      /** What has to be said about it; `null` where all of it was taken. */
      readonly remark: string | null;
    }
  | { readonly ok: false; readonly sentence: string };

/** Makes a line's text of rows of cells, parted by tabs. */
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
        : `The table has ${over === 1 ? "another column" : `${over} more columns`} of amounts; the last one was taken. Copy one column alone to take another.`,
  };
}

function whyNot(tabbed: string, as: TakenAs): string {
  const fault = faultInTable(tabbed);
  if (fault === null) {
    return as === "amounts"
      ? "There is only one amount in it, and a list needs two at least. Type it instead."
      : "Its first column has no dates such as 2027-03-01. Put the dates before the amounts.";
  }
  return fault.cell === ""
    ? `Row ${fault.row} ends without an amount. Fill it, with 0 where nothing moves, and take it again.`
    : `Row ${fault.row} ends in “${fault.cell.slice(0, 40)}”, which is no amount. Mend it and take it again.`;
}
