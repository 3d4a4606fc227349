import type { AnswerFormat } from "@kestrelmoor/core";
import { useCopying } from "../../../ui/use-copying";
import { saveAsFile } from "../../../ui/save-as-file";
import { csvText, tabbedText, type FigureTable } from "../figure-table";
import type { SweepField } from "./sweep-fields";
import type { SweepOutcome } from "./use-sweep";
import { QuietButton } from "../../../ui/Buttons";
import styles from "./WhatIf.module.css";

interface KeepFiguresProps {
  readonly across: SweepField;
  readonly down: SweepField | null;
  readonly chart: SweepOutcome | null;
  readonly table: SweepOutcome | null;
  readonly format: AnswerFormat;
}

/** Copies what was worked out, or saves it as a file. */
export function KeepFigures({ across, down, chart, table, format }: KeepFiguresProps) {
  const { said, copy } = useCopying();
  const sweep = down === null ? chart : table;
  if (sweep === null || sweep.cells.length === 0) return null;
  const figures = () => tableOf(sweep, across, down);
  return (
    <div className={styles.actions}>
      <QuietButton onClick={() => void copy(tabbedText(figures(), format))}>
        <span aria-live="polite">{said ?? "Copy the values"}</span>
      </QuietButton>
      <QuietButton
        onClick={() => saveAsFile("what-if.csv", csvText(figures(), format), "text/csv")}
      >
        Save as CSV
      </QuietButton>
    </div>
  );
}

/** The figures of a sweep with what stands over and before them. */
export function tableOf(
  { first, second, cells }: SweepOutcome,
  across: SweepField,
  down: SweepField | null,
): FigureTable {
  const rows = first.values.map((value, row) => [value, ...(cells[row] ?? [])]);
  return second === null || down === null
    ? { heads: [across.name, "Answer"], rows }
    : {
        heads: [`${down.name} \\ ${across.name}`, ...second.values.map(String)],
        rows,
      };
}
