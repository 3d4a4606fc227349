import { calendarDateWords, dayCountWords } from "@kestrelmoor/core";
import { valueOf } from "@kestrelmoor/core/typing";
import { useDocumentState } from "../document/document-context";
import { fieldId } from "./field-id";
import { LineFrame } from "./LineFrame";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";

/** The date of today, from which the other dates of the problem are counted. */
export function TodayLine({ text }: { readonly text: string }) {
  const reading = useDocumentState((state) => state.outcome.reading.today);
  const dayCount = useDocumentState((state) => state.draft.conventions.dayCount);
  const { type, leave, change } = useFieldEditing();
  if (reading === null) return null;
  const date = valueOf(reading);
  return (
    <LineFrame
      mark="date"
      name="the date of today"
      hint={
        date === null ? "" : `${calendarDateWords(date)} · days counted: ${dayCountWords(dayCount)}`
      }
      onRemove={() =>
        change((draft) => {
          draft.today = null;
        })
      }
    >
      Today is
      <TypedField
        id={fieldId("today", "date")}
        name="The date of today"
        text={text}
        hint="20 Sep 2027"
        reading={reading}
        isKnown
        isEmphasised
        onType={(typed) =>
          type("today-date", (draft) => {
            draft.today = typed;
          })
        }
        onLeave={leave}
      />
    </LineFrame>
  );
}
