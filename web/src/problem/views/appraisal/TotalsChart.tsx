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
import { AXIS, roundAxis, TOOLTIP } from "../../../ui/chart-look";
import { roundTicks } from "../../../ui/round-ticks";
import { CurvesFigure } from "../../../ui/CurvesFigure";
import { curveLook, strokeOf } from "../../../ui/Stroke";
import { totalPoints } from "./totals-points";

const HEIGHT = 260;
const KEYS = [
  { name: "discounted", stroke: 0 },
  { name: "undiscounted", stroke: 1 },
];

/** The running totals over time, with the moments at which the money is back. */
export function TotalsChart({ subject }: { readonly subject: AppraisalSubject }) {
  const { format, judged } = subject;
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
  const words = `Cumulative cash flow after ${spanWords(last?.years ?? 0, format)}: ${money(last?.total ?? 0)} in total, ${money(last?.discounted ?? 0)} in total of present values. ${backs
    .map(
      ({ name, at }) =>
        `The ${name} ${at === null ? "never reaches zero" : `reaches zero after ${formatYears(at, format, 4)}`}.`,
    )
    .join(" ")}`;
  return (
    <CurvesFigure caption="Cumulative cash flow" keys={KEYS} words={words}>
      {(width) => (
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
            tickFormatter={(years: number) => (years === 0 ? "today" : spanWords(years, format))}
            {...AXIS}
            minTickGap={30}
          />
          <YAxis {...roundAxis(height, short)} />
          <Tooltip
            {...TOOLTIP}
            labelFormatter={(years) =>
              Number(years) === 0 ? "Today" : `After ${spanWords(Number(years), format)}`
            }
            formatter={(amount, name) => [money(Number(amount)), name]}
          />
          <ReferenceLine y={0} stroke="var(--peat)" strokeWidth={1.4} />
          <Line dataKey="total" name="Amounts" {...curveLook(1)} />
          <Line dataKey="discounted" name="Present values" {...curveLook(0)} />
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
                  value: formatYears(at, format, 2),
                  position: index === 0 ? "top" : "bottom",
                  fill: "var(--peat)",
                  offset: 8,
                }}
              />
            ),
          )}
        </LineChart>
      )}
    </CurvesFigure>
  );
}
