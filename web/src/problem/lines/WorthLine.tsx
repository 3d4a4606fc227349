import { useShownState } from "../answer/covered";
import { useAnswerFormat } from "../answer/use-answer-format";
import { writeMoney } from "@kestrelmoor/core";
import { fieldsOfAsk, readingsOfAsk } from "@kestrelmoor/core/typing";
import { useDocumentState } from "../document/document-context";
import { beforeTime } from "./flow-sentences";
import { LineField } from "./LineField";
import { LineFrame } from "./LineFrame";
import { useFieldEditing } from "./use-line-editing";
import typed from "./TypedField.module.css";
import styles from "./Lines.module.css";

/** The question for the worth of everything at one date. */
export function WorthLine({ at }: { readonly at: string }) {
  const format = useAnswerFormat();
  const reading = useDocumentState((state) => state.outcome.reading.ask);
  const value = useShownState(({ outcome: { solved } }) =>
    solved?.unknown.kind === "value" ? solved.answers[0].value : null,
  );
  const { change } = useFieldEditing();
  if (reading === null) return null;
  const [field] = fieldsOfAsk({ ask: { kind: "worth", at } });
  const [came] = readingsOfAsk(reading);
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
      {beforeTime(reading)}
      {field !== undefined && came !== undefined && (
        <LineField field={field} came={came} solution={null} />
      )}
    </LineFrame>
  );
}
