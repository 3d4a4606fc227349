import { useAnswerFormat } from "../../answer/use-answer-format";
import { writeRate, spanWords, type ScheduleRun, type AnswerFormat } from "@kestrelmoor/core";
import { useMemo } from "react";
import { CartesianGrid, Line, LineChart, ReferenceLine, Tooltip, XAxis, YAxis } from "recharts";
import { AXIS, TOOLTIP } from "../../../ui/chart-look";
import { CurvesFigure } from "../../../ui/CurvesFigure";
import { curveLook } from "../../../ui/Stroke";
import { costPoints, costScale, timeTicks } from "./cost-points";

interface CostChartProps {
  readonly runs: readonly (ScheduleRun | null)[];
  readonly names: readonly string[];
  readonly frequency: number;
  /** The holding time that is chosen, in years. */
  readonly heldFor: number | null;
}

/** What each loan costs a year, by how long it is held. */
export function CostChart({ runs, names, frequency, heldFor }: CostChartProps) {
  const format = useAnswerFormat();
  const points = useMemo(() => costPoints(runs, frequency), [runs, frequency]);
  const scale = useMemo(() => costScale(points, runs.length), [points, runs.length]);
  return (
    <CurvesFigure
      caption="Effective annual cost by time until payoff:"
      keys={names.map((name, stroke) => ({ name, stroke }))}
      words={inWords(points, names, format)}
    >
      {(width) => (
        <LineChart
          width={width}
          height={250}
          data={points}
          margin={{ top: 8, right: 16, bottom: 2, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--reed)" vertical={false} />
          <XAxis
            dataKey="years"
            type="number"
            domain={[0, "dataMax"]}
            ticks={[...timeTicks(points.at(-1)?.years ?? 1)]}
            tickFormatter={(years: number) => spanWords(years, format)}
            {...AXIS}
            minTickGap={40}
          />
          <YAxis
            type="number"
            width={74}
            domain={[...scale]}
            allowDataOverflow
            tickFormatter={(cost: number) => writeRate(cost, format, 2)}
            {...AXIS}
          />
          <Tooltip
            {...TOOLTIP}
            labelFormatter={(years) => `Paid off after ${spanWords(Number(years), format)}`}
            formatter={(cost, name) => [writeRate(Number(cost), format, 4), name]}
          />
          {heldFor !== null && (
            <ReferenceLine x={heldFor} stroke="var(--stone)" strokeDasharray="4 4" />
          )}
          {names.map((name, index) => (
            <Line key={index} dataKey={`cost${index}`} name={name} {...curveLook(index)} />
          ))}
        </LineChart>
      )}
    </CurvesFigure>
  );
}

function inWords(
  points: ReturnType<typeof costPoints>,
  names: readonly string[],
  format: AnswerFormat,
): string {
  const last = points.at(-1);
  const middle = points[Math.floor(points.length / 2)];
  const told = names.map((name, index) => {
    const [half, whole] = [middle, last].map((point) => point?.[`cost${index}`] ?? null);
    const words = (cost: number | null | undefined) =>
      cost === null || cost === undefined ? "no cost" : writeRate(cost, format, 2);
    return `${name}: ${words(half)} if paid off after half the term, ${words(whole)} over the whole term`;
  });
  return `Effective annual cost of each loan. ${told.join("; ")}.`;
}
