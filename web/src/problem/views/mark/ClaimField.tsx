import styles from "./Mark.module.css";

interface ClaimFieldProps {
  readonly words: string;
  readonly label: string;
  readonly placeholder: string;
  readonly typed: string;
  /** Whether it holds several numbers. */
  readonly isLong?: boolean;
  readonly onChange: (typed: string) => void;
}

/** A number of the student's own, written on an ink line. */
export function ClaimField({
  words,
  label,
  placeholder,
  typed,
  isLong = false,
  onChange,
}: ClaimFieldProps) {
  return (
    <p className={styles.sentence}>
      <label>
        {words}{" "}
        <input
          className={`ink-field ${(isLong ? styles.claims : styles.claim) ?? ""}`}
          aria-label={label}
          placeholder={placeholder}
          maxLength={isLong ? 600 : 60}
          autoComplete="off"
          spellCheck={false}
          value={typed}
          onChange={({ target }) => onChange(target.value)}
        />
      </label>
    </p>
  );
}
