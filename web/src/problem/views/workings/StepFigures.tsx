import type { StepTable } from "@kestrelmoor/core/teaching";
import { Figures, type FiguresRow } from "../../../ui/Figures";

interface StepFiguresProps {
  readonly table: StepTable;
  readonly className?: string | undefined;
}

/** The table of a step: many alike, of which the first and the last are told. */
export function StepFigures({ table, className }: StepFiguresProps) {
  const { head, rows, leftOut, leftOutAfter } = table;
  const told = rows.map((cells, key): FiguresRow => ({ key, cells }));
  if (leftOut > 0) told.splice(leftOutAfter, 0, { key: "left out", leftOut });
  return <Figures areNamed={false} className={className} heads={head} rows={told} />;
}
