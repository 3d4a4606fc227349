import { useAnswerFormat } from "../answer/use-answer-format";
import { writeMoney } from "@kestrelmoor/core";
import { useDocumentState } from "../document/document-context";
import { yearsTyped } from "../timeline/sketch-types";
import { fieldId } from "./field-id";
import { LineFrame } from "./LineFrame";
import { nudgedTime } from "./nudge";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";
import typed from "./TypedField.module.css";
import styles from "./Lines.module.css";

/** The question for the worth of everything at one date. */
export function WorthLine({ at }: { readonly at: string }) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.ask);
  const value = useDocumentState(({ outcome: { result } }) =>
    result?.ok === true && result.value.unknown.kind === "value"
      ? result.value.answers[0].value
      : null,
  );
  const { type, leave, change } = useFieldEditing();
  if (reading === null) return null;
  const isToday = yearsTyped(reading) === 0;
  const isWaiting = reading.state === "value" && "endOf" in reading.value;
  return (
    <LineFrame
      mark="worth"
      name="the question"
      hint="money in is positive, money out negative"
      onRemove={() =>
        change((draft) => {
          draft.ask = null;
        })
      }
    >
      The net value is <span className={styles.worthLozenge}>?</span>
      {value !== null && <span className={typed.found}>{writeMoney(value, format)}</span>}
      {isToday || isWaiting ? "" : "after"}
      <TypedField
        id={fieldId("ask", "at")}
        name="Focal date"
        text={at}
        hint="time"
        term="worth"
        onNudge={(nudge) => nudgedTime(reading, nudge)}
        reading={reading}
        isEmphasised
        onType={(text) =>
          type("ask-at", (draft) => {
            if (draft.ask?.kind === "worth") draft.ask.at = text;
          })
        }
        onLeave={leave}
      />
    </LineFrame>
  );
}
