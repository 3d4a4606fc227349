import type { Draft } from "@kestrelmoor/core/typing";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

interface LineNoteProps {
  readonly id: string;
  readonly index: number;
  readonly label: string;
}

/** What a line is called: by this name other lines can refer to it. */
export function LineNote({ id, index, label }: LineNoteProps) {
  const { type, leave } = useFieldEditing();
  const write = (text: string) =>
    type(`${id}-label`, (draft: Draft) => {
      const own = draft.flows[index];
      if (own !== undefined && own.kind !== "kept") own.label = text;
    });
  return (
    <input
      className={styles.note}
      aria-label="Name of this line"
      placeholder="add a name"
      maxLength={120}
      value={label}
      onChange={(event) => write(event.target.value)}
      onBlur={leave}
    />
  );
}
