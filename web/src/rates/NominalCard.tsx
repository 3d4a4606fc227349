import { nominalRate, writeRate } from "@kestrelmoor/core";
import { nominalRateSteps } from "@kestrelmoor/core/teaching";
import { useOwnFormat } from "../problem/answer/use-answer-format";
import { Issues } from "../desk/Issues";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useAsked } from "../desk/use-asked";
import { Workings } from "./Workings";
import styles from "./Rates.module.css";

/** The nominal rate that is needed for a real one. */
export function NominalCard() {
  const { values, field } = useAsked("nominal");
  const format = useOwnFormat((state) => state.own);
  const { real, inflation } = values;
  const found = real === null || inflation === null ? null : nominalRate(real, inflation);
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="nominal">
      <h2 id="nominal">Nominal rate for a real rate</h2>
      <p className="sentence">
        A real rate of {field("real")} a year, with inflation of {field("inflation")} a year, needs:
      </p>
      {found?.ok === false && (
        <p>
          <Issues issues={found.issues} />
        </p>
      )}
      {found?.ok === true && real !== null && inflation !== null && (
        <>
          <dl className={styles.facts}>
            <div>
              <dt>Nominal rate</dt>
              <dd>{`${writeRate(found.value, format, 6)} a year`}</dd>
            </div>
            <div>
              <dt>Rough estimate: real rate + inflation</dt>
              <dd>{writeRate(real + inflation, format)}</dd>
            </div>
          </dl>
          <Workings>
            <PlainSteps isNarrow of="the nominal rate" steps={nominalRateSteps(real, inflation)} />
          </Workings>
        </>
      )}
    </section>
  );
}
