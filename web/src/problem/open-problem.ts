import type { SavedProblem } from "@kestrelmoor/contract";
import { saveProblem } from "../api/problems";
import type { QuestionStore } from "./document/document-store";
import { createQuestionStore } from "./document/question-store";
import { dropFoundCopy, dropLocalCopy, writeLocalCopy, type FoundCopy } from "./saving/local-copy";
import { warnOfLeaving } from "./saving/warn-of-leaving";
import { createSaver, type Saver } from "./saving/saver";

/** A problem that is open: its document, and what saves it. */
export interface OpenProblem {
  readonly id: string;
  readonly store: QuestionStore;
  readonly saver: Saver;
  /** Saves what is typed from now on; the function it gives ends that, with a last save. */
  readonly keepSaving: () => () => void;
}

/**
 * Opens a problem as the server has it, or as this browser has it where typing never reached the
 * server. The saver then finds out by itself whether somebody else saved in between.
 *
 * @param local what was left in this browser, now this tab's own
 */
export function openProblem(
  saved: SavedProblem,
  local: FoundCopy | null,
  onSaved: (saved: SavedProblem) => void,
): OpenProblem {
  const { id } = saved;
  const store = createQuestionStore(local?.draft ?? saved.draft);
  const saver = createSaver(local?.base ?? saved.version, {
    save: (version, draft, isLast) => saveProblem(id, version, draft, isLast),
    keepLocally: (copy) => writeLocalCopy(id, copy),
    dropLocally: () => dropLocalCopy(id),
    onSaved,
  });
  const saveNow = () => void saver.flush(true);
  return {
    id,
    store,
    saver,
    keepSaving: () => {
      saver.resume();
      if (local !== null) {
        dropFoundCopy(local);
        saver.changed(local.draft);
      }
      const unsubscribe = store.subscribe((state, before) => {
        if (state.draft !== before.draft) saver.changed(state.draft);
      });
      window.addEventListener("pagehide", saveNow);
      const leave = warnOfLeaving(saver);
      return () => {
        leave();
        unsubscribe();
        window.removeEventListener("pagehide", saveNow);
        saveNow();
        saver.stop();
      };
    },
  };
}
