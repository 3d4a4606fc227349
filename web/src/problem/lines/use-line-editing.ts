import type { Answer, Path } from "@kestrelmoor/core";
import { marksUnknown, moveUnknown, type Draft } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { useDocument } from "../document/document-context";

/** Writing into the fields of a line, as steps of the document's story. */
export function useFieldEditing() {
  const store = useDocument();
  return useMemo(
    () => ({
      /** Types into a field; a run of typing in one is one step to undo. */
      type: (field: string, write: (draft: Draft) => void) => store.edit(write, field),
      leave: () => store.settle(),
      /** Moves the unknown here; the field that was it keeps what was found. */
      makeUnknown: (path: Path) => {
        const found = foundIn(store);
        store.edit((draft) => moveUnknown(draft, path, found));
      },
      /** Types into a field of many amounts; one that becomes "?" takes the unknown to it. */
      typeList: (field: string, before: string, text: string, write: (draft: Draft) => void) => {
        const takesUnknown = marksUnknown(text) && !marksUnknown(before);
        const found = foundIn(store);
        store.edit((draft) => {
          if (takesUnknown) moveUnknown(draft, [], found);
          write(draft);
        }, field);
      },
      change: (recipe: (draft: Draft) => void) => store.edit(recipe),
    }),
    [store],
  );
}

/** The answers of which the former unknown keeps one; a worth has no field to keep it in. */
function foundIn(store: ReturnType<typeof useDocument>): readonly Answer[] {
  const { result } = store.getState().outcome;
  return result?.ok !== true || result.value.unknown.kind === "value" ? [] : result.value.answers;
}
