import type { AnswerFormat } from "@kestrelmoor/core";
import { Line, ReferenceDot, ReferenceLine } from "recharts";
import { Plot } from "../../../charts/Plot";
import { ticksWithin, type RoundTicks } from "../../../charts/round-ticks";
import type { ChartPoint } from "./sweep-points";
import { writeFieldFigure, type SweepField } from "./sweep-fields";

interface AnswerChartProps {
  readonly field: SweepField;
  readonly points: readonly ChartPoint[];
  /** The problem as it stands, where it lies in the range. */
  readonly present: ChartPoint | null;
  /** Where the slider is. */
  readonly here: ChartPoint | null;
  /** Wide enough for every answer that there can be as the slider moves, so that it stays. */
  readonly scale: RoundTicks;
  readonly writeAnswer: (value: number) => string;
  readonly format: AnswerFormat;
}

const HEIGHT = 280;

/** The answer for each figure of one field. */
export function AnswerChart(props: AnswerChartProps) {
  const { field, points, present, here, scale, writeAnswer, format } = props;
  const writeX = (value: number) => writeFieldFigure(value, field.unit, format);
  const ends = [points[0]?.x ?? 0, points.at(-1)?.x ?? 1] as const;
  return (
    <Plot
      words={inWords(props)}
      height={HEIGHT}
      points={points}
      across={{ dataKey: "x", ends, ticks: ticksWithin(...ends), write: writeX }}
      up={{ ...scale, write: writeAnswer }}
      told={{ at: (x) => `${field.name}: ${writeX(x)}`, value: writeAnswer }}
      roomRight={26}
    >
      {here !== null && <ReferenceLine x={here.x} stroke="var(--stone)" strokeDasharray="4 4" />}
      <Line
        dataKey="y"
        name="answer"
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
    </Plot>
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
