import { useAnswerFormat } from "../../answer/use-answer-format";
import { writeRate, spanWords, type ScheduleRun, type AnswerFormat } from "@kestrelmoor/core";
import { useMemo } from "react";
import { Line, ReferenceLine } from "recharts";
import { timeAxis } from "../../../charts/axes";
import { Plot } from "../../../charts/Plot";
import { curveLook } from "../../../charts/Stroke";
import { costPoints, costScale } from "./cost-points";

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
    <Plot
      caption="Effective annual cost by time until payoff:"
      keys={names.map((name, stroke) => ({ name, stroke }))}
      words={inWords(points, names, format)}
      height={250}
      points={points}
      across={timeAxis(points.at(-1)?.years ?? 1, format)}
      up={{ ...scale, write: (cost) => writeRate(cost, format, 2) }}
      told={{
        at: (years) => `Paid off after ${spanWords(years, format)}`,
        value: (cost) => writeRate(cost, format, 4),
      }}
    >
      {heldFor !== null && (
        <ReferenceLine x={heldFor} stroke="var(--stone)" strokeDasharray="4 4" />
      )}
      {names.map((name, index) => (
        <Line key={index} dataKey={`cost${index}`} name={name} {...curveLook(index)} />
      ))}
    </Plot>
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
