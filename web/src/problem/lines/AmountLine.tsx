import { memo } from "react";
import {
  formatMoney,
  formatYears,
  removeFlow,
  settledSingle,
  turnRound,
  type SingleLine,
} from "@kestrelmoor/core";
import { Tooltip } from "antd";
import { useDocumentState } from "../document/document-context";
import { fieldId } from "./field-id";
import { amountHint, timeHint, timeOf } from "./line-hints";
import { LineFrame } from "./LineFrame";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

/** One amount at one time, as a sentence. */
export const AmountLine = memo(function AmountLine({
  line,
  index,
}: {
  readonly line: SingleLine;
  readonly index: number;
}) {
  const reading = useDocumentState((state) => state.outcome.reading.flows[index]);
  const rates = useDocumentState((state) => state.outcome.reading.rates);
  const settled = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true ? settledSingle(result.value, index) : null,
  );
  const { type, leave, makeUnknown, change } = useFieldEditing();
  if (reading?.kind !== "single") return null;
  const { id, direction } = line;
  const write = (key: "amount" | "at" | "label", text: string) =>
    type(`${id}-${key}`, (draft) => {
      const own = draft.flows[index];
      if (own?.kind === "single") own[key] = text;
    });
  const other = direction === "in" ? "out" : "in";
  const years = timeOf(reading.at, settled?.at ?? null);
  const isToday = reading.at.state === "value" && reading.at.value.years === 0;
  const hints = [amountHint(line.amount, reading), years === null ? null : timeHint(years, rates)];
  return (
    <LineFrame
      mark={direction}
      name={`Money ${direction}${line.label === "" ? "" : `, ${line.label}`}`}
      hint={hints.filter((hint) => hint !== null).join(" · ")}
      note={
        <input
          className={styles.note}
          aria-label="Note for this amount"
          placeholder="add a note"
          maxLength={120}
          value={line.label}
          onChange={(event) => write("label", event.target.value)}
          onBlur={leave}
        />
      }
      onRemove={() => change((draft) => removeFlow(draft, id))}
    >
      Money
      <Tooltip title="Turn it round" mouseEnterDelay={0.4}>
        <button
          type="button"
          className={`${styles.direction ?? ""} ${(direction === "in" ? styles.in : styles.out) ?? ""}`}
          aria-label={`Money ${direction}. Turn it round to money ${other}.`}
          onClick={() => change((draft) => turnRound(draft, id))}
        >
          {direction}
        </button>
      </Tooltip>
      <TypedField
        id={fieldId(id, "amount")}
        name={`Amount of money ${direction}`}
        text={line.amount}
        hint="amount"
        reading={reading.amount}
        found={settled === null ? null : formatMoney(Math.abs(settled.amount))}
        isEmphasised
        onType={(text) => write("amount", text)}
        onUnknown={() => makeUnknown(["flows", index, "amount"])}
        onLeave={leave}
      />
      {isToday ? "once," : "once, after"}
      <TypedField
        id={fieldId(id, "at")}
        name="When"
        text={line.at}
        hint="time"
        reading={reading.at}
        found={settled === null ? null : formatYears(settled.at)}
        isEmphasised
        onType={(text) => write("at", text)}
        onUnknown={() => makeUnknown(["flows", index, "at"])}
        onLeave={leave}
      />
    </LineFrame>
  );
});
