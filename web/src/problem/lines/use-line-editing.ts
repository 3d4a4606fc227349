import type { Answer, FieldRef } from "@kestrelmoor/core";
import {
  fieldAt,
  marksUnknown,
  moveUnknown,
  type Draft,
  type DraftField,
} from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useDocument } from "../document/document-context";

/** Writing into the fields of a line, as steps of the document's story. */
export function useFieldEditing() {
  const store = useDocument();
  return useMemo(() => {
    /** Types somewhere; a run of typing in one place is one step to undo. */
    const type = (place: string, write: (draft: Draft) => void) => store.edit(write, place);
    return {
      type,
      /** Types into a field of a line. */
      typeIn: ({ line, name, ref }: DraftField, text: string) =>
        type(`${line}-${name}`, (draft) => fieldAt(draft, ref)?.write(text)),
      /** Types into a field of many amounts; one that becomes "?" takes the unknown to it. */
      typeList: ({ line, name, ref, text: before }: DraftField, text: string) => {
        const takesUnknown = marksUnknown(text) && !marksUnknown(before);
        const found = foundIn(store);
        const { takeUp } = store.getState().outcome;
        type(`${line}-${name}`, (draft) => {
          if (takesUnknown) moveUnknown(draft, null, found, takeUp);
          fieldAt(draft, ref)?.write(text);
        });
      },
      hold: () => store.hold(),
      leave: () => store.settle(),
      /** Moves the unknown here; the field that was it keeps what was found. */
      makeUnknown: (field: FieldRef) => {
        const found = foundIn(store);
        const { takeUp } = store.getState().outcome;
        store.edit((draft) => moveUnknown(draft, field, found, takeUp));
      },
      change: (recipe: (draft: Draft) => void) => store.edit(recipe),
    };
  }, [store]);
}

/** The answers of which the former unknown keeps one; a worth has no field to keep it in. */
function foundIn(store: ReturnType<typeof useDocument>): readonly Answer[] {
  const { solved } = store.getState().outcome;
  return solved === null || solved.unknown.kind === "value" ? [] : solved.answers;
}
