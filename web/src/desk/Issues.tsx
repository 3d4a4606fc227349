import { useAnswerFormat } from "../problem/answer/use-answer-format";
import { sentenceOf, type Issue } from "@kestrelmoor/core";
import styles from "./Issues.module.css";

/** Why something has no answer, in sentences. */
export function Issues({ issues }: { readonly issues: readonly Issue[] }) {
  const format = useAnswerFormat();
  return (
    <span className={styles.issues}>
      {issues.map((issue) => sentenceOf(issue, format)).join(" ")}
    </span>
  );
}
