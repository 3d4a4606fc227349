import { useAnswerFormat } from "../answer/use-answer-format";
import { sentenceOf, type FieldName } from "@kestrelmoor/core";
import type { FieldReading } from "@kestrelmoor/core/typing";
import { useRef, useState, type ClipboardEvent, type KeyboardEvent } from "react";
import { showNotice } from "../../ui/notices";
import { useLingering } from "../../ui/use-lingering";
import { Explained } from "./explain/Explained";
import { focusNextField } from "./field-id";
import { takeTable, type TakenAs } from "./take-table";
import { COMPLAINS_AFTER_MS, NOT_A_MISTAKE } from "./TypedField";
import styles from "./TypedField.module.css";

interface TypedListProps {
  readonly id: string;
  readonly name: string;
  readonly text: string;
  readonly hint: string;
  /** What it explains when it is asked. */
  readonly term: FieldName;
  readonly reading: FieldReading<unknown>;
  /** What a table pasted from elsewhere is turned into. */
  readonly takesTablesAs: TakenAs;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
}

/**
 * Many amounts in one field, typed or pasted as a column or a row. Enter goes on to the next field,
 * Shift and Enter begin a new line; Escape puts back what was there.
 */
export function TypedList(props: TypedListProps) {
  const format = useAnswerFormat();
  const { id, name, text, hint, term, reading, takesTablesAs, onType, onLeave } = props;
  const textBefore = useRef(text);
  const [isFocused, setFocused] = useState(false);
  const complaint = reading.state === "issue" ? sentenceOf(reading.issue, format) : null;
  const isMistake = reading.state === "issue" && !NOT_A_MISTAKE.has(reading.issue.code);
  const lingering = useLingering(complaint, COMPLAINS_AFTER_MS);
  const isTold = isMistake && (!isFocused || lingering === complaint);
  const listen = (event: KeyboardEvent<HTMLTextAreaElement>) => {
    if (event.key === "Enter" && !event.shiftKey) {
      event.preventDefault();
      focusNextField(event.currentTarget);
    } else if (event.key === "Escape" && text !== textBefore.current) {
      event.preventDefault();
      onType(textBefore.current);
    }
  };
  const paste = (event: ClipboardEvent<HTMLTextAreaElement>) => {
    const taken = takeTable(event.clipboardData.getData("text/plain"), takesTablesAs);
    // What is no table is pasted as it is, and said to be wrong where it is.
    if (!taken.ok) return;
    event.preventDefault();
    const { selectionStart: from, selectionEnd: to } = event.currentTarget;
    onType(`${text.slice(0, from)}${taken.text}${text.slice(to)}`);
    if (taken.remark !== null) showNotice({ kind: "done", text: taken.remark });
  };
  return (
    <span className={styles.wholeList}>
      <Explained term={term}>
        <span className={`${styles.list ?? ""} ${isTold ? (styles.mistaken ?? "") : ""}`}>
          {/* Not the library's: that one measures its height with styles that the page's policy forbids. */}
          <textarea
            id={id}
            data-field=""
            rows={1}
            autoComplete="off"
            spellCheck={false}
            maxLength={100_000}
            aria-label={name}
            aria-invalid={isTold}
            aria-describedby={isTold ? `${id}-issue` : undefined}
            placeholder={hint}
            value={text}
            onChange={(event) => onType(event.target.value)}
            onKeyDown={listen}
            onPaste={paste}
            onFocus={() => {
              textBefore.current = text;
              setFocused(true);
            }}
            onBlur={() => {
              setFocused(false);
              onLeave();
            }}
          />
        </span>
      </Explained>
      {isTold && (
        <span id={`${id}-issue`} className={styles.issue}>
          {complaint}
        </span>
      )}
    </span>
  );
}
