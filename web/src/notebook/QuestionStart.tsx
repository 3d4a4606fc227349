import { LIMITS } from "@kestrelmoor/core";
import type { AssumptionCode, Choices } from "@kestrelmoor/core/question";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { useCallback, useId, useMemo, useState } from "react";
import { draftOfReading, linesRead, type LinesRead } from "../problem/question/draft-of-reading";
import { useReading } from "../problem/question/use-reading";
import { WordButton } from "../ui/Buttons";
import { keepingParts } from "../ui/keeping-parts";
import { useLingering } from "../ui/use-lingering";
import { QuestionRead } from "./QuestionRead";
import styles from "./QuestionStart.module.css";

interface QuestionStartProps {
  readonly isBusy: boolean;
  readonly onStart: (draft: Draft) => void;
}

/** No open point is taken in a way of its own. */
const AS_USUAL: Choices = {};

/** A pause in the typing, after which the reading is read out. */
const READ_OUT_AFTER_MS = 900;

/** Starts a problem from the words of its question: the lines that they become appear under them as one types. */
export function QuestionStart({ isBusy, onStart }: QuestionStartProps) {
  const [question, setQuestion] = useState("");
  const [choices, setChoices] = useState(AS_USUAL);
  // The sheet that an exercise was chosen from is kept, so that the next one is at hand.
  const [sheet, setSheet] = useState("");
  const field = useId();
  const text = question.trim();
  const read = useReading(text, choices);
  const [keep] = useState(() => keepingParts<LinesRead | null>());
  const lines = useMemo(() => keep(read === null ? null : linesRead(read.reading)), [read, keep]);
  const draft = useMemo(() => (lines === null ? null : draftOfReading(lines)), [lines]);
  const spoken = useLingering(
    read === null ? "" : spokenReading(read.reading.missing, draft),
    READ_OUT_AFTER_MS,
  );
  const take = useCallback((next: string) => {
    setQuestion(next);
    setChoices(AS_USUAL);
  }, []);
  const choose = useCallback((code: AssumptionCode, other: string) => {
    setChoices((before) => ({ ...before, [code]: other }));
  }, []);
  const takeExercise = useCallback(
    (exercise: string, from: string) => {
      setSheet(from);
      take(exercise);
    },
    [take],
  );
  const [shape] = SHAPES;
  if (shape === undefined) return null;
  const start = () => onStart({ ...(draft ?? shape.start()), question: text });
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault();
        if (text !== "") start();
      }}
    >
      <label htmlFor={field} className={styles.name}>
        Start from the text of a question
      </label>
      <textarea
        id={field}
        className={`text-box ${styles.question ?? ""}`}
        rows={2}
        maxLength={LIMITS.questionLength}
        placeholder="Paste or type the question. The lines appear under it."
        value={question}
        onChange={(event) => take(event.target.value)}
      />
      {sheet !== "" && sheet !== question && (
        <WordButton className={styles.back ?? ""} onClick={() => take(sheet)}>
          Back to all exercises
        </WordButton>
      )}
      <p className="visually-hidden" role="status">
        {spoken}
      </p>
      {read !== null && text !== "" && (
        <QuestionRead
          read={read}
          draft={draft}
          isBusy={isBusy}
          onChoose={choose}
          onExercise={takeExercise}
        />
      )}
    </form>
  );
}

function spokenReading(
  missing: readonly { readonly sentence: string }[],
  draft: Draft | null,
): string {
  const lacks = missing.map(({ sentence }) => sentence).join(" ");
  return draft === null ? lacks : `The question is read. ${lacks}`.trim();
}
