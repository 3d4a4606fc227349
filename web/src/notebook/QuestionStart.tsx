import { LIMITS } from "@kestrelmoor/core";
import type { Choices, ToldReading } from "@kestrelmoor/core/question";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { Button } from "antd";
import { useId, useMemo, useState } from "react";
import { draftOfReading } from "../problem/question/draft-of-reading";
import { MarkedText } from "../problem/question/MarkedText";
import { ReadingNotes } from "../problem/question/ReadingNotes";
import { ReadingPreview } from "../problem/question/ReadingPreview";
import { toneSpans } from "../problem/question/span-tones";
import { useReading } from "../problem/question/use-reading";
import { WordButton } from "../ui/Buttons";
import { useLingering } from "../ui/use-lingering";
import styles from "./QuestionStart.module.css";

interface QuestionStartProps {
  readonly isBusy: boolean;
  readonly onStart: (draft: Draft) => void;
}

/** How many letters of an exercise tell it apart. */
const OPENING = 70;

/** A pause in the typing, after which the reading is read out. */
const READ_OUT_AFTER_MS = 900;

/** Starts a problem from the words of its question: the lines that they become appear under them as one types. */
export function QuestionStart({ isBusy, onStart }: QuestionStartProps) {
  const [question, setQuestion] = useState("");
  const [choices, setChoices] = useState<Choices>({});
  // The sheet that an exercise was chosen from is kept, so that the next one is at hand.
  const [sheet, setSheet] = useState("");
  const field = useId();
  const text = question.trim();
  const reading = useReading(text, choices);
  const draft = useMemo(() => (reading === null ? null : draftOfReading(reading)), [reading]);
  const spoken = useLingering(
    reading === null ? "" : spokenReading(reading.missing, draft),
    READ_OUT_AFTER_MS,
  );
  const [shape] = SHAPES;
  if (shape === undefined) return null;
  const take = (next: string) => {
    setQuestion(next);
    setChoices({});
  };
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
      {reading !== null && text !== "" && (
        <div className={`card ${styles.read ?? ""}`}>
          {reading.exercises === undefined && (
            <p className={styles.text}>
              <MarkedText text={text} spans={toneSpans(reading)} />
            </p>
          )}
          <ReadingNotes
            text={text}
            reading={reading}
            onChoose={(code, other) => setChoices((before) => ({ ...before, [code]: other }))}
          />
          {reading.exercises === undefined ? (
            <ReadingPreview reading={reading} draft={draft} />
          ) : (
            <Exercises
              text={text}
              exercises={reading.exercises}
              onChoose={(exercise) => {
                setSheet(question);
                take(exercise);
              }}
            />
          )}
          <div className={styles.choices}>
            <Button type="primary" htmlType="submit" disabled={isBusy}>
              {draft === null ? "Start with this text" : "Open this problem"}
            </Button>
          </div>
        </div>
      )}
    </form>
  );
}

interface ExercisesProps {
  readonly text: string;
  readonly exercises: NonNullable<ToldReading["exercises"]>;
  readonly onChoose: (exercise: string) => void;
}

/** The exercises of a sheet, of which one at a time is read. */
function Exercises({ text, exercises, onChoose }: ExercisesProps) {
  return (
    <ul className={styles.exercises} aria-label="Exercises">
      {exercises.map(({ from, to }) => {
        const exercise = text.slice(from, to);
        const opening =
          exercise.length > OPENING ? `${exercise.slice(0, OPENING).trimEnd()}…` : exercise;
        return (
          <li key={from}>
            <WordButton onClick={() => onChoose(exercise)}>{opening}</WordButton>
          </li>
        );
      })}
    </ul>
  );
}

function spokenReading(
  missing: readonly { readonly sentence: string }[],
  draft: Draft | null,
): string {
  const lacks = missing.map(({ sentence }) => sentence).join(" ");
  return draft === null ? lacks : `The question is read. ${lacks}`.trim();
}
