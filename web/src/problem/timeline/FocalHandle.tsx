import { useAnswerFormat } from "../answer/use-answer-format";
import { writeMoney, sharesAt, type Calendar, type SolvedProblem } from "@kestrelmoor/core";
import { namedFlow, type Draft } from "@kestrelmoor/core/typing";
import { useState, type KeyboardEvent, type PointerEvent } from "react";
import { nudged, snapStep, xOfYears, type TimeScale } from "./time-scale";
import { whenWords } from "./timeline-words";
import styles from "./FocalHandle.module.css";

/** More lines than these are told together. */
const MOST_SHOWN = 7;

interface FocalHandleProps {
  readonly draft: Draft;
  readonly solution: SolvedProblem;
  readonly scale: TimeScale;
  readonly years: number;
  /** Where it stands in the picture, from the top. */
  readonly top: number;
  readonly axisY: number;
  readonly calendar: Calendar | null;
  readonly onChange: (years: number) => void;
  readonly onGrab: (event: PointerEvent) => void;
}

/** A date on the axis that can be moved: it tells what every line is worth there, and that it adds up. */
export function FocalHandle(props: FocalHandleProps) {
  const format = useAnswerFormat();
  const { draft, solution, scale, years, top, axisY, calendar, onChange, onGrab } = props;
  const [isOpen, setOpen] = useState(false);
  const shown = Math.min(years, scale.span);
  const x = xOfYears(scale, shown);
  const { flows, together } = sharesAt(solution.paid, shown);
  const keys: Readonly<Record<string, number>> = {
    ArrowRight: nudged(shown, snapStep(scale), 1),
    ArrowUp: nudged(shown, snapStep(scale), 1),
    ArrowLeft: nudged(shown, snapStep(scale), -1, scale.start),
    ArrowDown: nudged(shown, snapStep(scale), -1, scale.start),
    PageUp: nudged(shown, 1, 1),
    PageDown: nudged(shown, 1, -1, scale.start),
    Home: scale.start,
    End: scale.span,
  };
  const listen = (event: KeyboardEvent) => {
    const to = keys[event.key];
    if (to === undefined) return;
    event.preventDefault();
    onChange(Math.min(to, scale.span));
  };
  const names = new Map(
    draft.flows.map((line, index) => {
      const { label = "" } = namedFlow(line);
      return [namedFlow(line).id, label === "" ? `line ${index + 1}` : label];
    }),
  );
  const isAtRight = x > (scale.left + scale.right) / 2;
  const when = whenWords(shown, format, calendar);
  return (
    <div
      className={styles.focalPlace}
      style={{ left: x, top: axisY }}
      onPointerEnter={() => setOpen(true)}
      onPointerLeave={() => setOpen(false)}
    >
      <span className={styles.focalLine} style={{ height: top - axisY }} />
      <span
        role="slider"
        tabIndex={0}
        className={styles.focal}
        style={{ top: top - axisY }}
        aria-label="Focal date"
        aria-orientation="horizontal"
        aria-valuemin={scale.start}
        aria-valuemax={scale.span}
        aria-valuenow={shown}
        aria-valuetext={`${when}: net value ${together === null ? "too large to show" : writeMoney(together, format)}`}
        onKeyDown={listen}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onPointerDown={onGrab}
      />
      {isOpen && (
        <div className={`${styles.shares ?? ""} ${(isAtRight ? styles.toLeft : "") ?? ""}`}>
          <p>Value at this date: {when}</p>
          <table>
            <tbody>
              {flows.slice(0, MOST_SHOWN).map(({ id, worth }) => (
                <tr key={id}>
                  <th scope="row">{names.get(id)}</th>
                  <td>{worth === null || worth === 0 ? "" : worth > 0 ? "in" : "out"}</td>
                  <td>
                    {worth === null ? "too large to show" : writeMoney(Math.abs(worth), format)}
                  </td>
                </tr>
              ))}
              {flows.length > MOST_SHOWN && (
                <tr>
                  <th scope="row">and {flows.length - MOST_SHOWN} more</th>
                  <td />
                  <td />
                </tr>
              )}
              <tr>
                <th scope="row">net value</th>
                <td>
                  {together === null || isNothing(together) ? "" : together > 0 ? "in" : "out"}
                </td>
                <td>{together === null ? "–" : writeMoney(Math.abs(together), format)}</td>
              </tr>
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}

function isNothing(amount: number): boolean {
  return Math.abs(amount) < 0.005;
}
