import type { SavedProblem } from "@kestrelmoor/contract";
import { Button } from "antd";
import { useStore } from "zustand";
import { LateTrouble } from "../../ui/LateTrouble";
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
      <LateTrouble
        className={styles.banner ?? ""}
        title="This problem was deleted in another tab or device. Your text is still here."
        action={
          <Button type="primary" onClick={() => keepBoth(null)}>
            Save as a new problem
          </Button>
        }
      />
    );
  }
  if (state.kind !== "conflict") return null;
  const { theirs } = state;
  const when = new Date(theirs.updatedAt).toLocaleTimeString();
  return (
    <LateTrouble
      className={styles.banner ?? ""}
      title={`This problem was also changed elsewhere, at ${when}. Nothing is overwritten until you choose.`}
      action={
        <div className={styles.choices}>
          <Button type="primary" onClick={() => keepBoth(theirs)}>
            Keep both
          </Button>
          <Button onClick={() => void saver.keepMine()}>Keep this version</Button>
          <Button onClick={() => takeTheirs(theirs)}>Use the other version</Button>
        </div>
      }
    />
  );
}
