import { withDigits, writeRate, type AnswerFormat } from "@kestrelmoor/core";
import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { PlotArea } from "../../../charts/Plot";
import { snappedRate } from "./value-chart";
import styles from "./Appraisal.module.css";

interface HurdleHandleProps {
  /** The rates at the two ends of the chart. */
  readonly from: number;
  readonly to: number;
  readonly hurdlePercent: number;
  readonly format: AnswerFormat;
  /** What is worth how much there. */
  readonly worth: string;
  readonly isWorthShown: boolean;
  readonly area: PlotArea;
  readonly onGrab: () => void;
  readonly onHurdle: (percent: number) => void;
  readonly onLetGo: () => void;
}

/** The hurdle rate as a line that can be dragged, or moved by the arrow keys. */
export function HurdleHandle(props: HurdleHandleProps) {
  const { from, to, hurdlePercent, format, worth, isWorthShown } = props;
  const { left, right, top, bottom } = props.area;
  const { onGrab, onHurdle, onLetGo } = props;
  const [isHeld, setHeld] = useState(false);
  const frame = useRef<HTMLDivElement>(null);
  const part = (hurdlePercent - from) / (to - from);
  const x = left + Math.min(1, Math.max(0, part)) * (right - left);
  const follow = ({ clientX }: PointerEvent) => {
    const box = frame.current?.getBoundingClientRect();
    if (box === undefined) return;
    const percent = from + ((clientX - box.left - left) / (right - left)) * (to - from);
    onHurdle(snappedRate(percent, from, to));
  };
  const letGo = () => {
    setHeld(false);
    onLetGo();
  };
  const moveBy = (points: number) => onHurdle(withDigits(hurdlePercent + points, 12));
  const keys: Readonly<Record<string, number>> = {
    ArrowRight: 0.25,
    ArrowUp: 0.25,
    ArrowLeft: -0.25,
    ArrowDown: -0.25,
    PageUp: 1,
    PageDown: -1,
  };
  const listen = (event: KeyboardEvent) => {
    const points = keys[event.key];
    if (points === undefined || hurdlePercent + points <= -100) return;
    event.preventDefault();
    moveBy(points);
  };
  return (
    <div ref={frame} className={styles.handleFrame}>
      <span className={styles.handleLine} style={{ left: x, top, height: bottom - top }} />
      <span
        role="slider"
        tabIndex={0}
        className={styles.handle}
        style={{ left: x, top: bottom }}
        aria-label="Hurdle rate"
        aria-orientation="horizontal"
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={hurdlePercent}
        aria-valuetext={`${writeRate(hurdlePercent, format)} a year: ${worth}`}
        title="Drag to change the hurdle rate"
        onKeyDown={listen}
        onBlur={onLetGo}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setHeld(true);
          onGrab();
        }}
        onPointerMove={(event) => {
          if (isHeld) follow(event);
        }}
        onPointerUp={letGo}
        onPointerCancel={letGo}
      >
        {writeRate(hurdlePercent, { ...format, rateDecimals: 2 })}
      </span>
      {isWorthShown && (
        <span
          className={styles.worth}
          data-side={part > 0.5 ? "left" : "right"}
          style={{ left: x, top }}
          aria-hidden
        >
          {worth}
        </span>
      )}
    </div>
  );
}
