import { useMemo } from "react";
import { writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { AccountLife } from "@kestrelmoor/core/teaching";
import { Area, ReferenceLine } from "recharts";
import { moneyAxis, timeAxis } from "../../../charts/axes";
import { Plot } from "../../../charts/Plot";
import { roundTicks } from "../../../charts/round-ticks";
import { yearsInWords } from "../../timeline/timeline-words";
import { balancePoints } from "./balance-points";

interface BalanceChartProps {
  readonly life: AccountLife;
  readonly format: AnswerFormat;
  /** Years from today of the date that is looked at. */
  readonly here: number | null;
}

const HEIGHT = 220;

/** The balance over time. */
export function BalanceChart({ life, format, here }: BalanceChartProps) {
  const { rows, largest } = life;
  const last = rows.at(-1)?.time ?? 0;
  const points = useMemo(() => balancePoints(rows, largest), [rows, largest]);
  const balances = points.map(({ balance }) => balance);
  return (
    <Plot
      words={`Balance over ${yearsInWords(last, format)}: highest ${writeMoney(largest, format)}, closing at zero.`}
      height={HEIGHT}
      points={points}
      across={timeAxis(last, format)}
      up={moneyAxis(roundTicks(Math.min(0, ...balances), Math.max(0, ...balances)), format)}
    >
      {here !== null && <ReferenceLine x={here} stroke="var(--heather)" strokeDasharray="4 4" />}
      <Area
        dataKey="balance"
        stroke="var(--heather)"
        strokeWidth={2}
        fill="var(--heather-soft)"
        isAnimationActive={false}
      />
    </Plot>
  );
}
