import { useAnswerFormat } from "../../answer/use-answer-format";
import {
  firstReaching,
  halfRepaid,
  owedAt,
  sentenceWhereKnown,
  spanTotals,
  writeMoney,
  type Issue,
  writeFigure,
} from "@kestrelmoor/core";
import { readMoney, readTimeAmongPayments, type PaymentTimes } from "@kestrelmoor/core/typing";
import { useMemo, type ReactNode } from "react";
import { afterWords } from "./after-words";
import { useTimesSaid } from "../../document/use-times-said";
import { paymentTimesOf } from "./payment-times";
import { useScheduleChoice } from "./schedule-choice";
import { scheduleWords } from "@kestrelmoor/core/teaching";
import type { SchedulePartProps } from "./ScheduleSummary";
import { spanIn } from "./span-in";
import styles from "./Schedule.module.css";

type Typed = "spanFrom" | "spanTo" | "below" | "paidOff";

/** Questions about a span, a balance and a day, each answered as it is typed. */
export function AskSchedule({ account, firstDate, format }: SchedulePartProps) {
  const said = useTimesSaid();
  const payments = paymentTimesOf(account, firstDate, said);
  const [choice, change] = useScheduleChoice();
  const { schedule } = account;
  const { kind } = schedule;
  const words = scheduleWords(schedule);
  const money = (amount: number) => writeMoney(amount, format);
  const field = (name: Typed, label: string, placeholder: string) => (
    <Field
      label={label}
      placeholder={placeholder}
      typed={choice[name]}
      onType={(text) => change({ [name]: text })}
    />
  );
  const count = schedule.rows.length;
  const usual = { from: 1, to: Math.min(count, Math.max(1, Math.round(account.frequency))) };
  const span = spanIn(choice.spanFrom, choice.spanTo, usual, count, format);
  const totals = span.ok ? spanTotals(schedule, span.from, span.to) : null;
  const half = useMemo(() => halfRepaid(schedule), [schedule]);
  return (
    <ul className={styles.asked}>
      <li>
        From payment {field("spanFrom", "First payment of the period", String(usual.from))} to{" "}
        {field("spanTo", "Last payment of the period", String(usual.to))}:{" "}
        <Answer>
          {totals === null || !span.ok ? (
            <Complaint>{span.ok ? "" : span.sentence}</Complaint>
          ) : (
            <>
              interest <strong>{money(totals.interest)}</strong>
              {kind === "repaying" && (
                <>
                  , principal <strong>{money(totals.principal)}</strong>
                </>
              )}
              , {words.paid.toLowerCase()} <strong>{money(totals.paid)}</strong>
            </>
          )}
        </Answer>
      </li>
      <li>
        The balance first {kind === "repaying" ? "falls below" : "reaches"}{" "}
        {field("below", "A balance", kind === "repaying" ? "10,000" : "5,000")}:{" "}
        <Answer>
          {choice.below.trim() !== "" && <BalanceReached {...{ account, typed: choice.below }} />}
        </Answer>
      </li>
      <li>
        {schedule.isOwed ? "Payoff" : "Balance withdrawn"} after{" "}
        {field("paidOff", "Payoff time", "2 years 10 days")}:{" "}
        <Answer>
          {choice.paidOff.trim() !== "" && (
            <PaidOff {...{ account, typed: choice.paidOff, money }} payments={payments} />
          )}
        </Answer>
      </li>
      {half !== null && (
        <li>
          Half {schedule.isOwed ? "the principal is repaid" : "the balance is withdrawn"} by payment{" "}
          {writeFigure(half.payment, format)}, {afterWords(half.time, format)}.
        </li>
      )}
    </ul>
  );
}

interface FieldProps {
  readonly label: string;
  readonly placeholder: string;
  readonly typed: string;
  readonly onType: (typed: string) => void;
}

function Field({ label, placeholder, typed, onType }: FieldProps) {
  return (
    <input
      className="ink-field"
      aria-label={label}
      placeholder={placeholder}
      size={Math.max(placeholder.length, typed.length, 4)}
      maxLength={40}
      value={typed}
      onChange={({ target }) => onType(target.value)}
    />
  );
}

function Answer({ children }: { readonly children: ReactNode }) {
  return <span aria-live="polite">{children}</span>;
}

function Complaint({ children }: { readonly children: ReactNode }) {
  return <span className="complaint">{children}</span>;
}

function Issues({ issues }: { readonly issues: readonly Issue[] }) {
  const format = useAnswerFormat();
  return (
    <Complaint>{issues.map((issue) => sentenceWhereKnown(issue, format)).join(" ")}</Complaint>
  );
}

interface TypedProps {
  readonly account: SchedulePartProps["account"];
  readonly typed: string;
}

function BalanceReached({ account, typed }: TypedProps) {
  const format = useAnswerFormat();
  const amount = readMoney(typed);
  if (!amount.ok) return <Issues issues={amount.issues} />;
  const row = firstReaching(account.schedule, amount.value);
  return row === null ? (
    <Complaint>never reached.</Complaint>
  ) : (
    <>
      at payment <strong>{writeFigure(row.payment, format)}</strong>, {afterWords(row.time, format)}
    </>
  );
}

function PaidOff({
  account,
  typed,
  payments,
  money,
}: TypedProps & {
  readonly payments: PaymentTimes;
  readonly money: (amount: number) => string;
}) {
  const time = readTimeAmongPayments(typed, payments);
  if (!time.ok) return <Issues issues={time.issues} />;
  const owed = owedAt(account.run, time.value);

  if (owed === null) return <Complaint>no balance at that time.</Complaint>;
  return (
    <>
      <strong>{money(owed.amount)}</strong>
      {owed.interest === 0 ? "" : `, including ${money(owed.interest)} of accrued interest`}
    </>
  );
}
