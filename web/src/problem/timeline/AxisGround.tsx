import { useAnswerFormat } from "../answer/use-answer-format";
import { useState, type MouseEvent, type PointerEvent } from "react";
import type { Layout } from "./layout";
import { xOfYears } from "./time-scale";
import { whenWords } from "./timeline-words";
import styles from "./Timeline.module.css";

/** How far from the axis a pointer still means a time on it. */
const REACH = 26;

interface AxisGroundProps {
  readonly layout: Layout;
  /** The time that a place of the picture stands for, snapped. */
  readonly timeAt: (x: number) => number;
  readonly onClick: (x: number) => void;
}

/** The ground along the axis: a click on an empty time adds an amount there, and hovering says so. */
export function AxisGround({ layout, timeAt, onClick }: AxisGroundProps) {
  const format = useAnswerFormat();
  const { axisY, left, right } = layout;
  const [years, setYears] = useState<number | null>(null);
  const placeOf = (event: MouseEvent | PointerEvent) =>
    event.clientX - event.currentTarget.getBoundingClientRect().left + left - 8;
  const x = years === null ? null : xOfYears(layout, years);
  return (
    <g>
      <rect
        x={left - 8}
        y={axisY - REACH}
        width={right - left + 40}
        height={2 * REACH}
        fill="transparent"
        className={styles.ground}
        data-part="axis"
        onPointerMove={(event) => {
          // A finger that scrolls passes over the axis and means nothing by it.
          setYears(event.pointerType === "mouse" ? timeAt(placeOf(event)) : null);
        }}
        onPointerLeave={() => setYears(null)}
        onClick={(event) => {
          if (years !== null) onClick(placeOf(event));
          setYears(null);
        }}
      />
      {x !== null && years !== null && (
        <g className={styles.ghost}>
          <line x1={x} x2={x} y1={axisY - REACH} y2={axisY + REACH} />
          <text x={x} y={axisY - REACH - 5} textAnchor={x > right - 120 ? "end" : "middle"}>
            add an amount {whenWords(years, format)}
          </text>
        </g>
      )}
    </g>
  );
}
