import { eachPeriod, frequencyWords } from "@kestrelmoor/core";
import type { Draft, FieldReading, StreamLine } from "@kestrelmoor/core/typing";
import { Explained } from "./explain/Explained";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

interface ChoiceProps {
  readonly line: StreamLine;
  readonly index: number;
}

function onStream(index: number, recipe: (stream: StreamLine) => void) {
  return (draft: Draft) => {
    const stream = draft.flows[index];
    if (stream?.kind === "stream") recipe(stream);
  };
}

/** "at the end of each month,": a click has it at the start. */
export function TimingButton({
  line: { timing },
  index,
  every,
}: ChoiceProps & { readonly every: FieldReading<string> }) {
  const { change } = useFieldEditing();
  const noun = every.state === "value" ? frequencyWords(every.value).noun : "period";
  const other = timing === "end" ? "start" : "end";
  return (
    <span className={styles.phrase}>
      at the
      <Explained term="timing">
        <button
          type="button"
          className={styles.direction}
          aria-label={`${annuity(timing)}: paid at the ${timing} of ${eachPeriod(noun)}. Switch to the ${other} (${annuity(other).toLowerCase()}).`}
          onClick={() => change(onStream(index, (stream) => (stream.timing = other)))}
        >
          {timing}
        </button>
      </Explained>
      of each {noun},
    </span>
  );
}

function annuity(timing: "end" | "start"): string {
  return timing === "end" ? "Ordinary annuity" : "Annuity due";
}

/** Whether a bare figure of growth is a percentage or an amount; words beside it say so themselves. */
export function GrowthByButton({ line: { growth }, index }: ChoiceProps) {
  const { change } = useFieldEditing();
  if (growth === null || !/\d$/.test(growth.figure.trim())) return null;
  const isPercent = growth.by === "percent";
  return (
    <button
      type="button"
      className={styles.direction}
      aria-label={
        isPercent
          ? "Grows by a percentage. Switch to a fixed amount."
          : "Grows by a fixed amount. Switch to a percentage."
      }
      onClick={() =>
        change(
          onStream(index, (stream) => {
            if (stream.growth !== null) stream.growth.by = isPercent ? "amount" : "percent";
          }),
        )
      }
    >
      {isPercent ? "%" : "in money"}
    </button>
  );
}
