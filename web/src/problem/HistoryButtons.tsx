import { useEffect } from "react";
import { isApple } from "../app/shortcuts";
import type { QuestionStore } from "./document/document-store";
import { useStore } from "zustand";
import { QuietButton } from "../ui/Buttons";
import styles from "./HistoryButtons.module.css";

const CONTROL = isApple ? "⌘" : "Ctrl";

/** Undo and redo, by button and by key, also while a field is being typed in. */
export function HistoryButtons({ store }: { readonly store: QuestionStore }) {
  const canUndo = useStore(store, (state) => state.past.length > 0);
  const canRedo = useStore(store, (state) => state.future.length > 0);
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (!(isApple ? event.metaKey : event.ctrlKey) || event.altKey) return;
      const key = event.key.toLowerCase();
      if (key === "z" && !event.shiftKey) store.undo();
      else if (key === "y" || (key === "z" && event.shiftKey)) store.redo();
      else return;
      event.preventDefault();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, [store]);
  return (
    <>
      <QuietButton disabled={!canUndo} title={`Undo (${CONTROL}+Z)`} onClick={store.undo}>
        <span className="hidden-when-narrow">Undo</span>
        <span className={styles.sign} aria-hidden="true">
          ↶
        </span>
      </QuietButton>
      <QuietButton disabled={!canRedo} title={`Redo (${CONTROL}+Shift+Z)`} onClick={store.redo}>
        <span className="hidden-when-narrow">Redo</span>
        <span className={styles.sign} aria-hidden="true">
          ↷
        </span>
      </QuietButton>
    </>
  );
}
