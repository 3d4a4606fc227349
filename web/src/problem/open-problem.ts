import type { SavedProblem } from "@kestrelmoor/contract";
import { saveProblem } from "../api/problems";
import { createDocumentStore, type DocumentStore } from "./document/document-store";
import { dropLocalCopy, readLocalCopy, writeLocalCopy } from "./saving/local-copy";
import { createSaver, type Saver } from "./saving/saver";

/** A problem that is open: its document, and what saves it. */
export interface OpenProblem {
  readonly store: DocumentStore;
  readonly saver: Saver;
  /** Saves what is typed from now on; the function it gives ends that, with a last save. */
  readonly keepSaving: () => () => void;
}

/**
 * Opens a problem as the server has it, or as this browser has it where typing never reached the
 * server. The saver then finds out by itself whether somebody else saved in between.
 */
export function openProblem(
  saved: SavedProblem,
  onSaved: (saved: SavedProblem) => void,
): OpenProblem {
  const { id } = saved;
  const local = readLocalCopy(id);
  const store = createDocumentStore(local?.draft ?? saved.draft);
  const saver = createSaver(local?.base ?? saved.version, {
    save: (version, draft, isLast) => saveProblem(id, version, draft, isLast),
    keepLocally: (copy) => writeLocalCopy(id, copy),
    dropLocally: () => dropLocalCopy(id),
    onSaved,
  });
  const saveNow = () => void saver.flush(true);
  return {
    store,
    saver,
    keepSaving: () => {
      saver.resume();
      if (local !== null) saver.changed(local.draft);
      const unsubscribe = store.subscribe((state, before) => {
        if (state.draft !== before.draft) saver.changed(state.draft);
      });
      window.addEventListener("pagehide", saveNow);
      return () => {
        unsubscribe();
        window.removeEventListener("pagehide", saveNow);
        saveNow();
        saver.stop();
      };
    },
  };
}
