import { writeMoney, type Schedule } from "@kestrelmoor/core";
import { Area, Bar, ReferenceArea } from "recharts";
import { useDeferredValue, useMemo, useState } from "react";
import { moneyAxis } from "../../../charts/axes";
import { Plot } from "../../../charts/Plot";
import { roundTicks, wholeTicksWithin } from "../../../charts/round-ticks";
import type { ScheduleAccount } from "./account-of";
import { drawnBalances, partsOverTime, stepOf } from "./picture-points";
import { useScheduleChoice } from "./schedule-choice";
import type { SchedulePartProps } from "./ScheduleSummary";
import styles from "./Schedule.module.css";

const HEIGHT = 210;

interface SchedulePictureProps extends SchedulePartProps {
  /** The schedule without its changes; `null` where there are none. */
  readonly plain: ScheduleAccount | null;
}

/** The balance over time, and what each payment or year is made of; dragging over the first asks about a span. */
export function SchedulePicture(props: SchedulePictureProps) {
  // The figures and the rows come first; charts are costly to draw.
  const isTheirTurn = useDeferredValue(true, false);
  return (
    <div className={styles.pictures}>
      {isTheirTurn && (
        <>
          <Balance {...props} />
          <Parts {...props} />
        </>
      )}
    </div>
  );
}

/** Interest and principal of each payment or year. */
function Parts({ account, plain, format }: SchedulePictureProps) {
  const isSaving = account.schedule.kind === "saving";
  const parts = useMemo(() => partsOverTime(account, plain), [account, plain]);
  const money = (amount: number) => writeMoney(amount, format);
  const paid = { stackId: "paid", isAnimationActive: false };
  const before = { stackId: "plain", fillOpacity: PALE, isAnimationActive: false };
  return (
    <Plot
      caption={
        <>
          <Swatch of="gorse" /> interest
          {!isSaving && (
            <>
              {" "}
              and <Swatch of="heather" /> principal
            </>
          )}{" "}
          {stepOf(account, plain)}
          {plain !== null && "; paler: without changes"}
        </>
      }
      words={partsInWords(parts, money, isSaving)}
      height={HEIGHT}
      points={parts}
      across={{ dataKey: "name" }}
      up={moneyAxis(roundTicks(0, largestOf(parts)), format)}
      told={{ value: money }}
    >
      {plain !== null && !isSaving && (
        <Bar
          dataKey="plainPrincipal"
          name="principal without changes"
          fill="var(--heather)"
          {...before}
        />
      )}
      {plain !== null && (
        <Bar
          dataKey="plainInterest"
          name="interest without changes"
          fill="var(--gorse)"
          {...before}
        />
      )}
      {!isSaving && <Bar dataKey="principal" fill="var(--heather)" {...paid} />}
      <Bar dataKey="interest" fill="var(--gorse)" {...paid} />
    </Plot>
  );
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

/** The balance after each payment; dragging over it asks about a span of payments. */
function Balance({ account, plain, format }: SchedulePictureProps) {
  const { schedule } = account;
  const [, change] = useScheduleChoice();
  const [drag, setDrag] = useState<readonly [number, number] | null>(null);
  const points = useMemo(() => drawnBalances(account, plain), [account, plain]);
  const isSaving = schedule.kind === "saving";
  const balances = points.flatMap((point) => [point.balance ?? 0, point.plain ?? 0]);
  const last = points.at(-1)?.payment ?? 1;
  return (
    <Plot
      caption={
        <>
          {isSaving ? (
            <>
              <Swatch of="heather" /> deposits and <Swatch of="gorse" /> interest, after each
              payment
            </>
          ) : (
            "Balance after each payment"
          )}
          {plain !== null && "; dashed: without changes"}
        </>
      }
      words={balanceInWords(schedule, (amount) => writeMoney(amount, format))}
      height={HEIGHT}
      points={points}
      across={{ dataKey: "payment", ends: [0, last], ticks: wholeTicksWithin(0, last) }}
      up={moneyAxis(roundTicks(Math.min(0, ...balances), Math.max(0, ...balances)), format)}
      pointer={{
        down: (payment) => {
          if (payment !== null) setDrag([Math.max(1, payment), Math.max(1, payment)]);
        },
        move: (payment) => {
          if (drag !== null && payment !== null) setDrag([drag[0], Math.max(1, payment)]);
        },
        up: () => {
          if (drag !== null && drag[0] !== drag[1]) {
            const [from, to] = [Math.min(...drag), Math.max(...drag)];
            change({ spanFrom: String(from), spanTo: String(to) });
          }
          setDrag(null);
        },
      }}
    >
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
    </Plot>
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
