import { netValue, writeMoney, writeRate, type AnswerFormat } from "@kestrelmoor/core";
import { useMemo, useState } from "react";
import { Line, ReferenceDot, ReferenceLine } from "recharts";
import { moneyAxis } from "../../../charts/axes";
import { Plot, type CurveKey } from "../../../charts/Plot";
import { ticksWithin } from "../../../charts/round-ticks";
import { curveLook } from "../../../charts/Stroke";
import { HurdleHandle } from "./HurdleHandle";
import { drawnCurves, type Curve } from "./value-chart";

/** A rate at which two curves meet, or one meets nothing. */
export interface MarkedRate {
  readonly percent: number;
  readonly value: number;
}

interface ValueChartProps {
  readonly curves: readonly Curve[];
  /** Internal rates: where a curve meets nothing. */
  readonly rates: readonly number[];
  readonly crossings?: readonly MarkedRate[];
  readonly hurdlePercent: number;
  readonly format: AnswerFormat;
  readonly onHurdle: (percent: number) => void;
  readonly onGrab: () => void;
  readonly onLetGo: () => void;
}

const HEIGHT = 260;
/** The labels of more crossings would lie on each other; the table beside has them all. */
const MOST_LABELLED = 3;
const NO_KEYS: readonly CurveKey[] = [];
const NO_CROSSINGS: readonly MarkedRate[] = [];

/** Net present value against rate, with each internal rate on it and the hurdle rate as a handle. */
export function ValueChart(props: ValueChartProps) {
  const { curves, rates, crossings = NO_CROSSINGS, hurdlePercent, format } = props;
  const { onHurdle, onGrab, onLetGo } = props;
  const isAlone = curves.length === 1;
  // Where others cross below no interest tells nobody anything, and would press all else together.
  const marked = useMemo(
    () =>
      isAlone
        ? rates
        : [...rates, ...crossings.map(({ percent }) => percent)].filter((rate) => rate > 0),
    [isAlone, rates, crossings],
  );
  // The chart reaches past the hurdle rate; while that is dragged, the scale under the pointer stays.
  const [heldAt, setHeldAt] = useState<number | null>(null);
  const reach = heldAt ?? hurdlePercent;
  const drawn = useMemo(() => drawnCurves(curves, [...marked, reach]), [curves, marked, reach]);
  const { points, from, to, height } = drawn;
  const inSight = (percent: number) => percent >= from && percent <= to;
  const atHurdle = curves
    .map(({ name, flows }) => {
      const value = writeMoney(netValue(flows, Math.log1p(hurdlePercent / 100)), format);
      return isAlone ? value : `${name} ${value}`;
    })
    .join(", ");
  const words = `Net present value by discount rate, from ${writeRate(from, format)} to ${writeRate(to, format)}. ${
    rates.length === 0
      ? "It is zero at no rate."
      : `It is zero at ${rates.map((rate) => writeRate(rate, format)).join(", ")}.`
  } At the hurdle rate of ${writeRate(hurdlePercent, format)}: ${atHurdle}.`;
  const labelled = (percent: number, position: "top" | "right") => ({
    value: writeRate(percent, { ...format, rateDecimals: 2 }),
    position,
    fill: "var(--peat)",
    offset: 8,
  });
  return (
    <Plot
      caption="Net present value by discount rate"
      keys={isAlone ? NO_KEYS : curves.map(({ name }, stroke) => ({ name, stroke }))}
      words={words}
      height={HEIGHT}
      points={points}
      across={{
        dataKey: "percent",
        ends: [from, to],
        ticks: ticksWithin(from, to, 8),
        write: (percent) => writeRate(percent, format),
      }}
      up={moneyAxis(height, format)}
      told={{
        at: (percent) => `At ${writeRate(percent, format)} a year`,
        value: (value) => writeMoney(value, format),
      }}
      over={(area) => (
        <HurdleHandle
          {...{ from, to, area, hurdlePercent, format, onHurdle }}
          onGrab={() => {
            setHeldAt(hurdlePercent);
            onGrab();
          }}
          onLetGo={() => {
            setHeldAt(null);
            onLetGo();
          }}
          worth={atHurdle}
          isWorthShown={isAlone}
        />
      )}
    >
      <ReferenceLine y={0} stroke="var(--peat)" strokeWidth={1.4} />
      {curves.map(({ name }, index) => (
        <Line key={index} dataKey={`value${index}`} name={name} {...curveLook(index)} />
      ))}
      {rates.filter(inSight).map((percent) => (
        <ReferenceDot
          key={percent}
          x={percent}
          y={0}
          r={5}
          fill="var(--paper)"
          stroke="var(--heather)"
          strokeWidth={2.4}
          {...(isAlone ? { label: labelled(percent, "top") } : {})}
        />
      ))}
      {crossings
        .filter(({ percent }) => inSight(percent))
        .map(({ percent, value }) => (
          <ReferenceDot
            key={percent}
            x={percent}
            y={value}
            r={5}
            fill="var(--paper)"
            stroke="var(--peat)"
            strokeWidth={2}
            {...(crossings.length <= MOST_LABELLED ? { label: labelled(percent, "right") } : {})}
          />
        ))}
    </Plot>
  );
}
