import { writeMoney } from "@kestrelmoor/core";
import {
  Area,
  AreaChart,
  Bar,
  BarChart,
  CartesianGrid,
  ReferenceArea,
  Tooltip,
  XAxis,
  YAxis,
} from "recharts";
import { useDeferredValue, useMemo, useState } from "react";
import { useElementWidth } from "../../../ui/use-element-width";
import { balanceOverTime, partsOverTime, stepOf } from "./picture-points";
import { useScheduleChoice } from "./schedule-choice";
import type { SchedulePartProps } from "./ScheduleSummary";
import styles from "./Schedule.module.css";

const HEIGHT = 210;
const MARGIN = { top: 8, right: 12, bottom: 2, left: 0 };
const AXIS = { stroke: "var(--stone)", tick: { fill: "var(--slate)" } } as const;

/** The balance over time, and what each payment or year is made of; dragging over the first asks about a span. */
export function SchedulePicture(props: SchedulePartProps) {
  const { account, format } = props;
  const { schedule } = account;
  const [place, width] = useElementWidth();
  const isSaving = schedule.kind === "saving";
  const short = (money: number) => writeMoney(money, { ...format, decimals: 0 });
  const half = width < 760 ? width : (width - 24) / 2;
  const parts = useMemo(() => partsOverTime(account), [account]);
  // The figures and the rows come first; charts are costly to draw.
  const isTheirTurn = useDeferredValue(true, false);
  const money = (amount: number) => writeMoney(amount, format);
  return (
    <div ref={place} className={styles.pictures}>
      {isTheirTurn && width > 0 && (
        <>
          <figure>
            <figcaption>
              {isSaving ? (
                <>
                  <Swatch of="heather" /> put in and <Swatch of="gorse" /> growth, after each
                  payment
                </>
              ) : (
                "Owed after each payment"
              )}
            </figcaption>
            <Balance {...props} width={half} short={short} />
          </figure>
          <figure>
            <figcaption>
              <Swatch of="gorse" /> interest
              {!isSaving && (
                <>
                  {" "}
                  and <Swatch of="heather" /> principal
                </>
              )}{" "}
              {stepOf(account)}
            </figcaption>
            <div role="img" aria-label={partsInWords(parts, money, isSaving)}>
              <BarChart
                width={half}
                height={HEIGHT}
                data={parts}
                margin={MARGIN}
                accessibilityLayer={false}
              >
                <CartesianGrid stroke="var(--reed)" vertical={false} />
                <XAxis dataKey="name" {...AXIS} minTickGap={20} />
                <YAxis width={axisWidth(largestOf(parts), short)} tickFormatter={short} {...AXIS} />
                <Tooltip
                  isAnimationActive={false}
                  cursor={{ fill: "var(--heather-soft)" }}
                  contentStyle={TOOLTIP}
                  itemStyle={{ color: "var(--paper)" }}
                  formatter={(amount, name) => [money(Number(amount)), name]}
                />
                {!isSaving && (
                  <Bar
                    dataKey="principal"
                    stackId="paid"
                    fill="var(--heather)"
                    isAnimationActive={false}
                  />
                )}
                <Bar
                  dataKey="interest"
                  stackId="paid"
                  fill="var(--gorse)"
                  isAnimationActive={false}
                />
              </BarChart>
            </div>
          </figure>
        </>
      )}
    </div>
  );
}

/** Room for the largest figure of an axis, which ends at a rounder one. */
function axisWidth(largest: number, short: (money: number) => string): number {
  return 28 + 8 * short(1.3 * largest).length;
}

function largestOf(parts: ReturnType<typeof partsOverTime>): number {
  return Math.max(0, ...parts.map(({ interest, principal }) => interest + principal));
}

function Swatch({ of: colour }: { readonly of: "heather" | "gorse" }) {
  return <span className={styles.swatch} data-colour={colour} aria-hidden />;
}

const TOOLTIP = {
  border: 0,
  borderRadius: 8,
  color: "var(--paper)",
  background: "var(--peat)",
};

interface BalanceProps extends SchedulePartProps {
  readonly width: number;
  readonly short: (money: number) => string;
}

function Balance({ account, format, width, short }: BalanceProps) {
  const { schedule } = account;
  const [, change] = useScheduleChoice();
  const [drag, setDrag] = useState<readonly [number, number] | null>(null);
  const points = useMemo(() => balanceOverTime(account), [account]);
  const isSaving = schedule.kind === "saving";
  const at = (label: unknown) => Math.max(1, Number(label));
  return (
    <div
      role="img"
      className={styles.draggable}
      aria-label={balanceInWords(points, (amount) => writeMoney(amount, format), isSaving)}
    >
      <AreaChart
        width={width}
        height={HEIGHT}
        data={points}
        margin={MARGIN}
        accessibilityLayer={false}
        onMouseDown={({ activeLabel }) => {
          if (activeLabel !== undefined) setDrag([at(activeLabel), at(activeLabel)]);
        }}
        onMouseMove={({ activeLabel }) => {
          if (drag !== null && activeLabel !== undefined) setDrag([drag[0], at(activeLabel)]);
        }}
        onMouseUp={() => {
          if (drag !== null && drag[0] !== drag[1]) {
            const [from, to] = [Math.min(...drag), Math.max(...drag)];
            change({ spanFrom: String(from), spanTo: String(to) });
          }
          setDrag(null);
        }}
      >
        <CartesianGrid stroke="var(--reed)" vertical={false} />
        <XAxis
          dataKey="payment"
          type="number"
          domain={["dataMin", "dataMax"]}
          {...AXIS}
          minTickGap={40}
        />
        <YAxis
          width={axisWidth(Math.max(...points.map(({ balance }) => balance)), short)}
          tickFormatter={short}
          {...AXIS}
        />
        <Area
          dataKey={isSaving ? "paid" : "balance"}
          stackId="balance"
          stroke="var(--heather)"
          strokeWidth={2}
          fill="var(--heather-soft)"
          isAnimationActive={false}
        />
        {isSaving && (
          <Area
            dataKey="grown"
            stackId="balance"
            stroke="var(--gorse)"
            strokeWidth={2}
            fill="var(--gorse-soft)"
            isAnimationActive={false}
          />
        )}
        {drag !== null && (
          <ReferenceArea x1={drag[0]} x2={drag[1]} fill="var(--heather)" fillOpacity={0.18} />
        )}
      </AreaChart>
    </div>
  );
}

function balanceInWords(
  points: ReturnType<typeof balanceOverTime>,
  money: (amount: number) => string,
  isSaving: boolean,
): string {
  const [first, last] = [points[0], points.at(-1)];
  if (first === undefined || last === undefined) return "An empty chart";
  return isSaving
    ? `What is saved over the payments: ${money(last.balance)} at the end, of which ${money(last.paid)} is put in.`
    : `What is owed over the payments: from ${money(first.balance)} to ${money(last.balance)}.`;
}

function partsInWords(
  parts: ReturnType<typeof partsOverTime>,
  money: (amount: number) => string,
  isSaving: boolean,
): string {
  const [first, last] = [parts[0], parts.at(-1)];
  if (first === undefined || last === undefined) return "An empty chart";
  const words = ({ name, interest, principal }: typeof first) =>
    `${name}: interest ${money(interest)}${isSaving ? "" : `, principal ${money(principal)}`}`;
  return `From ${words(first)} to ${words(last)}.`;
}
