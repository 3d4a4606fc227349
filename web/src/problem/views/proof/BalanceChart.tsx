import { writeMoney, type AnswerFormat } from "@kestrelmoor/core";
import type { AccountLife } from "@kestrelmoor/core/teaching";
import { Area, AreaChart, CartesianGrid, ReferenceLine, XAxis, YAxis } from "recharts";
import { AXIS } from "../../../ui/chart-look";
import { useElementWidth } from "../../../ui/use-element-width";
import { whenWords, yearsInWords } from "../../timeline/timeline-words";
import { balancePoints } from "./balance-points";
import styles from "./Proof.module.css";

interface BalanceChartProps {
  readonly life: AccountLife;
  readonly format: AnswerFormat;
  /** Years from today of the date that is looked at. */
  readonly here: number | null;
}

const HEIGHT = 220;

/** The balance over time. */
export function BalanceChart({ life, format, here }: BalanceChartProps) {
  const [place, width] = useElementWidth();
  const { rows, largest } = life;
  const last = rows.at(-1)?.time ?? 0;
  return (
    <div
      ref={place}
      className={styles.chart}
      role="img"
      aria-label={`Balance over ${yearsInWords(last, format)}: highest ${writeMoney(largest, format)}, closing at zero.`}
    >
      {width > 0 && (
        <AreaChart
          width={width}
          height={HEIGHT}
          data={balancePoints(rows, largest)}
          margin={{ top: 10, right: 26, bottom: 4, left: 8 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--reed)" vertical={false} />
          <XAxis
            dataKey="years"
            type="number"
            domain={["dataMin", "dataMax"]}
            tickFormatter={(years: number) =>
              years === 0 ? "today" : whenWords(years, format).replace("after ", "")
            }
            {...AXIS}
            minTickGap={60}
          />
          <YAxis
            type="number"
            width={104}
            tickFormatter={(money: number) => writeMoney(money, { ...format, decimals: 0 })}
            {...AXIS}
          />
          {here !== null && (
            <ReferenceLine x={here} stroke="var(--heather)" strokeDasharray="4 4" />
          )}
          <Area
            dataKey="balance"
            stroke="var(--heather)"
            strokeWidth={2}
            fill="var(--heather-soft)"
            isAnimationActive={false}
          />
        </AreaChart>
      )}
    </div>
  );
}
