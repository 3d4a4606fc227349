import { buyingPower, writeRate, spanWords, writeMoney } from "@kestrelmoor/core";
import { realRateSteps } from "@kestrelmoor/core/teaching";
import { useOwnFormat } from "../problem/answer/use-answer-format";
import { buyingPowerProblem } from "./as-problems";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useAsked } from "../desk/use-asked";
import { Workings } from "./Workings";
import styles from "./Rates.module.css";

/** A rate after inflation, and what money at it will buy. */
export function RealCard() {
  const { typed, values, field } = useAsked("real");
  const format = useOwnFormat((state) => state.own);
  const { rate, inflation, amount } = values;
  const years = values.years?.years ?? null;
  const found =
    rate === null || inflation === null || amount === null || years === null
      ? null
      : buyingPower(amount, rate, inflation, years);
  const money = (one: number) => writeMoney(one, format);
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="real">
      <h2 id="real">After inflation</h2>
      <p className="sentence">
        Nominal rate {field("rate")} a year, inflation {field("inflation")} a year. Invest{" "}
        {field("amount")} for {field("years")}:
      </p>
      {found?.ok === false && (
        <p>
          <Issues issues={found.issues} />
        </p>
      )}
      {found?.ok === true && rate !== null && inflation !== null && years !== null && (
        <>
          <dl className={styles.facts}>
            <Fact
              name="Real rate"
              figure={`${writeRate(found.value.realPercent, format, 6)} a year`}
            />
            <Fact
              name="Rough estimate: rate − inflation"
              figure={writeRate(found.value.differencePercent, format)}
            />
            <Fact
              name={`Value after ${spanWords(years, format)}`}
              figure={money(found.value.grown)}
            />
            <Fact name="Value in today's money" figure={money(found.value.inTodaysPrices)} />
            <Fact
              name={`Price then of what costs ${typed.amount.trim()} today`}
              figure={money(found.value.priceThen)}
            />
          </dl>
          <Workings>
            <PlainSteps isNarrow of="the real rate" steps={realRateSteps(rate, inflation)} />
          </Workings>
          <p>
            <OpenAsProblem
              draft={() => buyingPowerProblem(typed.amount, found.value.realPercent, typed.years)}
            />
          </p>
        </>
      )}
    </section>
  );
}

function Fact({ name, figure }: { readonly name: string; readonly figure: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{figure}</dd>
    </div>
  );
}
