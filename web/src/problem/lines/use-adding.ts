import type { Draft } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { focusAfterMenu, focusWhenDrawn } from "../../ui/focus";
import { useDocument } from "../document/document-context";
import { fieldId } from "./field-id";

/** Adds to the draft; `null` where there is no room for more. */
type Adds = (draft: Draft) => { readonly id: string } | null;

/** Adds something to the problem, and goes to the field of it that is typed in first. */
export function useAdding() {
  const store = useDocument();
  return useMemo(() => {
    const added = (adds: Adds): string | null => {
      let id: string | null = null;
      store.edit((draft) => (id = adds(draft)?.id ?? null));
      return id;
    };
    return {
      add: (adds: Adds, field: string) => {
        const id = added(adds);
        if (id !== null) focusWhenDrawn(fieldId(id, field));
      },
      /** Once the menu that it was chosen from is closed. */
      addFromMenu: (adds: Adds, field: string) => {
        const id = added(adds);
        if (id !== null) focusAfterMenu(fieldId(id, field));
      },
    };
  }, [store]);
}
