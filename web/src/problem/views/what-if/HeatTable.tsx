import type { AnswerFormat } from "@kestrelmoor/core";
import { isSame } from "./ranges";
import { writeFieldFigure, type SweepField } from "./sweep-fields";
import type { SweepOutcome } from "./use-sweep";
import { Sideways } from "../../../ui/Sideways";
import styles from "./WhatIf.module.css";

interface HeatTableProps {
  readonly across: SweepField;
  readonly down: SweepField;
  /** Its first axis goes down, its second across. */
  readonly sweep: SweepOutcome;
  readonly writeAnswer: (value: number) => string;
  readonly format: AnswerFormat;
}

/** How much of the accent lies on the cell with the largest answer; words stay readable on it. */
const DEEPEST = 34;

/** The answer for every pair of figures, deeper in colour where it is larger. */
export function HeatTable({ across, down, sweep, writeAnswer, format }: HeatTableProps) {
  const { first, second, cells } = sweep;
  const columns = second?.values ?? [];
  const all = cells.flatMap((row) => [...row]).filter((value) => Number.isFinite(value));
  const [least, most] = [Math.min(...all), Math.max(...all)];
  const depth = (value: number) =>
    most > least ? Math.round(((value - least) / (most - least)) * DEEPEST) : 0;
  return (
    <Sideways name="Answers for two inputs" className={styles.scroll}>
      <table className={styles.heat}>
        <caption>
          {across.name} across, {down.name.charAt(0).toLowerCase() + down.name.slice(1)} down
        </caption>
        <thead>
          <tr>
            <td />
            {columns.map((value) => (
              <th key={value} scope="col" aria-current={isSame(value, across.value)}>
                {writeFieldFigure(value, across.unit, format)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {first.values.map((value, row) => (
            <tr key={value}>
              <th scope="row" aria-current={isSame(value, down.value)}>
                {writeFieldFigure(value, down.unit, format)}
              </th>
              {columns.map((column, index) => {
                const answer = cells[row]?.[index] ?? Number.NaN;
                const isNow = isSame(value, down.value) && isSame(column, across.value);
                return (
                  <td
                    key={column}
                    className={isNow ? styles.now : undefined}
                    style={{
                      background: Number.isFinite(answer)
                        ? `color-mix(in srgb, var(--heather) ${depth(answer)}%, var(--paper))`
                        : undefined,
                    }}
                  >
                    {Number.isFinite(answer) ? writeAnswer(answer) : "–"}
                    {isNow && <span className="visually-hidden"> (now)</span>}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </Sideways>
  );
}
