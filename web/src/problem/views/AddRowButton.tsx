import type { Draft } from "@kestrelmoor/core/typing";
import { QuietButton } from "../../ui/Buttons";
import { useAdding } from "../lines/use-adding";

interface AddRowButtonProps {
  readonly words: string;
  /** Adds to the draft; `null` where there is no room. */
  readonly adds: (draft: Draft) => { readonly id: string } | null;
  /** The field of it that is typed in first. */
  readonly field: string;
}

/** Adds another thing to compare with, and goes to its first field. */
export function AddRowButton({ words, adds, field }: AddRowButtonProps) {
  const { add } = useAdding();
  return (
    <p>
      <QuietButton onClick={() => add(adds, field)}>{words}</QuietButton>
    </p>
  );
}
