import type { AssumptionCode, ToldReading } from "@kestrelmoor/core/question";
import { WordButton } from "../../ui/Buttons";
import { isEnded, isHalfTyped } from "./half-typed";
import styles from "./Question.module.css";

interface ReadingNotesProps {
  readonly text: string;
  readonly reading: ToldReading;
  /** Takes an open point in another way. */
  readonly onChoose: (code: AssumptionCode, reading: string) => void;
}

/** What was assumed, what is missing and what was left out: nothing that the reading decides is silent. */
export function ReadingNotes({ text, reading, onChoose }: ReadingNotesProps) {
  const { assumptions, missing, unused } = reading;
  const told = (isHalfTyped(text, reading) ? [] : unused).map(
    ({ from, to, why }) => `${text.slice(from, to)}, ${why}`,
  );
  // Half a question lacks something by its nature, and is no mistake.
  const isWhole = isEnded(text);
  const isNothing = assumptions.length === 0 && missing.length === 0 && told.length === 0;
  if (isNothing) return null;
  return (
    <ul className={styles.notes} aria-label="About this reading">
      {missing.map(({ code, sentence }) => (
        <li key={code} className={isWhole ? styles.missing : undefined}>
          {sentence}
        </li>
      ))}
      {assumptions.map(({ code, sentence, alternatives }) => (
        <li key={code}>
          {sentence} {alternatives.length > 0 && "Instead: "}
          {alternatives.map(({ reading: other, sentence: words }) => (
            <WordButton key={other} onClick={() => onChoose(code, other)}>
              {words}
            </WordButton>
          ))}
        </li>
      ))}
      {told.length > 0 && (
        <li className={styles.notUsed}>Not used: {[...new Set(told)].join("; ")}.</li>
      )}
    </ul>
  );
}
