import {
  formatYears,
  USUAL_FORMAT,
  writeMoney,
  writeRate,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { Dialog } from "../../ui/Dialog";
import { InkChoice } from "../../ui/InkChoice";
import { useDocument } from "../document/document-context";
import { useOwnWorkings, useWorkingsStyle } from "../views/workings/workings-choice";
import { WorkingsChoices } from "../views/workings/WorkingsChoices";
import { useAnswerFormat, useOwnFormat } from "./use-answer-format";
import { QuietButton } from "../../ui/Buttons";
import styles from "./FormatDialog.module.css";

const MARKS: readonly (readonly [AnswerFormat["marks"], string])[] = [
  ["comma-point", "1,234.56"],
  ["space-point", "1 234.56"],
  ["plain-point", "1234.56"],
  ["point-comma", "1.234,56"],
  ["space-comma", "1 234,56"],
  ["plain-comma", "1234,56"],
];

const ROUNDINGS: readonly (readonly [AnswerFormat["rounding"], string])[] = [
  ["half-up", "rounded half up"],
  ["half-even", "rounded half to even"],
  ["down", "truncated"],
  ["up", "rounded up"],
];

const DECIMALS = Array.from({ length: 9 }, (_, count) => [count, String(count)] as const);

/** How numbers and workings are written, as sentences with choices in them. */
export default function FormatDialog({ onClose }: { readonly onClose: () => void }) {
  const store = useDocument();
  const format = useAnswerFormat();
  const keep = useOwnFormat((state) => state.keep);
  const choice = useWorkingsStyle();
  const keepWorkings = useOwnWorkings((state) => state.keep);
  const set = (parts: Partial<AnswerFormat>) =>
    store.edit((draft) => {
      draft.answerFormat = { ...format, ...parts };
    });
  const clear = () =>
    store.edit((draft) => {
      draft.answerFormat = null;
      draft.workings = null;
    });
  return (
    <Dialog title="Number format and workings" isOpen onClose={onClose}>
      <p className={styles.example} aria-live="polite">
        {writeMoney(format.moneyOut === "minus" ? -12345.678 : 12345.678, format)}
        <span> and </span>
        {writeRate(4.125, format)}
        <span> and </span>
        {formatYears(20.58, format)}
      </p>
      <p className={styles.sentence}>
        Money with{" "}
        <InkChoice
          label="Decimals of money"
          value={format.decimals}
          options={DECIMALS}
          onChoose={(decimals) => set({ decimals })}
        />{" "}
        decimals,{" "}
        <InkChoice
          label="Rounding"
          value={format.rounding}
          options={ROUNDINGS}
          onChoose={(rounding) => set({ rounding })}
        />
      </p>
      <p className={styles.sentence}>
        Numbers like{" "}
        <InkChoice
          label="Thousands and decimal marks"
          value={format.marks}
          options={MARKS}
          onChoose={(marks) => set({ marks })}
        />{" "}
        with the currency sign{" "}
        <input
          className={`ink-field ${styles.sign ?? ""}`}
          aria-label="Currency sign, or none"
          placeholder="none"
          maxLength={4}
          value={format.sign}
          onChange={(event) => set({ sign: event.target.value })}
        />
      </p>
      <p className={styles.sentence}>
        Money out shown{" "}
        <InkChoice
          label="Money out"
          value={format.moneyOut}
          options={[
            ["words", "in words"],
            ["minus", "with a minus"],
          ]}
          onChoose={(moneyOut) => set({ moneyOut })}
        />
      </p>
      <p className={styles.sentence}>
        Rates{" "}
        <InkChoice
          label="Rates"
          value={format.rate}
          options={[
            ["percent", "as percentages"],
            ["decimal", "as decimals"],
          ]}
          onChoose={(rate) => set({ rate })}
        />{" "}
        with{" "}
        <InkChoice
          label="Zeros at the end"
          value={format.hasAllDecimals ? "all" : "most"}
          options={[
            ["most", "up to"],
            ["all", "exactly"],
          ]}
          onChoose={(zeros) => set({ hasAllDecimals: zeros === "all" })}
        />{" "}
        <InkChoice
          label="Decimals of rates"
          value={format.rateDecimals}
          options={DECIMALS}
          onChoose={(rateDecimals) => set({ rateDecimals })}
        />{" "}
        decimals, times in years with{" "}
        <InkChoice
          label="Decimals of times"
          value={format.timeDecimals}
          options={DECIMALS}
          onChoose={(timeDecimals) => set({ timeDecimals })}
        />
      </p>
      <p className={styles.sentence}>
        <WorkingsChoices verb="Workings:" />
      </p>
      <p className={styles.note}>
        This holds for this problem. Copied figures use the same format.
      </p>
      <div className={styles.actions}>
        <QuietButton
          onClick={() => {
            keep(format);
            keepWorkings(choice);
            clear();
          }}
        >
          Use for all my problems
        </QuietButton>
        <QuietButton onClick={() => set(USUAL_FORMAT)}>Reset to 1,234.56</QuietButton>
      </div>
    </Dialog>
  );
}
