import { buyingPower, convertRate, formatPercent, spanWords, writeMoney } from "@kestrelmoor/core";
import { realRateSteps } from "@kestrelmoor/core/teaching";
import { readMoney, readQuotedRate, readTime } from "@kestrelmoor/core/typing";
import { useOwnFormat } from "../problem/answer/use-answer-format";
import { buyingPowerProblem } from "./as-problems";
import { DeskField } from "../desk/DeskField";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useRatesDesk } from "./rates-desk";
import { readingOf, valueOf } from "../desk/read-desk";
import { Workings } from "./Workings";
import styles from "./Rates.module.css";

/** A rate after inflation, and what money at it will buy. */
export function RealCard() {
  const typed = useRatesDesk(({ desk }) => desk.real);
  const change = useRatesDesk((state) => state.change);
  const format = useOwnFormat((state) => state.format);
  const yearly = (text: string) => {
    const rate = readQuotedRate(text);
    return readingOf(rate.ok ? convertRate(rate.value, { quoted: "effective" }) : rate);
  };
  const readings = {
    rate: yearly(typed.rate),
    inflation: yearly(typed.inflation),
    amount: readingOf(readMoney(typed.amount)),
    years: readingOf(readTime(typed.years)),
  };
  const [rate, inflation, amount] = [
    valueOf(readings.rate),
    valueOf(readings.inflation),
    valueOf(readings.amount),
  ];
  const years = valueOf(readings.years)?.years ?? null;
  const found =
    rate === null || inflation === null || amount === null || years === null
      ? null
      : buyingPower(amount, rate, inflation, years);
  const field = (name: keyof typeof readings, label: string, hint: string) => (
    <DeskField
      field={`real-${name}`}
      name={label}
      text={typed[name]}
      hint={hint}
      reading={readings[name]}
      onType={(text) => change("real", { [name]: text })}
    />
  );
  const money = (one: number) => writeMoney(one, format);
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="real">
      <h2 id="real">After inflation</h2>
      <p className={styles.sentence}>
        Money earns {field("rate", "Rate that money earns", "6.2%")} a year while prices rise by{" "}
        {field("inflation", "Inflation", "2.5%")} a year. Of{" "}
        {field("amount", "An amount today", "10,000")} put in today, after{" "}
        {field("years", "For how long", "8 years")}:
      </p>
      {found?.ok === false && (
        <p>
          <Issues issues={found.issues} />
        </p>
      )}
      {found?.ok === true && rate !== null && inflation !== null && years !== null && (
        <>
          <dl className={styles.facts}>
            <Fact name="Real rate" figure={`${formatPercent(found.value.realPercent, 6)} a year`} />
            <Fact
              name="The two rates' difference, for a first guess"
              figure={formatPercent(found.value.differencePercent)}
            />
            <Fact name={`There after ${spanWords(years)}`} figure={money(found.value.grown)} />
            <Fact
              name="What it buys, in today's prices"
              figure={money(found.value.inTodaysPrices)}
            />
            <Fact
              name={`What ${typed.amount.trim()} buys today costs then`}
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
