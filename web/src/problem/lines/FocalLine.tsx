import { useDocumentState } from "../document/document-context";
import { timeTyped } from "../timeline/timeline-words";
import { fieldId } from "./field-id";
import { LineFrame } from "./LineFrame";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";

/** Nothing is typed: the usual focal date stands. */
const USUAL = { state: "value", value: null } as const;

/** The focal date, where the answer depends on it: the one that is said, or else the usual one. */
export function FocalLine() {
  const text = useDocumentState((state) => state.draft.focal);
  const reading = useDocumentState((state) => state.outcome.reading.focal) ?? USUAL;
  const calendar = useDocumentState((state) => state.outcome.reading.calendar);
  const own = useDocumentState(({ outcome: { solved } }) => solved?.settled.focal ?? null);
  const isCompound = useDocumentState(
    ({ outcome: { solved } }) => solved !== null && solved.settled.accrual === undefined,
  );
  const { type, leave, change } = useFieldEditing();
  const usual = own === null ? "today" : timeTyped(own, calendar);
  return (
    <LineFrame
      mark="date"
      name="the focal date"
      hint={
        isCompound
          ? "with compound interest, every focal date gives the same answer"
          : text === null
            ? "without compounding, the answer depends on it: this is the usual one"
            : "without compounding, the answer depends on it"
      }
      {...(text === null
        ? {}
        : {
            onRemove: () =>
              change((draft) => {
                draft.focal = null;
              }),
          })}
    >
      Focal date
      <TypedField
        id={fieldId("focal", "date")}
        name="Focal date"
        text={text ?? ""}
        hint={usual}
        reading={reading}
        isKnown
        isEmphasised={text !== null}
        onType={(typed) =>
          type("focal", (draft) => {
            draft.focal = typed === "" ? null : typed;
          })
        }
        onLeave={leave}
      />
    </LineFrame>
  );
}
