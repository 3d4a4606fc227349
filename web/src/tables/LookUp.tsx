import {
  writeRate,
  isOfPayments,
  lookUp,
  rateOfFactor,
  sentenceOf,
  writeFigure,
  writeMoney,
  type AnswerFormat,
  type FactorTable,
} from "@kestrelmoor/core";
import { readingOf, valueOf, readMoney } from "@kestrelmoor/core/typing";
import { DeskField } from "../desk/DeskField";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { useOwnFormat, useAnswerFormat } from "../problem/answer/use-answer-format";
import { factorProblem } from "./as-problem";
import type { TableReadings } from "./read-table";
import { useDesk } from "../desk/desk";
import styles from "./Tables.module.css";

interface LookUpProps {
  readonly table: FactorTable;
  readonly readings: TableReadings;
}

/** A factor looked up, times an amount, set against the exact one; and a rate read backwards. */
export function LookUp({ table, readings }: LookUpProps) {
  const desk = useDesk((state) => state.desk.table);
  const change = useDesk((state) => state.change);
  const format = useOwnFormat((state) => state.own);
  const amountReading = readingOf(readMoney(desk.amount));
  return (
    <div className={styles.lookUp}>
      <p className={styles.sentence}>
        {isOfPayments(desk.kind) ? "Payments of" : "An amount of"}{" "}
        <DeskField
          field="table-amount"
          name="Amount"
          text={desk.amount}
          hint="850"
          reading={amountReading}
          onType={(text) => change("table", { amount: text })}
        />{" "}
        at{" "}
        <DeskField
          field="table-rate"
          name="Periodic rate to look up"
          text={desk.rate}
          hint="7%"
          reading={readings.rate}
          onType={(text) => change("table", { rate: text })}
        />{" "}
        over{" "}
        <DeskField
          field="table-periods"
          name="Periods to look up"
          text={desk.periods}
          hint="12"
          reading={readings.periods}
          onType={(text) => change("table", { periods: text })}
        />{" "}
        periods:
      </p>
      <Found {...{ table, readings, format }} amount={valueOf(amountReading)} />
      <Backwards {...{ table, readings }} />
    </div>
  );
}

interface FoundProps extends LookUpProps {
  readonly amount: number | null;
  readonly format: AnswerFormat;
}

function Found({ table, readings, amount, format }: FoundProps) {
  const { decimals } = useDesk(({ desk }) => desk.table);
  const [percent, count] = [valueOf(readings.rate), valueOf(readings.periods)];
  if (percent === null || count === null) return null;
  const places = Number(decimals);
  const found = lookUp(table, percent, count, places);
  if (found === null) {
    return (
      <p className={styles.complaint} aria-live="polite">
        {writeRate(percent, format)} over {writeFigure(count, format)} periods: outside this table.
        Extend the rates or the periods.
      </p>
    );
  }
  const { printed, exact, isBetween, column } = found;
  const factor = (value: number) => writeMoney(value, { ...format, decimals: places, sign: "" });
  const money = (value: number) => writeMoney(value, format);
  // Of the amounts as they stand there, so that the three agree.
  const shown = (value: number) => Number(value.toFixed(format.decimals));
  const [low = 0, high = 0] = [table.percents[column], table.percents[column + 1]];
  return (
    <div aria-live="polite">
      {isBetween && (
        <p className={styles.quiet}>
          {writeRate(percent, format)} lies between the columns of {writeRate(low, format)} and{" "}
          {writeRate(high, format)}: use linear interpolation.
        </p>
      )}
      <dl className={styles.facts}>
        <div>
          <dt>From the table</dt>
          <dd>
            {amount === null
              ? factor(printed)
              : `${money(amount)} × ${factor(printed)} = ${money(amount * printed)}`}
          </dd>
        </div>
        <div>
          <dt>Exact</dt>
          <dd>
            {amount === null
              ? writeFigure(exact, format, 10)
              : `${money(amount)} × ${writeFigure(exact, format, 10)} = ${money(amount * exact)}`}
          </dd>
        </div>
        {amount !== null && (
          <div>
            <dt>
              {isBetween ? "Difference (interpolation and rounding)" : "Difference (rounding)"}
            </dt>
            <dd>{money(shown(amount * printed) - shown(amount * exact))}</dd>
          </div>
        )}
      </dl>
      {amount !== null && (
        <OpenAsProblem draft={() => factorProblem(table.terms, amount, percent, count, format)} />
      )}
    </div>
  );
}

/** Which rate a factor belongs to: how courses find a rate from a table. */
function Backwards({ table, readings }: LookUpProps) {
  const format = useAnswerFormat();
  const desk = useDesk((state) => state.desk.table);
  const change = useDesk((state) => state.change);
  const reading = readingOf(readMoney(desk.factor));
  const [factor, count] = [valueOf(reading), valueOf(readings.periods)];
  const row = count === null ? -1 : table.periods.indexOf(count);
  const found =
    factor === null || row < 0 ? null : rateOfFactor(table, row, factor, Number(desk.decimals));
  const [low = 0, high = 0] =
    found === null ? [] : [table.percents[found.column], table.percents[found.column + 1]];
  const isTyped = desk.factor.trim() !== "";
  return (
    <p className={styles.sentence}>
      Which rate gives a factor of{" "}
      <DeskField
        field="table-factor"
        name="Factor to look up"
        text={desk.factor}
        hint="8.2"
        reading={isTyped ? reading : { state: "value", value: null }}
        onType={(text) => change("table", { factor: text })}
      />{" "}
      <span aria-live="polite">
        {!isTyped
          ? "in that row?"
          : reading.state === "issue"
            ? sentenceOf(reading.issue, format)
            : found === null
              ? "in that row? It is outside the columns: extend the rates or choose another row."
              : `in that row? Between ${writeRate(low, format)} and ${writeRate(high, format)}; linear interpolation gives ${writeRate(found.percent, format)}${found.exactPercent === null ? "" : `, exact: ${writeRate(found.exactPercent, format, 6)}`}.`}
      </span>
    </p>
  );
}
