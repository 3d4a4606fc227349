import {
  byTable,
  fixedFactor,
  writeRate,
  printedFactor,
  solveByTable,
  tableName,
  type ByTable,
  type SolvedProblem,
  type SolvedByTable,
} from "@kestrelmoor/core";
import { useMemo, useState } from "react";
import { InkChoice } from "../../../ui/InkChoice";
import { useAnswerFormat } from "../../answer/use-answer-format";
import { Solved } from "../Solved";
import { conversionWords, solvedWords } from "./table-words";
import { Sideways } from "../../../ui/Sideways";
import styles from "./Table.module.css";

const LOOKS_AFTER_MS = 120;

/** The problem as courses solve it with printed factor tables. */
export function TableView() {
  return (
    <Solved
      pause={LOOKS_AFTER_MS}
      before="A table works for one factor: two amounts, or payments and one amount at their start or end, at one rate and over whole periods."
    >
      {(problem) => {
        const read = byTable(problem);
        return read === null ? null : <LookedUp {...{ problem, read }} />;
      }}
    </Solved>
  );
}

interface LookedUpProps {
  readonly problem: SolvedProblem;
  readonly read: ByTable;
}

function LookedUp({ problem, read }: LookedUpProps) {
  const format = useAnswerFormat();
  const [decimals, setDecimals] = useState<"3" | "4" | "5" | "6">("4");
  const places = Number(decimals);
  const solved = useMemo(() => solveByTable(read, places), [read, places]);
  const sentences = [
    ...conversionWords(read, problem, everyOf(problem, read), format),
    ...(solved === null ? [] : solvedWords(read, solved, problem, places, format)),
  ];
  return (
    <>
      <p className="sentence">
        Use the table <strong>{tableName(read.terms, format)}</strong>, to{" "}
        <InkChoice
          label="Decimals of the table"
          value={decimals}
          options={[
            ["3", "3 decimals"],
            ["4", "4 decimals"],
            ["5", "5 decimals"],
            ["6", "6 decimals"],
          ]}
          onChoose={setDecimals}
        />
        .
      </p>
      <ol className={styles.steps}>
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ol>
      {solved === null ? (
        <p className="quiet">
          No printed table covers this rate or number of periods. The workings give the exact
          answer.
        </p>
      ) : (
        <Excerpt solved={solved} decimals={places} />
      )}
    </>
  );
}

/** The period of the table, ISO 8601: that of the payments, or in which the rate is compounded. */
function everyOf({ flows, settled }: SolvedProblem, read: ByTable): string {
  const flow = flows[read.flows.each];
  if (flow?.kind === "stream") return flow.file.every;
  const quotation = settled.spells[0]?.quotation;
  return quotation !== undefined && "compounding" in quotation ? quotation.compounding : "P1Y";
}

interface ExcerptProps {
  readonly solved: SolvedByTable;
  readonly decimals: number;
}

/** The part of the table around the place that is looked at. */
function Excerpt({ solved, decimals }: ExcerptProps) {
  const format = useAnswerFormat();
  const { table, column, row, between } = solved;
  const isLitColumn = (place: number) =>
    place === column || (between === "columns" && place === column + 1);
  const isLitRow = (place: number) => place === row || (between === "rows" && place === row + 1);
  return (
    <Sideways name="Part of the table" className={styles.scroll}>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">Periods</th>
            {table.percents.map((percent, place) => (
              <th key={percent} scope="col" data-looked={isLitColumn(place) ? "" : undefined}>
                {writeRate(percent, format)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.periods.map((count, line) => (
            <tr key={count}>
              <th scope="row" data-looked={isLitRow(line) ? "" : undefined}>
                {count}
              </th>
              {(table.rows[line] ?? []).map((factor, place) => (
                <td
                  key={place}
                  className={
                    isLitRow(line) && isLitColumn(place)
                      ? styles.crossing
                      : isLitRow(line) || isLitColumn(place)
                        ? styles.lit
                        : undefined
                  }
                >
                  {fixedFactor(printedFactor(factor, decimals), decimals, format)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
