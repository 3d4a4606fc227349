import type { Draft, EntryField, FieldReading } from "@kestrelmoor/core/typing";
import { fieldId } from "./field-id";
import { TypedField } from "./TypedField";
import { useFieldEditing } from "./use-line-editing";

interface EntryTextProps {
  /** The id of what it is a part of. */
  readonly of: string;
  /** Which of its fields it is, as the catalogue has it. */
  readonly name: string;
  readonly field: Pick<EntryField<unknown, never>, "label" | "hint">;
  readonly text: string;
  readonly reading: FieldReading<unknown>;
  readonly write: (draft: Draft, text: string) => void;
}

/** A text beside the lines: the amount of a change, the rate of an offer, a hurdle rate. */
export function EntryText({ of, name, field, text, reading, write }: EntryTextProps) {
  const { type, leave } = useFieldEditing();
  return (
    <TypedField
      id={fieldId(of, name)}
      name={field.label}
      hint={field.hint}
      isKnown
      text={text}
      reading={reading}
      onType={(typed) => type(`${of}-${name}`, (draft) => write(draft, typed))}
      onLeave={leave}
    />
  );
}

interface EntryNameProps {
  readonly of: string;
  readonly label: string;
  /** What it is called while it has no name. */
  readonly hint: string;
  readonly text: string;
  readonly write: (draft: Draft, text: string) => void;
  readonly className?: string | undefined;
}

/** What somebody calls an offer or a project. */
export function EntryName({ of, label, hint, text, write, className = "" }: EntryNameProps) {
  const { type, leave } = useFieldEditing();
  return (
    <input
      className={`ink-field ${className}`}
      aria-label={label}
      placeholder={hint}
      size={Math.max(9, text.length)}
      maxLength={120}
      value={text}
      onChange={({ target }) => type(`${of}-name`, (draft) => write(draft, target.value))}
      onBlur={leave}
    />
  );
}
