import { spanWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import { useMemo } from "react";
import { CartesianGrid, Line, LineChart, ReferenceLine, Tooltip, XAxis, YAxis } from "recharts";
import { AXIS, roundAxis, TOOLTIP } from "../ui/chart-look";
import { roundTicks } from "../ui/round-ticks";
import { CurvesFigure } from "../ui/CurvesFigure";
import { curveLook } from "../ui/Stroke";
import { depositPoints, rateWords, type RankedDeposit } from "./deposit-ranking";

interface DepositChartProps {
  readonly ranked: readonly RankedDeposit[];
  readonly amount: number;
  /** When the money is needed. */
  readonly years: number;
  readonly format: AnswerFormat;
}

/** What each offer makes of the deposit over time, with the time at which it is needed. */
export function DepositChart({ ranked, amount, years, format }: DepositChartProps) {
  const longest = Math.max(2, years * 1.5);
  const points = useMemo(
    () =>
      depositPoints(
        ranked.map(({ offer }) => offer),
        amount,
        longest,
      ),
    [ranked, amount, longest],
  );
  const ends = ranked.map((_, index) => points.at(-1)?.[`balance${index}`] ?? amount);
  const height = roundTicks(
    Math.min(amount, ...ends),
    Math.max(amount, ...ends, amount + Math.max(1e-6, Math.abs(amount) * 1e-6)),
  );
  const across = roundTicks(0, longest, 4);
  const short = (money: number) => writeMoney(money, { ...format, decimals: 0 });
  const money = (balance: number) => writeMoney(balance, format);
  const words = `Balance over ${spanWords(longest, format)}. ${ranked
    .map(
      ({ name, offer, balance }) =>
        `${name}, ${rateWords(offer, format)}: ${money(balance)} at the end`,
    )
    .join("; ")}.`;
  return (
    <CurvesFigure
      caption="Balance over time"
      keys={ranked.map(({ name }, stroke) => ({ name, stroke }))}
      words={words}
    >
      {(width) => (
        <LineChart
          width={width}
          height={230}
          data={points}
          margin={{ top: 10, right: 18, bottom: 2, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--reed)" vertical={false} />
          <XAxis
            dataKey="years"
            type="number"
            domain={[0, longest]}
            ticks={across.ticks.filter((tick) => tick <= longest)}
            tickFormatter={(at: number) => (at === 0 ? "today" : spanWords(at, format))}
            {...AXIS}
            minTickGap={30}
          />
          <YAxis {...roundAxis(height, short)} />
          <Tooltip
            {...TOOLTIP}
            labelFormatter={(at) => `After ${spanWords(Number(at), format)}`}
            formatter={(balance, name) => [money(Number(balance)), name]}
          />
          <ReferenceLine x={years} stroke="var(--gorse)" strokeWidth={2} strokeDasharray="4 4" />
          {ranked.map(({ id, name, offer }, index) => (
            <Line
              key={id}
              type={offer.crediting === "always" ? "linear" : "stepAfter"}
              dataKey={`balance${index}`}
              name={name}
              {...curveLook(index)}
            />
          ))}
        </LineChart>
      )}
    </CurvesFigure>
  );
}
