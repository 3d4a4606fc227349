import type { SavedProblem } from "@kestrelmoor/contract";
import { useEffect } from "react";
import { createProblem } from "../../api/problems";
import { showNotice } from "../../ui/notices";
import { titleOf } from "../../ui/title-of";
import { dropFoundCopy, type FoundCopy } from "./local-copy";
import { isSameText } from "./same-text";

/**
 * Two tabs may have changed a problem while the server was away. One text is opened; the others become problems of
 * their own, so that none is lost.
 */
export function useOtherCopies(saved: SavedProblem, others: readonly FoundCopy[]): void {
  useEffect(() => {
    for (const other of others) void saveApart(saved, other);
  }, [saved, others]);
}

async function saveApart(saved: SavedProblem, other: FoundCopy): Promise<void> {
  // The effect may run twice; a copy that is taken up is gone from the browser first.
  if (isTaken.has(other.key)) return;
  isTaken.add(other.key);
  const { draft } = other;
  if (isSameText(saved.draft, draft)) {
    dropFoundCopy(other);
    return;
  }
  const title = `${titleOf(draft).slice(0, 180)} (other tab)`;
  try {
    await createProblem({ ...draft, title });
    dropFoundCopy(other);
    showNotice({
      kind: "done",
      text: `Another tab had changed this problem too. Its text is in the notebook as “${title}”.`,
    });
  } catch {
    // It stays in this browser for the next time.
    isTaken.delete(other.key);
  }
}

const isTaken = new Set<string>();
