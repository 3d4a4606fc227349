import { spanWords, writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import { useMemo } from "react";
import { Line, ReferenceLine } from "recharts";
import { moneyAxis, timeAxis } from "../charts/axes";
import { Plot } from "../charts/Plot";
import { roundTicks } from "../charts/round-ticks";
import { curveLook } from "../charts/Stroke";
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
  const money = (balance: number) => writeMoney(balance, format);
  const words = `Balance over ${spanWords(longest, format)}. ${ranked
    .map(
      ({ name, offer, balance }) =>
        `${name}, ${rateWords(offer, format)}: ${money(balance)} at the end`,
    )
    .join("; ")}.`;
  return (
    <Plot
      caption="Balance over time"
      keys={ranked.map(({ name }, stroke) => ({ name, stroke }))}
      words={words}
      height={230}
      points={points}
      across={timeAxis(longest, format, 5)}
      up={moneyAxis(height, format)}
      told={{ at: (years) => `After ${spanWords(years, format)}`, value: money }}
    >
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
    </Plot>
  );
}
