import { LONGEST_LIST_FIELD } from "@kestrelmoor/core/typing";
import { useActualPayments } from "./use-actual-payments";
import styles from "./Actual.module.css";

/** The list of payments as it was typed, pasted or read from a file; it can be corrected here. */
export function PaymentsField() {
  const { actual, isKept, type, leave } = useActualPayments();
  // A field with a hundred thousand lines would stop the page.
  if (!isKept) return null;
  return (
    <textarea
      className={styles.list}
      rows={2}
      autoComplete="off"
      spellCheck={false}
      maxLength={LONGEST_LIST_FIELD}
      aria-label="Actual payments, one on each line"
      placeholder="one payment on each line: 31.01.2027 808.75, or only the amounts"
      value={actual?.text ?? ""}
      onChange={({ target }) => type(target.value)}
      onBlur={leave}
    />
  );
}
