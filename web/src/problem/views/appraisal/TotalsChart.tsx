import { formatYears, spanWords, writeMoney, type AppraisalSubject } from "@kestrelmoor/core";
import { useMemo } from "react";
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
import { AXIS, axisWidth, TOOLTIP } from "../../../ui/chart-look";
import { roundTicks } from "../../../ui/round-ticks";
import { Stroke, strokeOf } from "../../../ui/Stroke";
import { useElementWidth } from "../../../ui/use-element-width";
import { totalPoints } from "./totals-points";
import styles from "./Appraisal.module.css";

const HEIGHT = 260;

/** The running totals over time, with the moments at which the money is back. */
export function TotalsChart({ subject }: { readonly subject: AppraisalSubject }) {
  const { format, judged } = subject;
  const [place, width] = useElementWidth();
  const points = useMemo(() => totalPoints(subject), [subject]);
  const money = (amount: number) => writeMoney(amount, format);
  const short = (amount: number) => writeMoney(amount, { ...format, decimals: 0 });
  const all = points.flatMap(({ total, discounted }) => [total, discounted]);
  const height = roundTicks(Math.min(0, ...all), Math.max(0, ...all, 1e-9));
  const last = points.at(-1);
  const backs = [
    { name: "total", at: judged.payback },
    { name: "total of present values", at: judged.discountedPayback },
  ];
  const words = `Running totals up to ${spanWords(last?.years ?? 0)}: ${money(last?.total ?? 0)} in the end, ${money(last?.discounted ?? 0)} of present values. ${backs
    .map(
      ({ name, at }) =>
        `The ${name} ${at === null ? "never comes back to nothing" : `is back at nothing after ${formatYears(at, 4)}`}.`,
    )
    .join(" ")}`;
  return (
    <figure ref={place} className={styles.chart}>
      <figcaption>
        Running total
        <span className={styles.key}>
          <Stroke index={0} /> of present values
        </span>
        <span className={styles.key}>
          <Stroke index={1} /> of the amounts
        </span>
      </figcaption>
      {width > 0 && (
        <div role="img" aria-label={words}>
          <LineChart
            width={width}
            height={HEIGHT}
            data={points}
            margin={{ top: 10, right: 40, bottom: 4, left: 0 }}
            accessibilityLayer={false}
          >
            <CartesianGrid stroke="var(--reed)" vertical={false} />
            <XAxis
              dataKey="years"
              type="number"
              domain={["dataMin", "dataMax"]}
              tickFormatter={(years: number) => (years === 0 ? "today" : spanWords(years))}
              {...AXIS}
              minTickGap={30}
            />
            <YAxis
              width={axisWidth(height.ticks.map(short))}
              domain={[height.low, height.high]}
              ticks={[...height.ticks]}
              tickFormatter={short}
              {...AXIS}
            />
            <Tooltip
              {...TOOLTIP}
              labelFormatter={(years) =>
                Number(years) === 0 ? "Today" : `After ${spanWords(Number(years))}`
              }
              formatter={(amount, name) => [money(Number(amount)), name]}
            />
            <ReferenceLine y={0} stroke="var(--peat)" strokeWidth={1.4} />
            <Line
              dataKey="total"
              name="Amounts"
              stroke={strokeOf(1).colour}
              strokeDasharray={strokeOf(1).dash}
              strokeWidth={2}
              dot={false}
              isAnimationActive={false}
            />
            <Line
              dataKey="discounted"
              name="Present values"
              stroke={strokeOf(0).colour}
              strokeWidth={2.2}
              dot={false}
              isAnimationActive={false}
            />
            {backs.map(({ name, at }, index) =>
              at === null ? null : (
                <ReferenceDot
                  key={name}
                  x={at}
                  y={0}
                  r={5}
                  fill="var(--paper)"
                  stroke={strokeOf(1 - index).colour}
                  strokeWidth={2.4}
                  label={{
                    value: formatYears(at, 2),
                    position: index === 0 ? "top" : "bottom",
                    fill: "var(--peat)",
                    offset: 8,
                  }}
                />
              ),
            )}
          </LineChart>
        </div>
      )}
    </figure>
  );
}
