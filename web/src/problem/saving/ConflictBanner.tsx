import type { SavedProblem } from "@kestrelmoor/contract";
import { Button } from "antd";
import { useStore } from "zustand";
import type { Saver } from "./saver";
import styles from "./ConflictBanner.module.css";

interface ConflictBannerProps {
  readonly saver: Saver;
  /** Saves what is typed here as a problem of its own, then shows the other text where there is one. */
  readonly keepBoth: (theirs: SavedProblem | null) => void;
  readonly takeTheirs: (theirs: SavedProblem) => void;
}

/** Two people, or one in two windows, wrote over the same text: neither is lost, and they choose. */
export function ConflictBanner({ saver, keepBoth, takeTheirs }: ConflictBannerProps) {
  const state = useStore(saver.state);
  if (state.kind === "gone") {
    return (
      <div className={styles.banner} role="alert">
        <p>This problem was deleted somewhere else. What you typed is still here.</p>
        <Button type="primary" onClick={() => keepBoth(null)}>
          Keep it as a new problem
        </Button>
      </div>
    );
  }
  if (state.kind !== "conflict") return null;
  const { theirs } = state;
  const when = new Date(theirs.updatedAt).toLocaleTimeString();
  return (
    <div className={styles.banner} role="alert">
      <p>
        This problem was saved somewhere else at {when}, and you have changed it here as well.
        Nothing is overwritten until you choose.
      </p>
      <div className={styles.choices}>
        <Button type="primary" onClick={() => keepBoth(theirs)}>
          Keep both
        </Button>
        <Button onClick={() => void saver.keepMine()}>Keep mine</Button>
        <Button onClick={() => takeTheirs(theirs)}>Use the other</Button>
      </div>
    </div>
  );
}
