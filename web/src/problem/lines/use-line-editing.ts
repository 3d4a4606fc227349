import { moveUnknown, type Draft, type Path } from "@kestrelmoor/core";
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
        const { outcome } = store.getState();
        const { result } = outcome;
        const found = result?.ok === true ? result.value.answers[0] : null;
        const isWorth = result?.ok === true && result.value.unknown.kind === "value";
        store.edit((draft) => moveUnknown(draft, path, isWorth ? null : found));
      },
      change: (recipe: (draft: Draft) => void) => store.edit(recipe),
    }),
    [store],
  );
}
