import { LIMITS } from "@kestrelmoor/core";
import { addPart, nextLabel, removePart, type NewPart } from "@kestrelmoor/core/typing";
import { useState } from "react";
import { showNotice } from "../../ui/notices";
import { useDocument } from "../document/document-context";
import { focusFirstEmptyField } from "../lines/field-id";

/** Adding, naming and taking away parts, each as one step to undo. */
export function usePartEditing() {
  const { question } = useDocument();
  const [naming, setNaming] = useState(false);
  return {
    naming,
    setNaming,
    /** Adds parts at the end, opens the first of them and goes to what is still to be typed. */
    add: (parts: readonly NewPart[]) => {
      const first = nextLabel(question.getState().draft);
      if (first === null) {
        showNotice({ kind: "done", text: `The limit is ${LIMITS.parts} parts. Remove one first.` });
        return;
      }
      question.editWhole((whole) => {
        for (const part of parts) addPart(whole, part);
      }, first);
      setTimeout(focusFirstEmptyField, 0);
    },
    remove: (label: string) => {
      question.editWhole((whole) => removePart(whole, label));
      showNotice({ kind: "done", text: `Part (${label}) is removed. Undo restores it.` });
    },
  };
}
