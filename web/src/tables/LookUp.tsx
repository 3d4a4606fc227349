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
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { useOwnFormat, useAnswerFormat } from "../problem/answer/use-answer-format";
import { factorProblem } from "./as-problem";
import type { Asked } from "../desk/use-asked";
import styles from "./Tables.module.css";

interface LookUpProps {
  readonly table: FactorTable;
  readonly asked: Asked<"table">;
}

/** A factor looked up, times an amount, set against the exact one; and a rate read backwards. */
export function LookUp({ table, asked }: LookUpProps) {
  const { typed, field } = asked;
  const format = useOwnFormat((state) => state.own);
  return (
    <div className={styles.lookUp}>
      <p className="sentence">
        {isOfPayments(typed.kind) ? "Payments of" : "An amount of"} {field("amount")} at{" "}
        {field("rate")} over {field("periods")} periods:
      </p>
      <Found {...{ table, asked, format }} />
      <Backwards {...{ table, asked }} />
    </div>
  );
}

interface FoundProps extends LookUpProps {
  readonly format: AnswerFormat;
}

function Found({ table, asked, format }: FoundProps) {
  const { typed, values } = asked;
  const { rate: percent, periods: count, amount } = values;
  if (percent === null || count === null) return null;
  const places = Number(typed.decimals);
  const found = lookUp(table, percent, count, places);
  if (found === null) {
    return (
      <p className="complaint" aria-live="polite">
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
        <p className="quiet">
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
function Backwards({ table, asked }: LookUpProps) {
  const format = useAnswerFormat();
  const { typed, readings, values, field } = asked;
  const { factor, periods: count } = values;
  const row = count === null ? -1 : table.periods.indexOf(count);
  const found =
    factor === null || row < 0 ? null : rateOfFactor(table, row, factor, Number(typed.decimals));
  const [low = 0, high = 0] =
    found === null ? [] : [table.percents[found.column], table.percents[found.column + 1]];
  return (
    <p className="sentence">
      Which rate gives a factor of {field("factor")}{" "}
      <span aria-live="polite">
        {typed.factor.trim() === ""
          ? "in that row?"
          : readings.factor.state === "issue"
            ? sentenceOf(readings.factor.issue, format)
            : found === null
              ? "in that row? It is outside the columns: extend the rates or choose another row."
              : `in that row? Between ${writeRate(low, format)} and ${writeRate(high, format)}; linear interpolation gives ${writeRate(found.percent, format)}${found.exactPercent === null ? "" : `, exact: ${writeRate(found.exactPercent, format, 6)}`}.`}
      </span>
    </p>
  );
}
