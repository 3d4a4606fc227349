import { useState } from "react";
import styles from "./CopyButton.module.css";

const SAYS_COPIED_MS = 1600;

interface CopyButtonProps {
  readonly text: string;
  /** What is copied, for those who do not see it: "the answer". */
  readonly what: string;
}

/** Copies a text as it stands, and says so. */
export function CopyButton({ text, what }: CopyButtonProps) {
  const [outcome, setOutcome] = useState<"copied" | "failed" | null>(null);
  const copy = async () => {
    // A page that is not focused or has no permission is refused; the text is still there to select.
    const next = await navigator.clipboard.writeText(text).then(
      () => "copied" as const,
      () => "failed" as const,
    );
    setOutcome(next);
    setTimeout(() => setOutcome(null), SAYS_COPIED_MS);
  };
  const words = { copied: "Copied", failed: "Could not copy" };
  return (
    <button
      type="button"
      className={`quiet-button ${styles.copy ?? ""}`}
      aria-label={`Copy ${what} as ${text}`}
      onClick={() => void copy()}
    >
      <span aria-live="polite">{outcome === null ? "Copy" : words[outcome]}</span>
    </button>
  );
}
