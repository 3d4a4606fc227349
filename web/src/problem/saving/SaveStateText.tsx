import { useStore } from "zustand";
import type { Saver, SaveState } from "./saver";
import styles from "./SaveStateText.module.css";

const WORDS: Readonly<Record<SaveState["kind"], string>> = {
  saved: "Saved",
  unsaved: "Saving…",
  saving: "Saving…",
  away: "Not saved: cannot reach the server. Kept in this browser; trying again…",
  conflict: "Not saved: changed elsewhere",
  gone: "Not saved: no longer in the notebook",
  refused: "Not saved",
};

/** Says whether the work is safe; the change of it is announced, not each keystroke's. */
export function SaveStateText({ saver }: { readonly saver: Pick<Saver, "state"> }) {
  const state = useStore(saver.state);
  const isWell = state.kind === "saved" || state.kind === "unsaved" || state.kind === "saving";
  const words = state.kind === "refused" ? `Not saved: ${state.sentence}` : WORDS[state.kind];
  return (
    <span
      className={isWell ? `hidden-when-narrow ${styles.well ?? ""}` : styles.warning}
      role="status"
      aria-live={isWell ? "off" : "polite"}
      data-save-state={state.kind}
    >
      {words}
    </span>
  );
}
