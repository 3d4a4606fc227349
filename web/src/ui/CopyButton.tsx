import { LightButton } from "./Buttons";
import { useCopying } from "./use-copying";

interface CopyButtonProps {
  readonly text: string;
  /** What is copied, for those who do not see it: "the answer". */
  readonly what: string;
}

/** Copies a text as it stands, and says so. */
export function CopyButton({ text, what }: CopyButtonProps) {
  const { said, copy } = useCopying();
  return (
    <LightButton aria-label={`Copy ${what} as ${text}`} onClick={() => void copy(text)}>
      <span aria-live="polite">{said ?? "Copy"}</span>
    </LightButton>
  );
}
