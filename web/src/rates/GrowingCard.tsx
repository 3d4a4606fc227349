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
import { growingProblem } from "./as-problems";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useAsked } from "../desk/use-asked";
import { Workings } from "./Workings";
import { Figures } from "../ui/Figures";
import styles from "./Rates.module.css";

/** How long until money has doubled, exactly and by the rules of thumb. */
export function GrowingCard() {
  const format = useAnswerFormat();
  const { typed, values, field } = useAsked("growing");
  const { rate, times } = values;
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
      <p className="sentence">
        At {field("rate")}, money grows to {field("times")} times itself in:
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
