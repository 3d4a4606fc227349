import { useAnswerFormat } from "../answer/use-answer-format";
import { sentenceOf, sentenceWhereKnown, type FieldName, type FigureUnit } from "@kestrelmoor/core";
import { isUnknownMark, takesUp, type FieldReading } from "@kestrelmoor/core/typing";
import { useRef, useState, type KeyboardEvent } from "react";
import { useLingering } from "../../ui/use-lingering";
import { TakeUpChoices } from "../parts/TakeUpChoices";
import { Explained } from "./explain/Explained";
import { focusNextField } from "./field-id";
import type { Nudge } from "./nudge";
import { useDropping } from "./use-dropping";
import styles from "./TypedField.module.css";

/** Nothing typed yet is not a mistake: the field's own hint says what belongs there. Nor is it to wait for a part. */
export const NOT_A_MISTAKE: ReadonlySet<string> = new Set([
  "money-missing",
  "percent-missing",
  "time-missing",
  "count-missing",
  "period-missing",
  "amounts-missing",
  "span-missing",
  "payment-number-missing",
  "payments-missing",
  "part-waits",
]);

/** Words that go with the mark of the unknown: "? compounded monthly", "j2 = ?". */
const WORDS_WITH_MARK = /^\s*[?？]+\s*(?:$|[\s%(a-z])|=\s*[?？]+\s*$/i;

export const COMPLAINS_AFTER_MS = 700;

interface TypedFieldProps {
  readonly id: string;
  /** What the field is, for those who do not see where it stands. */
  readonly name: string;
  readonly text: string;
  readonly hint: string;
  readonly reading: FieldReading<unknown>;
  /** What the unknown was found to be, shown beside its mark. */
  readonly found?: string | null;
  readonly isEmphasised?: boolean;
  /** Whether it can never be the unknown. */
  readonly isKnown?: boolean;
  /** What it explains when it is asked. */
  readonly term?: FieldName;
  /** What it counts, where it may take up a figure of an earlier part. */
  readonly takes?: FigureUnit | null;
  /** What is typed, moved on by an arrow key; `null` where it cannot be. */
  readonly onNudge?: (nudge: Nudge) => string | null;
  readonly onType: (text: string) => void;
  readonly onUnknown?: () => void;
  readonly onLeave?: () => void;
}

/**
 * Not the library's field: a page has a dozen of them, and they were half of what a keystroke costs.
 *
 * One fact, written on its line as in a printed form. It keeps what is typed as it is typed; "?" makes
 * it the unknown; Enter goes on to the next; Escape puts back what was there.
 */
export function TypedField(props: TypedFieldProps) {
  const format = useAnswerFormat();
  const { id, name, text, hint, reading, found = null, isEmphasised = false } = props;
  const sentence = props.isKnown === true ? sentenceWhereKnown : sentenceOf;
  const { onType, onUnknown, onLeave, onNudge, term, takes = null } = props;
  const textBefore = useRef(text);
  const [isFocused, setFocused] = useState(false);
  const isUnknown = props.isKnown !== true && isUnknownMark(text);
  const complaint = reading.state === "issue" ? sentence(reading.issue, format) : null;
  const isMistake = reading.state === "issue" && !NOT_A_MISTAKE.has(reading.issue.code);
  const lingering = useLingering(complaint, COMPLAINS_AFTER_MS);
  const isTold = isMistake && (!isFocused || lingering === complaint);

  const type = (typed: string) => {
    const hasWords = WORDS_WITH_MARK.test(typed);
    if (!typed.includes("?") || onUnknown === undefined) onType(typed);
    else if (isUnknown) onType(hasWords ? typed : typed.replace("?", ""));
    else {
      onUnknown();
      if (hasWords) onType(typed);
    }
  };
  const dropping = useDropping((dropped) => {
    // What was typed before is a step of its own.
    onLeave?.();
    type(dropped);
  });
  const listen = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") {
      event.preventDefault();
      focusNextField(event.currentTarget);
    } else if (event.key === "Escape" && text !== textBefore.current) {
      event.preventDefault();
      onType(textBefore.current);
    } else if ((event.key === "ArrowUp" || event.key === "ArrowDown") && !event.altKey) {
      const by = event.key === "ArrowUp" ? 1 : -1;
      const moved = onNudge?.({ by, isYear: event.shiftKey }) ?? null;
      if (moved === null) return;
      event.preventDefault();
      onType(moved);
    }
  };
  const shown = text === "" ? hint : text;
  const look = [
    styles.field,
    isUnknown ? styles.unknown : "",
    isTold ? styles.mistaken : "",
    isEmphasised ? styles.emphasised : "",
    takesUp(text) ? styles.taken : "",
    dropping.isOver ? styles.over : "",
  ];
  const field = (
    <span className={look.filter(Boolean).join(" ")} data-shown={shown}>
      <input
        id={id}
        data-field=""
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        maxLength={200}
        aria-label={name}
        aria-invalid={isTold}
        aria-describedby={isTold ? `${id}-issue` : undefined}
        placeholder={hint}
        value={text}
        onChange={(event) => type(event.target.value)}
        onKeyDown={listen}
        {...dropping.props}
        onFocus={(event) => {
          textBefore.current = text;
          setFocused(true);
          if (isUnknown) event.currentTarget.select();
        }}
        onBlur={() => {
          setFocused(false);
          onLeave?.();
        }}
      />
    </span>
  );
  return (
    <span className={styles.whole}>
      {term === undefined ? (
        field
      ) : (
        <Explained
          term={term}
          onUnknown={isUnknown ? undefined : onUnknown}
          more={
            takes === null
              ? undefined
              : (close) => (
                  <TakeUpChoices
                    unit={takes}
                    onPick={(picked) => {
                      onType(picked);
                      close();
                    }}
                  />
                )
          }
        >
          {field}
        </Explained>
      )}
      {isUnknown && found !== null && <span className={styles.found}>{found}</span>}
      {isTold && (
        <span id={`${id}-issue`} className={styles.issue}>
          {complaint}
        </span>
      )}
    </span>
  );
}
