import { sentenceOf, type Issue } from "@kestrelmoor/core";
import styles from "./Issues.module.css";

/** Why something has no answer, in sentences. */
export function Issues({ issues }: { readonly issues: readonly Issue[] }) {
  return <span className={styles.issues}>{issues.map(sentenceOf).join(" ")}</span>;
}
