import { writeMoney, type Schedule } from "@kestrelmoor/core";
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
import { AXIS, TOOLTIP } from "../../../ui/chart-look";
import { useElementWidth } from "../../../ui/use-element-width";
import type { ScheduleAccount } from "./account-of";
import { drawnBalances, partsOverTime, stepOf } from "./picture-points";
import { useScheduleChoice } from "./schedule-choice";
import type { SchedulePartProps } from "./ScheduleSummary";
import styles from "./Schedule.module.css";

const HEIGHT = 210;
const MARGIN = { top: 8, right: 12, bottom: 2, left: 0 };

interface SchedulePictureProps extends SchedulePartProps {
  /** The schedule without its changes; `null` where there are none. */
  readonly plain: ScheduleAccount | null;
}

/** The balance over time, and what each payment or year is made of; dragging over the first asks about a span. */
export function SchedulePicture(props: SchedulePictureProps) {
  const { account, plain, format } = props;
  const { schedule } = account;
  const [place, width] = useElementWidth();
  const isSaving = schedule.kind === "saving";
  const short = (money: number) => writeMoney(money, { ...format, decimals: 0 });
  const half = width < 760 ? width : (width - 24) / 2;
  const parts = useMemo(() => partsOverTime(account, plain), [account, plain]);
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
                  <Swatch of="heather" /> deposits and <Swatch of="gorse" /> interest, after each
                  payment
                </>
              ) : (
                "Balance after each payment"
              )}
              {plain !== null && "; dashed: without changes"}
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
              {stepOf(account, plain)}
              {plain !== null && "; paler: without changes"}
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
                  {...TOOLTIP}
                  cursor={{ fill: "var(--heather-soft)" }}
                  formatter={(amount, name) => [money(Number(amount)), name]}
                />
                {plain !== null && !isSaving && (
                  <Bar
                    dataKey="plainPrincipal"
                    name="principal without changes"
                    stackId="plain"
                    fill="var(--heather)"
                    fillOpacity={PALE}
                    isAnimationActive={false}
                  />
                )}
                {plain !== null && (
                  <Bar
                    dataKey="plainInterest"
                    name="interest without changes"
                    stackId="plain"
                    fill="var(--gorse)"
                    fillOpacity={PALE}
                    isAnimationActive={false}
                  />
                )}
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
  return parts.reduce(
    (largest, { interest = 0, principal = 0, plainInterest = 0, plainPrincipal = 0 }) =>
      Math.max(largest, interest + principal, plainInterest + plainPrincipal),
    0,
  );
}

function Swatch({ of: colour }: { readonly of: "heather" | "gorse" }) {
  return <span className={styles.swatch} data-colour={colour} aria-hidden />;
}

/** What stands for the schedule without its changes. */
const PALE = 0.35;

interface BalanceProps extends SchedulePictureProps {
  readonly width: number;
  readonly short: (money: number) => string;
}

function Balance({ account, plain, format, width, short }: BalanceProps) {
  const { schedule } = account;
  const [, change] = useScheduleChoice();
  const [drag, setDrag] = useState<readonly [number, number] | null>(null);
  const points = useMemo(() => drawnBalances(account, plain), [account, plain]);
  const isSaving = schedule.kind === "saving";
  const at = (label: unknown) => Math.max(1, Number(label));
  return (
    <div
      role="img"
      className={styles.draggable}
      aria-label={balanceInWords(schedule, (amount) => writeMoney(amount, format))}
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
          width={axisWidth(
            points.reduce((most, point) => Math.max(most, point.balance ?? 0, point.plain ?? 0), 0),
            short,
          )}
          tickFormatter={short}
          {...AXIS}
        />
        <Area
          dataKey={isSaving ? "paid" : "balance"}
          stackId="balance"
          stroke="var(--heather)"
          strokeWidth={2}
          fill="var(--heather-soft)"
          connectNulls
          isAnimationActive={false}
        />
        {isSaving && (
          <Area
            dataKey="grown"
            stackId="balance"
            stroke="var(--gorse)"
            strokeWidth={2}
            fill="var(--gorse-soft)"
            connectNulls
            isAnimationActive={false}
          />
        )}
        {plain !== null && (
          <Area
            dataKey="plain"
            stroke="var(--slate)"
            strokeWidth={1.5}
            strokeDasharray="6 4"
            fill="none"
            connectNulls
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

function balanceInWords(schedule: Schedule, money: (amount: number) => string): string {
  const { rows, kind, totalInterest } = schedule;
  const [first, last] = [rows[0], rows.at(-1)];
  if (first === undefined || last === undefined) return "No data";
  return kind === "saving"
    ? `Balance by payment: ${money(last.balance)} at the end, including ${money(totalInterest)} of interest.`
    : `Balance by payment: from ${money(first.opening)} to ${money(last.balance)}.`;
}

function partsInWords(
  parts: ReturnType<typeof partsOverTime>,
  money: (amount: number) => string,
  isSaving: boolean,
): string {
  const [first, last] = [parts[0], parts.at(-1)];
  if (first === undefined || last === undefined) return "No data";
  const words = ({ name, interest = 0, principal = 0 }: typeof first) =>
    `${name}: interest ${money(interest)}${isSaving ? "" : `, principal ${money(principal)}`}`;
  return `From ${words(first)} to ${words(last)}.`;
}
