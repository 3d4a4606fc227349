import { useAnswerFormat } from "../../../answer/use-answer-format";
import { writeFigure } from "@kestrelmoor/core";
import { InkChoice } from "../../../../ui/InkChoice";
import { SEPARATORS, type ReadTable, type Separator } from "../../../../files/read-table";
import type { Understanding } from "./recognise";
import { useActualPayments } from "./use-actual-payments";
import styles from "./Actual.module.css";

interface HowItIsReadProps {
  readonly table: Extract<ReadTable, { ok: true }>;
  readonly understanding: Understanding;
}

/** How a list was understood, as a sentence whose parts can be chosen otherwise. */
export function HowItIsRead({ table, understanding }: HowItIsReadProps) {
  const format = useAnswerFormat();
  const { choose, partBy } = useActualPayments();
  const { hasHeads, amounts, dates, mark, order } = understanding;
  const width = table.rows.reduce((most, { cells }) => Math.max(most, cells.length), 0);
  const names = Array.from({ length: width }, (_, place) => {
    const head = hasHeads ? (table.rows[0]?.cells[place] ?? "") : "";
    return head === "" ? `column ${place + 1}` : `“${head.slice(0, 40)}”`;
  });
  const columns = names.map((name, place) => [String(place), name] as const);
  return (
    <p className={styles.sentence}>
      {writeFigure(table.rows.length, format)} {table.rows.length === 1 ? "row" : "rows"}, separated
      by{" "}
      <InkChoice
        label="Column separator"
        value={table.separator}
        options={Object.entries(SEPARATORS)}
        onChoose={(value) => partBy(value as Separator)}
      />
      , first row:{" "}
      <InkChoice
        label="First row"
        value={hasHeads ? "heads" : "payment"}
        options={[
          ["heads", "column names"],
          ["payment", "a payment"],
        ]}
        onChoose={(value) => choose({ hasHeads: value === "heads" })}
      />
      ; amounts from{" "}
      <InkChoice
        label="Column of the amounts"
        value={amounts === null ? "" : String(amounts)}
        options={columns}
        onChoose={(value) => choose({ amounts: Number(value) })}
      />{" "}
      with{" "}
      <InkChoice
        label="Decimal mark"
        value={mark ?? ""}
        options={[
          ["point", "a decimal point"],
          ["comma", "a decimal comma"],
        ]}
        onChoose={(value) => choose({ mark: value })}
      />
      , dates from{" "}
      <InkChoice
        label="Column of the dates"
        value={dates === null ? "none" : String(dates)}
        options={[["none", "no dates: in order"], ...columns]}
        onChoose={(value) => choose({ dates: value === "none" ? null : Number(value) })}
      />
      {dates !== null && (
        <>
          {" "}
          as{" "}
          <InkChoice
            label="Order of day, month and year"
            value={order ?? ""}
            options={[
              ["ymd", "year-month-day"],
              ["dmy", "day.month.year"],
              ["mdy", "month/day/year"],
            ]}
            onChoose={(value) => choose({ order: value })}
          />
        </>
      )}
      .
    </p>
  );
}
