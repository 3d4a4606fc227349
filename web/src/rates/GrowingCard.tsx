import { useAnswerFormat } from "../problem/answer/use-answer-format";
import {
  convertRate,
  formatExact,
  writeRate,
  formatYears,
  formatYearsMonthsDays,
  growingTime,
} from "@kestrelmoor/core";
import { growingTimeSteps } from "@kestrelmoor/core/teaching";
import { readingOf, valueOf, readMoney, readQuotedRate } from "@kestrelmoor/core/typing";
import { growingProblem } from "./as-problems";
import { DeskField } from "../desk/DeskField";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useDesk } from "../desk/desk";
import { Workings } from "./Workings";
import { Figures } from "../ui/Figures";
import styles from "./Rates.module.css";

/** How long until money has doubled, exactly and by the rules of thumb. */
export function GrowingCard() {
  const format = useAnswerFormat();
  const typed = useDesk(({ desk }) => desk.growing);
  const change = useDesk((state) => state.change);
  const rateReading = readingOf(readQuotedRate(typed.rate));
  const timesReading = readingOf(readMoney(typed.times));
  const rate = valueOf(rateReading);
  const times = valueOf(timesReading);
  const effective = rate === null ? null : convertRate(rate, { quoted: "effective" });
  const found =
    effective === null || times === null
      ? null
      : effective.ok
        ? growingTime(effective.value, times)
        : effective;
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="growing">
      <h2 id="growing">Doubling time</h2>
      <p className={styles.sentence}>
        At{" "}
        <DeskField
          field="growing-rate"
          name="Growth rate"
          text={typed.rate}
          hint="6%"
          reading={rateReading}
          onType={(text) => change("growing", { rate: text })}
        />{" "}
        , money grows to{" "}
        <DeskField
          field="growing-times"
          name="Multiple"
          text={typed.times}
          hint="2"
          reading={timesReading}
          onType={(text) => change("growing", { times: text })}
        />{" "}
        times itself in:
      </p>
      {found?.ok === false && (
        <p>
          <Issues issues={found.issues} />
        </p>
      )}
      {found?.ok === true && effective?.ok === true && rate !== null && times !== null && (
        <>
          <p className={styles.big}>
            {formatYears(found.value.years, format, 4)}{" "}
            <span className={styles.quiet}>
              {formatYearsMonthsDays(found.value.years, format)}, at{" "}
              {writeRate(effective.value, format)} effective
            </span>
          </p>
          {found.value.rules.length > 0 && (
            <Figures
              heads={["Rule of thumb", "Years", "Error"]}
              rows={found.value.rules.map(({ figure, years }) => ({
                key: figure,
                cells: [
                  `${formatExact(figure)} ÷ rate (%)`,
                  formatYears(years, format, 4),
                  formatYears(years - found.value.years, format, 4),
                ],
              }))}
            />
          )}
          <Workings>
            <PlainSteps isNarrow of="the time" steps={growingTimeSteps(effective.value, times)} />
          </Workings>
          <p>
            <OpenAsProblem draft={() => growingProblem(rate, typed.rate, times)} />
          </p>
        </>
      )}
    </section>
  );
}
