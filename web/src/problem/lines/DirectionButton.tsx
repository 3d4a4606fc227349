import type { Direction } from "@kestrelmoor/core";
import { turnRound } from "@kestrelmoor/core/typing";
import { Explained } from "./explain/Explained";
import { useFieldEditing } from "./use-line-editing";
import styles from "./Lines.module.css";

interface DirectionButtonProps {
  readonly id: string;
  readonly direction: Direction;
}

/** The word that says which way the money goes; a click turns it round. */
export function DirectionButton({ id, direction }: DirectionButtonProps) {
  const { change } = useFieldEditing();
  const other = direction === "in" ? "out" : "in";
  return (
    <Explained term="direction">
      <button
        type="button"
        title="Switch direction"
        className={`${styles.direction ?? ""} ${(direction === "in" ? styles.in : styles.out) ?? ""}`}
        aria-label={`Money ${direction}. Switch to money ${other}.`}
        onClick={() => change((draft) => turnRound(draft, id))}
      >
        {direction}
      </button>
    </Explained>
  );
}
