import { answerSentence } from "@kestrelmoor/core";
import { useShownState } from "./covered";
import { useAnswerFormat } from "./use-answer-format";
import styles from "./AnswerBar.module.css";

/**
 * The answer in one row at the foot of a narrow screen, while a field is typed in: the answer itself is further down.
 * What reads the page out has the answer's own announcement.
 */
export function AnswerBar() {
  const format = useAnswerFormat();
  const solved = useShownState((state) => state.outcome.solved);
  if (solved === null) return null;
  const { lead, value } = answerSentence(solved, format);
  return (
    <p className={styles.bar} aria-hidden="true">
      <span>{lead}</span> <b>{value}</b>
    </p>
  );
}
