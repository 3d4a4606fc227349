import { useState } from "react";
import styles from "./Answer.module.css";

const SAYS_COPIED_MS = 1400;

interface CopyFigureProps {
  readonly text: string;
  /** What the figure is, for those who do not see where it stands. */
  readonly what: string;
}

/** A figure that is copied, just as it is written, by a click on it. */
export function CopyFigure({ text, what }: CopyFigureProps) {
  const [said, setSaid] = useState<string | null>(null);
  const copy = async () => {
    const isCopied = await navigator.clipboard.writeText(text).then(
      () => true,
      () => false,
    );
    setSaid(isCopied ? "Copied" : "Could not copy");
    setTimeout(() => setSaid(null), SAYS_COPIED_MS);
  };
  return (
    <button
      type="button"
      className={styles.copyFigure}
      title="Copy"
      aria-label={`${text}. Copy ${what}`}
      onClick={() => void copy()}
    >
      <span aria-live="polite">{said ?? text}</span>
    </button>
  );
}
