import { useAnswerFormat } from "../problem/answer/use-answer-format";
import {
  COMPOUNDING_PERIODS,
  writeRate,
  frequencyWords,
  inAllQuotations,
  quotationWords,
  type Quotation,
  type Restated,
} from "@kestrelmoor/core";
import { conversionWorkings } from "@kestrelmoor/core/teaching";
import { quotationKey } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { CopyButton } from "../ui/CopyButton";
import { rateProblem } from "./as-problems";
import { Issues } from "../desk/Issues";
import { OpenAsProblem } from "../desk/OpenAsProblem";
import { PlainSteps } from "../problem/views/workings/PlainSteps";
import { useAsked } from "../desk/use-asked";
import { Figures } from "../ui/Figures";
import { Sideways } from "../ui/Sideways";
import styles from "./Rates.module.css";

/** Enough decimals that a rate is told from its neighbours, few enough to be read. */
const DECIMALS = 6;

/** One rate, said in every other way. */
export function RestatedCard() {
  const format = useAnswerFormat();
  const { typed, values, field, change } = useAsked("restated");
  const { workings } = typed;
  const { rate } = values;
  const years = values.over?.years ?? 0;
  // Over no time at all, any two rates agree.
  const over = years > 0 ? years : 1;
  const all = useMemo(() => (rate === null ? null : inAllQuotations(rate, over)), [rate, over]);
  const open = (key: string) => change({ workings: key === workings ? "" : key });
  const figure = (restated: Restated) =>
    rate !== null && <Figure {...{ restated, rate, workings, open }} />;
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="restated">
      <h2 id="restated">Equivalent rates</h2>
      <p className="sentence">
        The rate is {field("rate")}{" "}
        {rate !== null && (
          <span className={styles.quiet}>
            = {writeRate(rate.percent, format)} {quotationWords(rate)}.
          </span>
        )}
      </p>
      {all?.ok === false && (
        <p>
          <Issues issues={all.issues} />
        </p>
      )}
      {all?.ok === true && rate !== null && (
        <>
          <Sideways name="Rates by compounding" className={styles.scroll}>
            <Figures
              heads={["Compounded", "Nominal, a year", "Per period"]}
              rows={[
                ...COMPOUNDING_PERIODS.flatMap((period, index) => {
                  const { adverb, noun } = frequencyWords(period);
                  const [nominal, periodic] = [all.value.nominal[index], all.value.periodic[index]];
                  if (nominal === undefined || periodic === undefined) return [];
                  const isYearly = period === "P1Y";
                  return {
                    key: period,
                    cells: [
                      isYearly ? "yearly (effective)" : adverb,
                      figure(nominal),
                      !isYearly && (
                        <>
                          {figure(periodic)} <span className={styles.unit}>per {noun}</span>
                        </>
                      ),
                    ],
                  };
                }),
                { key: "continuously", cells: ["continuously", figure(all.value.continuous), ""] },
                ...all.value.others.map((other) => ({
                  key: other.quotation.quoted,
                  cells: [OTHERS[other.quotation.quoted] ?? "", figure(other), ""],
                })),
              ]}
            />
          </Sideways>
          <p className="sentence">
            Simple interest and bank discount agree with the others over {field("over")} alone.
          </p>
          <OpenWorkings
            {...{ rate, workings, over }}
            all={[
              ...[all.value.continuous, ...all.value.nominal, ...all.value.periodic],
              ...all.value.others,
            ]}
          />
          <p>
            <OpenAsProblem draft={() => rateProblem(rate, typed.rate)} />
          </p>
        </>
      )}
    </section>
  );
}

/** The rates that are not compounded by periods of interest. */
const OTHERS: Readonly<Partial<Record<Quotation["quoted"], string>>> = {
  simple: "simple interest",
  "bank-discount": "bank discount",
  "effective-discount": "effective discount",
};

interface FigureProps {
  readonly restated: Restated;
  readonly rate: Quotation;
  readonly workings: string;
  readonly open: (key: string) => void;
}

/** A restated rate; pressing it opens its workings. */
function Figure({ restated: { quotation, percent }, rate, workings, open }: FigureProps) {
  const format = useAnswerFormat();
  const key = quotationKey(quotation);
  const isOwn = key === quotationKey(rate);
  const text = writeRate(percent, format, DECIMALS);
  return (
    <button
      type="button"
      className={isOwn ? styles.ownFigure : styles.figure}
      aria-expanded={key === workings}
      aria-label={`${text} ${quotationWords(quotation)}: workings`}
      title="Show the workings"
      onClick={() => open(key)}
    >
      {text}
    </button>
  );
}

interface OpenWorkingsProps {
  readonly rate: Quotation & { readonly percent: number };
  readonly workings: string;
  /** The time over which rates that are not compounded agree with the others, in years. */
  readonly over: number;
  readonly all: readonly Restated[];
}

function OpenWorkings({ rate, workings, over, all }: OpenWorkingsProps) {
  const format = useAnswerFormat();
  const chosen = all.find(({ quotation }) => quotationKey(quotation) === workings);
  const steps = useMemo(
    () =>
      chosen === undefined ? null : conversionWorkings(rate, chosen.quotation, { years: over }),
    [rate, chosen, over],
  );
  if (chosen === undefined || steps === null) {
    return <p className={styles.quiet}>Select a rate to see the workings.</p>;
  }
  const text = writeRate(chosen.percent, format, 10);
  return (
    <div className={styles.workings}>
      <p>
        {text} {quotationWords(chosen.quotation)} <CopyButton text={text} what="the rate" />
      </p>
      <PlainSteps isNarrow of={quotationWords(chosen.quotation)} steps={steps} />
    </div>
  );
}
