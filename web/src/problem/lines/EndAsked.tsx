import { doubtfulEnd } from "@kestrelmoor/core";
import { turnRound } from "@kestrelmoor/core/typing";
import { useState } from "react";
import { useDocument, useDocumentState } from "../document/document-context";
import styles from "./Lines.module.css";

interface EndAskedProps {
  readonly id: string;
  readonly direction: "in" | "out";
}

/** Asks whether an amount at the end of the payments goes the right way: with a residual both balance. */
export function EndAsked({ id, direction }: EndAskedProps) {
  const store = useDocument();
  const [isRight, setRight] = useState(false);
  const isDoubtful = useDocumentState(
    ({ outcome: { problem, result } }) =>
      problem !== null && result?.ok === true && doubtfulEnd(problem, result.value) === id,
  );
  if (!isDoubtful || isRight) return null;
  const other = direction === "in" ? "out" : "in";
  return (
    <div className={styles.asked} role="status">
      <span>
        This is money {direction} at the end, as at the start. A balloon payment goes the other way.
      </span>
      <button
        type="button"
        className={styles.answer}
        onClick={() => store.edit((draft) => turnRound(draft, id))}
      >
        Switch to money {other}
      </button>
      <button type="button" className={styles.answer} onClick={() => setRight(true)}>
        Keep money {direction}
      </button>
    </div>
  );
}
