import { writeRate, growthOfValues, spanWords, writeMoney, writeFigure } from "@kestrelmoor/core";
import { growthSteps } from "@kestrelmoor/core/teaching";
import { GROWTH_FIELDS, readProject } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useOwnFormat } from "../problem/answer/use-answer-format";
import { fieldId } from "../problem/lines/field-id";
import { TypedList } from "../problem/lines/TypedList";
import { growthProblem } from "./as-problems";
import { DeskField } from "../desk/DeskField";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useDesk } from "../desk/desk";
import { Workings } from "./Workings";
import { Figures } from "../ui/Figures";
import { Sideways } from "../ui/Sideways";
import styles from "./Rates.module.css";

/** More steps than these are not told one by one. */
const MOST_STEPS = 40;

/** Compound growth between values: two of them, a column of yearly ones, or some on dates. */
export function GrowthCard() {
  const typed = useDesk(({ desk }) => desk.growth);
  const change = useDesk((state) => state.change);
  const format = useOwnFormat((state) => state.own);
  const reading = useMemo(
    () => readProject({ every: typed.every, amounts: typed.values }),
    [typed],
  );
  const { flows } = reading;
  const values = useMemo(
    () => flows?.map(({ at, amount }) => ({ at, value: amount })) ?? null,
    [flows],
  );
  const found = useMemo(() => (values === null ? null : growthOfValues(values)), [values]);
  const [first, last] = [values?.[0], values?.at(-1)];
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="growth">
      <h2 id="growth">Average growth rate</h2>
      <div className="sentence">
        {reading.isDated ? (
          "Values on dates: "
        ) : (
          <span>
            One value every{" "}
            <DeskField
              id="growth-every"
              field={GROWTH_FIELDS.every}
              text={typed.every}
              reading={reading.every}
              onType={(every) => change("growth", { every })}
            />
            :{" "}
          </span>
        )}
        <TypedList
          id={fieldId("desk", "growth-values")}
          name={GROWTH_FIELDS.values.label}
          text={typed.values}
          hint={GROWTH_FIELDS.values.hint}
          term="amounts"
          takesTablesAs={reading.isDated ? "dated" : "amounts"}
          reading={reading.amounts}
          onType={(text) => change("growth", { values: text })}
          onLeave={() => undefined}
        />
      </div>
      {found?.ok === false && (
        <p>
          <Issues issues={found.issues} />
        </p>
      )}
      {found?.ok === true && values !== null && first !== undefined && last !== undefined && (
        <>
          <p className={styles.big}>
            {writeRate(found.value.percent, format)}{" "}
            <span className={styles.quiet}>
              a year, compounded, over {spanWords(found.value.years, format)}
            </span>
          </p>
          {values.length > 2 && (
            <>
              <p className={styles.quiet}>
                The arithmetic mean is {writeRate(found.value.meanPercent, format)}. It overstates
                growth when rates vary.
              </p>
              <Sideways name="Growth step by step" className={styles.scroll}>
                <Figures
                  heads={["From", "to", "in", "Growth a year"]}
                  rows={found.value.steps.slice(0, MOST_STEPS).flatMap((step, key) => {
                    const [from, to] = [values[key], values[key + 1]];
                    return from === undefined || to === undefined
                      ? []
                      : {
                          key,
                          cells: [
                            writeMoney(from.value, format),
                            writeMoney(to.value, format),
                            spanWords(to.at - from.at, format),
                            writeRate(step, format),
                          ],
                        };
                  })}
                />
              </Sideways>
              {found.value.steps.length > MOST_STEPS && (
                <p className={styles.quiet}>
                  and {writeFigure(found.value.steps.length - MOST_STEPS, format)} more steps, all
                  included.
                </p>
              )}
            </>
          )}
          <Workings>
            <PlainSteps
              isNarrow
              of="the compound annual growth rate"
              steps={growthSteps(first.value, last.value, found.value.years)}
            />
          </Workings>
          <p>
            <OpenAsProblem
              draft={() => growthProblem(first.value, last.value, found.value.years)}
            />
          </p>
        </>
      )}
    </section>
  );
}
