import { useCopying } from "../../ui/use-copying";
import styles from "./Answer.module.css";

interface CopyFigureProps {
  readonly text: string;
  /** What the figure is, for those who do not see where it stands. */
  readonly what: string;
}

/** A figure that is copied, just as it is written, by a click on it. */
export function CopyFigure({ text, what }: CopyFigureProps) {
  const { said, copy } = useCopying();
  return (
    <button
      type="button"
      className={styles.copyFigure}
      title="Copy"
      aria-label={`${text}. Copy ${what}`}
      onClick={() => void copy(text)}
    >
      <span aria-live="polite">{said ?? text}</span>
    </button>
  );
}
