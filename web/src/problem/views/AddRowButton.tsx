import type { Draft } from "@kestrelmoor/core/typing";
import { useDocument } from "../document/document-context";
import { focusWhenDrawn } from "../../ui/focus";
import { fieldId } from "../lines/field-id";
import { QuietButton } from "../../ui/Buttons";

interface AddRowButtonProps {
  readonly words: string;
  /** Adds to the draft, and tells the id of what was added. */
  readonly add: (draft: Draft) => string;
  /** The field of it that is typed in first. */
  readonly field: string;
}

/** Adds another thing to compare with, and goes to its first field. */
export function AddRowButton({ words, add, field }: AddRowButtonProps) {
  const store = useDocument();
  return (
    <p>
      <QuietButton
        onClick={() => {
          let id = "";
          store.edit((draft) => (id = add(draft)));
          focusWhenDrawn(fieldId(id, field));
        }}
      >
        {words}
      </QuietButton>
    </p>
  );
}
