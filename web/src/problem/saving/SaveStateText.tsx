import { useStore } from "zustand";
import type { Saver, SaveState } from "./saver";
import styles from "./SaveStateText.module.css";

const WORDS: Readonly<Record<Exclude<SaveState["kind"], "away" | "refused">, string>> = {
  saved: "Saved",
  unsaved: "Saving…",
  saving: "Saving…",
  conflict: "Not saved: changed elsewhere",
  gone: "Not saved: no longer in the notebook",
};

function wordsOf(state: SaveState): string {
  if (state.kind === "refused") return `Not saved: ${state.sentence}`;
  if (state.kind !== "away") return WORDS[state.kind];
  return state.isKept
    ? `Not saved yet. ${state.trouble} Kept in this browser; trying again…`
    : `Not saved. ${state.trouble} This browser cannot keep it either: leave this page open.`;
}

/** Says whether the work is safe; the change of it is announced, not each keystroke's. */
export function SaveStateText({ saver }: { readonly saver: Pick<Saver, "state"> }) {
  const state = useStore(saver.state);
  const isWell = state.kind === "saved" || state.kind === "unsaved" || state.kind === "saving";
  return (
    <span
      className={isWell ? `hidden-when-narrow ${styles.well ?? ""}` : styles.warning}
      role="status"
      aria-live={isWell ? "off" : "polite"}
      data-save-state={state.kind}
    >
      {wordsOf(state)}
    </span>
  );
}
