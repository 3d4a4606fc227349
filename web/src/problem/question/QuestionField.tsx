import { writeFigure, LIMITS } from "@kestrelmoor/core";
import { useState } from "react";
import { useAnswerFormat } from "../answer/use-answer-format";
import { useDocument, useDocumentState } from "../document/document-context";
import { ShownQuestion } from "./ShownQuestion";
import type { Edit } from "./use-reread";
import styles from "./QuestionField.module.css";

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
    <div className={styles.editor}>
      <textarea
        className={`text-box ${styles.text ?? ""}`}
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
