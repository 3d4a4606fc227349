import { convertRate, quotationWords, writeRate, type AnswerFormat } from "@kestrelmoor/core";
import type { ToldReading } from "@kestrelmoor/core/question";
import { quotationKey } from "@kestrelmoor/core/typing";
import { useNavigate } from "react-router";
import { useDesk } from "../../desk/desk";
import { WordButton } from "../../ui/Buttons";
import { useAnswerFormat } from "../answer/use-answer-format";
import styles from "./Question.module.css";

type QuotedRate = NonNullable<ToldReading["from"]>;

/** Enough that rates which are nearly the same are told apart. */
const DECIMALS = 6;

interface RateConvertedProps {
  readonly from: QuotedRate;
  readonly to: NonNullable<ToldReading["to"]>;
}

/** A rate that is to be restated, with its answer; the page of rates has the workings. */
export function RateConverted({ from, to }: RateConvertedProps) {
  const format = useAnswerFormat();
  const open = useRatesPage();
  const converted = convertRate(from, to);
  const text = rateText(from, format);
  return (
    <>
      <p>A rate to convert: {text}.</p>
      {converted.ok && (
        <p className={styles.answers}>
          It is {writeRate(converted.value, format, DECIMALS)} {quotationWords(to)}.
        </p>
      )}
      <p>
        <WordButton
          onClick={() => open("restated", { rate: typedRate(from), workings: placeOf(to) })}
        >
          Show the workings in Rates
        </WordButton>
      </p>
    </>
  );
}

interface RatesComparedProps {
  readonly rates: readonly QuotedRate[];
  readonly want: ToldReading["want"];
}

/** Rates to choose among, by the one thing that can be compared: their effective rates. */
export function RatesCompared({ rates, want }: RatesComparedProps) {
  const format = useAnswerFormat();
  const open = useRatesPage();
  const read = rates.map((rate) => {
    const effective = convertRate(rate, { quoted: "effective" });
    return { rate, effective: effective.ok ? effective.value : null };
  });
  const known = read.flatMap(({ effective }) => (effective === null ? [] : [effective]));
  const best = want === "lowest" ? Math.min(...known) : Math.max(...known);
  const offers = rates.map((rate, index) => ({
    id: `offer${index + 1}`,
    name: "",
    rate: typedRate(rate),
    crediting: "whole-periods" as const,
  }));
  return (
    <>
      <p>
        Rates to compare. The {want === "lowest" ? "lowest" : "highest"} effective annual rate is
        the best:
      </p>
      <ul className={styles.flows}>
        {read.map(({ rate, effective }, index) => (
          <li key={index} className={effective === best ? styles.best : undefined}>
            {rateText(rate, format)}
            {effective !== null && `: ${writeRate(effective, format, DECIMALS)} effective`}
            {effective === best && `, the ${want === "lowest" ? "lowest" : "highest"}`}
          </li>
        ))}
      </ul>
      <p>
        <WordButton onClick={() => open("deposits", { offers })}>Compare them in Rates</WordButton>
      </p>
    </>
  );
}

/** Where the page of rates has it: an effective rate stands there as one that is compounded yearly. */
function placeOf(to: RateConvertedProps["to"]): string {
  return quotationKey(to.quoted === "effective" ? { quoted: "nominal", compounding: "P1Y" } : to);
}

function rateText(rate: QuotedRate, format: AnswerFormat): string {
  return `${writeRate(rate.percent, format)} ${quotationWords(rate)}`;
}

/** As somebody would type it on the page of rates. */
function typedRate(rate: QuotedRate): string {
  return `${rate.percent}% ${quotationWords(rate)}`;
}

/** Goes to the page of rates with a question of it filled in. */
function useRatesPage() {
  const change = useDesk((state) => state.change);
  const navigate = useNavigate();
  return (...filled: Parameters<typeof change>) => {
    change(...filled);
    void navigate("/rates");
  };
}
