import { formatYears, spanWords, writeMoney, type AppraisalSubject } from "@kestrelmoor/core";
import { useMemo } from "react";
import { Line, ReferenceDot, ReferenceLine } from "recharts";
import { moneyAxis, timeAxis } from "../../../charts/axes";
import { Plot } from "../../../charts/Plot";
import { roundTicks } from "../../../charts/round-ticks";
import { curveLook, strokeOf } from "../../../charts/Stroke";
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
  const all = points.flatMap(({ total, discounted }) => [total, discounted]);
  const height = roundTicks(Math.min(0, ...all), Math.max(0, ...all));
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
    <Plot
      caption="Cumulative cash flow"
      keys={KEYS}
      words={words}
      height={HEIGHT}
      points={points}
      across={timeAxis(last?.years ?? 1, format)}
      up={moneyAxis(height, format)}
      told={{
        at: (years) => (years === 0 ? "Today" : `After ${spanWords(years, format)}`),
        value: money,
      }}
      roomRight={40}
    >
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
    </Plot>
  );
}
