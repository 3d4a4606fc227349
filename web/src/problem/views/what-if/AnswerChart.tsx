import type { AnswerFormat } from "@kestrelmoor/core";
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceDot,
  ReferenceLine,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import { AXIS, TOOLTIP } from "../../../ui/chart-look";
import { useElementWidth } from "../../../ui/use-element-width";
import type { ChartPoint } from "./sweep-points";
import { writeFieldFigure, type SweepField } from "./sweep-fields";
import styles from "./WhatIf.module.css";

interface AnswerChartProps {
  readonly field: SweepField;
  readonly points: readonly ChartPoint[];
  /** The problem as it stands, where it lies in the range. */
  readonly present: ChartPoint | null;
  /** Where the slider is. */
  readonly here: ChartPoint | null;
  /** The answers that there can be as the slider moves, so that the scale stays; `null` for those shown. */
  readonly scale: readonly [number, number] | null;
  readonly writeAnswer: (value: number) => string;
  readonly format: AnswerFormat;
}

const HEIGHT = 280;

/** The answer for each figure of one field. */
export function AnswerChart(props: AnswerChartProps) {
  const { field, points, present, here, scale, writeAnswer, format } = props;
  const [place, width] = useElementWidth();
  const writeX = (value: number) => writeFieldFigure(value, field.unit, format);
  return (
    <div ref={place} className={styles.chart} role="img" aria-label={inWords(props)}>
      {width > 0 && (
        <LineChart
          width={width}
          height={HEIGHT}
          data={points}
          margin={{ top: 14, right: 26, bottom: 4, left: 8 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--reed)" vertical={false} />
          <XAxis
            dataKey="x"
            type="number"
            domain={["dataMin", "dataMax"]}
            tickFormatter={writeX}
            {...AXIS}
            minTickGap={46}
          />
          <YAxis
            type="number"
            width={104}
            domain={scale ?? ["auto", "auto"]}
            tickFormatter={writeAnswer}
            {...AXIS}
          />
          <Tooltip
            {...TOOLTIP}
            labelFormatter={(x) => `${field.name}: ${writeX(Number(x))}`}
            formatter={(y) => [writeAnswer(Number(y)), "answer"]}
          />
          {here !== null && (
            <ReferenceLine x={here.x} stroke="var(--stone)" strokeDasharray="4 4" />
          )}
          <Line
            dataKey="y"
            dot={false}
            activeDot={{ r: 4, fill: "var(--heather)" }}
            stroke="var(--heather)"
            strokeWidth={2.5}
            isAnimationActive={false}
            connectNulls={false}
          />
          {typeof here?.y === "number" && (
            <ReferenceDot
              x={here.x}
              y={here.y}
              r={5}
              fill="var(--paper)"
              stroke="var(--heather)"
              strokeWidth={2.5}
            />
          )}
          {typeof present?.y === "number" && (
            <ReferenceDot
              x={present.x}
              y={present.y}
              r={7}
              fill="var(--heather)"
              stroke="var(--paper)"
              label={{ value: "now", position: "top", fill: "var(--heather)", fontWeight: 600 }}
            />
          )}
        </LineChart>
      )}
    </div>
  );
}

/** The chart for those who do not see it: its ends and where the problem stands. */
function inWords({ field, points, present, writeAnswer, format }: AnswerChartProps): string {
  const known = points.filter(({ y }) => y !== null);
  const [first, last] = [known[0], known.at(-1)];
  if (first === undefined || last === undefined) return "A chart without an answer in its range";
  const at = ({ x, y }: ChartPoint) =>
    `${writeAnswer(y ?? NaN)} at ${writeFieldFigure(x, field.unit, format)}`;
  const now = typeof present?.y !== "number" ? "" : `; now ${at(present)}`;
  return `Answer by ${field.name}: from ${at(first)} to ${at(last)}${now}`;
}
