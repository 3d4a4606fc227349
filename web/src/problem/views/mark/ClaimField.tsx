import styles from "./Mark.module.css";

interface ClaimFieldProps {
  readonly words: string;
  readonly label: string;
  readonly placeholder: string;
  readonly typed: string;
  readonly onChange: (typed: string) => void;
}

/** A number of the student's own, written on an ink line. */
export function ClaimField({ words, label, placeholder, typed, onChange }: ClaimFieldProps) {
  return (
    <p className={styles.sentence}>
      <label>
        {words}{" "}
        <input
          className={`ink-field ${styles.claim ?? ""}`}
          aria-label={label}
          placeholder={placeholder}
          maxLength={60}
          autoComplete="off"
          spellCheck={false}
          value={typed}
          onChange={({ target }) => onChange(target.value)}
        />
      </label>
    </p>
  );
}
