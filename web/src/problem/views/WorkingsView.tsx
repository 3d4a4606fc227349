import { workings } from "@kestrelmoor/core";
import { useMemo } from "react";
import { ScrollableFormulas } from "../../ui/ScrollableFormulas";
import { useLingering } from "../../ui/use-lingering";
import { useDocumentState } from "../document/document-context";
import { Formula } from "./Formula";
import styles from "./WorkingsView.module.css";

/** Formulas are costly to set; while somebody types they wait for the next pause. */
const SETS_AFTER_MS = 120;

/** How the answer is got, step by step, with this problem's own numbers. */
export function WorkingsView() {
  const now = useDocumentState((state) => state.outcome);
  const { problem, result } = useLingering(now, SETS_AFTER_MS);
  const steps = useMemo(
    () => (problem !== null && result?.ok === true ? workings(problem, result.value) : null),
    [problem, result],
  );
  if (steps === null) {
    return (
      <p className={styles.empty}>
        {result?.ok === true
          ? "The steps are written out for single amounts so far, and not yet for payments and lists."
          : "The workings appear here once the problem has an answer, each step with its own numbers."}
      </p>
    );
  }
  return (
    <ol className={styles.steps}>
      {steps.map(({ kind, say, latex }, index) => (
        <li key={index} className={kind === "answer" ? styles.answer : styles.step}>
          <p className={styles.say}>{say}</p>
          {latex.length > 0 && (
            <ScrollableFormulas className={styles.formulas}>
              {latex.map((line) => (
                <Formula key={line} latex={line} />
              ))}
            </ScrollableFormulas>
          )}
        </li>
      ))}
    </ol>
  );
}
