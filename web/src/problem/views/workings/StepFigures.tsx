import type { StepTable } from "@kestrelmoor/core/teaching";
import { Fragment } from "react";

interface StepFiguresProps {
  readonly table: StepTable;
  readonly className?: string | undefined;
  /** Of the row that says how many are left out. */
  readonly gapClassName?: string | undefined;
}

/** The table of a step: many alike, of which the first and the last are told. */
export function StepFigures({ table, className = "", gapClassName }: StepFiguresProps) {
  const { head, rows, leftOut, leftOutAfter } = table;
  return (
    <table className={`figures ${className}`}>
      <thead>
        <tr>
          {head.map((cell) => (
            <th key={cell} scope="col">
              {cell}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, place) => (
          <Fragment key={place}>
            {leftOut > 0 && place === leftOutAfter && (
              <tr>
                <td colSpan={head.length} className={gapClassName}>
                  {leftOut} more
                </td>
              </tr>
            )}
            <tr>
              {row.map((cell, column) => (
                <td key={column}>{cell}</td>
              ))}
            </tr>
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}
