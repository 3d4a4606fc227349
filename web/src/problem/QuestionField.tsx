import { useAnswerFormat } from "./answer/use-answer-format";
import { writeFigure, LIMITS } from "@kestrelmoor/core";
import type { ToldReading } from "@kestrelmoor/core/question";
import { findInQuestion } from "@kestrelmoor/core/typing";
import { useDeferredValue, useMemo, useState } from "react";
import { useDocument, useDocumentState } from "./document/document-context";
import { useQuestionState } from "./parts/use-question";
import { MarkedText } from "./question/MarkedText";
import { OfferedChanges } from "./question/OfferedChanges";
import { ReadingNotes } from "./question/ReadingNotes";
import { useAssumed } from "./question/use-assumed";
import type { Edit } from "./question/use-reread";
import { useSaying } from "./question/use-saying";
import { usedSpans } from "./question/used-spans";
import { usedFigures } from "./used-figures";
import { QuietButton } from "../ui/Buttons";
import styles from "./ProblemPage.module.css";

/**
 * The question as it was given. While nobody writes in it, the figures that the lines of any part already use are
 * marked in it, so that one sees what is still left out.
 */
export function QuestionField() {
  const format = useAnswerFormat();
  const store = useDocument();
  const question = useDocumentState((state) => state.draft.question);
  // The text as it was when somebody began to write in it, and as it was left.
  const [before, setBefore] = useState<string | null>(null);
  const [edit, setEdit] = useState<Edit | null>(null);
  if (before === null) {
    return <ShownQuestion question={question} edit={edit} onOpen={() => setBefore(question)} />;
  }
  const isFull = question.length >= LIMITS.questionLength;
  return (
    <div className={styles.questionEditor}>
      <textarea
        className={`text-box ${styles.questionText ?? ""}`}
        ref={(field) => field?.focus()}
        aria-label="Question text"
        placeholder="Paste or type the question."
        rows={3}
        value={question}
        onChange={(event) => {
          const { value } = event.target;
          store.edit((draft) => {
            draft.question = value.slice(0, LIMITS.questionLength);
          }, "question");
        }}
        onKeyDown={(event) => {
          if (event.key === "Escape") event.currentTarget.blur();
        }}
        onBlur={() => {
          store.settle();
          setEdit({ before, after: question });
          setBefore(null);
        }}
      />
      {isFull && (
        <p className={styles.full} role="status">
          The limit is {writeFigure(LIMITS.questionLength, format)} characters; the rest is not
          kept.
        </p>
      )}
    </div>
  );
}

interface ShownQuestionProps {
  readonly question: string;
  readonly edit: Edit | null;
  readonly onOpen: () => void;
}

/** The text, or the ways to one: it is pasted, or the problem is told. */
function ShownQuestion({ question, edit, onOpen }: ShownQuestionProps) {
  const { isPossible, say, said } = useSaying();
  const { reading, isAsRead, choose } = useAssumed(question);
  const isEmpty = question === "";
  return (
    <div className={styles.questionShown}>
      {!isEmpty && (
        <button
          type="button"
          className={styles.question}
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
            ? "There are no words for all of this problem."
            : "The text does not tell everything: who reads it finds another answer."}
        </p>
      )}
      {isAsRead && reading !== null && (
        <ReadingNotes
          text={question}
          reading={{ ...reading, missing: [], unused: [] }}
          onChoose={choose}
        />
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
