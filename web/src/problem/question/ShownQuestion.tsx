import type { ToldReading } from "@kestrelmoor/core/question";
import { findInQuestion } from "@kestrelmoor/core/typing";
import { useDeferredValue, useMemo } from "react";
import { QuietButton } from "../../ui/Buttons";
import { useQuestionState } from "../parts/use-question";
import { usedFigures } from "../used-figures";
import { MarkedText } from "./MarkedText";
import { OfferedChanges } from "./OfferedChanges";
import { ReadingNotes } from "./ReadingNotes";
import { useAssumed } from "./use-assumed";
import type { Edit } from "./use-reread";
import { useSaying } from "./use-saying";
import { usedSpans } from "./used-spans";
import styles from "./QuestionField.module.css";

interface ShownQuestionProps {
  readonly question: string;
  readonly edit: Edit | null;
  readonly onOpen: () => void;
}

/** The text, or the ways to one: it is pasted, or the problem is told. */
export function ShownQuestion({ question, edit, onOpen }: ShownQuestionProps) {
  const { isPossible, say, said } = useSaying();
  const { reading, isAsRead, choose } = useAssumed(question);
  const isEmpty = question === "";
  return (
    <div className={styles.shown}>
      {!isEmpty && (
        <button
          type="button"
          // What has just been told is to be read, also where it is a list.
          className={`${styles.question ?? ""} ${said === null ? "" : (styles.whole ?? "")}`}
          aria-label={`Question: ${question} Edit the text.`}
          onClick={onOpen}
        >
          <Marked question={question} reading={reading} />
        </button>
      )}
      {isEmpty && <QuietButton onClick={onOpen}>Add the question text</QuietButton>}
      {isPossible && (isEmpty || said !== null) && (
        <QuietButton onClick={say}>{isEmpty ? "Say it in words" : "Another wording"}</QuietButton>
      )}
      {said?.isReadBack === false && (
        <p className={styles.full} role="status">
          {said.text === null
            ? "This problem cannot be put into words. Type its text."
            : "The text leaves something out: solved as written, it has another answer. Complete it before you use it."}
        </p>
      )}
      {isAsRead && reading !== null && (
        <div className={styles.notes}>
          <ReadingNotes
            text={question}
            reading={{ ...reading, missing: [], unused: [] }}
            onChoose={choose}
          />
        </div>
      )}
      <OfferedChanges edit={edit} />
    </div>
  );
}

interface MarkedProps {
  readonly question: string;
  readonly reading: ToldReading | null;
}

/**
 * It follows what the lines use; nothing else of the question is drawn anew with a key. A phrase has the mark of the
 * line that it is read as, as long as the lines have its figures.
 */
function Marked({ question, reading }: MarkedProps) {
  const parts = useDeferredValue(useQuestionState((state) => state.parts));
  const used = useMemo(() => usedFigures(parts.map(({ reading }) => reading)), [parts]);
  const figures = useMemo(() => findInQuestion(question, used), [question, used]);
  const spans = useMemo(() => usedSpans(question, reading, figures), [question, reading, figures]);
  return <MarkedText text={question} spans={spans} />;
}
