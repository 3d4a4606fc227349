import {
  writeRate,
  printedFactor,
  type FactorTable,
  fixedFactor,
  tableName,
} from "@kestrelmoor/core";
import { useState } from "react";
import { useOwnFormat } from "../problem/answer/use-answer-format";
import { csvText } from "../problem/views/figure-table";
import { OnPaper } from "../ui/OnPaper";
import { fileNameOf, saveAsFile } from "../ui/save-as-file";
import { WordButton } from "../ui/Buttons";

interface KeepTableProps {
  readonly table: FactorTable;
  readonly decimals: number;
}

/** The table on paper and as a file, whole. */
export function KeepTable({ table, decimals }: KeepTableProps) {
  const format = useOwnFormat((state) => state.own);
  const [isPrinted, setPrinted] = useState(false);
  const { terms, percents, periods, rows } = table;
  const name = tableName(terms, format);
  const heads = ["Periods", ...percents.map((percent) => writeRate(percent, format))];
  const save = () => {
    const figures = {
      heads,
      rows: periods.map((count, row) => [
        count,
        ...(rows[row] ?? []).map((factor) => printedFactor(factor, decimals)),
      ]),
    };
    saveAsFile(fileNameOf(name, ".csv"), csvText(figures, format), "text/csv");
  };
  return (
    <span>
      <WordButton onClick={() => setPrinted(true)}>Print</WordButton>{" "}
      <WordButton onClick={save}>Save as CSV</WordButton>
      {isPrinted && (
        <OnPaper
          name="Printed table"
          title={name}
          heads={heads}
          lines={periods.map((count, row) => ({
            kind: "factors",
            cells: [
              String(count),
              ...(rows[row] ?? []).map((factor) =>
                fixedFactor(printedFactor(factor, decimals), decimals, format),
              ),
            ],
          }))}
          onPrinted={() => setPrinted(false)}
        />
      )}
    </span>
  );
}
