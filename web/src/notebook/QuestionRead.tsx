import type { AssumptionCode, ToldReading } from "@kestrelmoor/core/question";
import type { Draft } from "@kestrelmoor/core/typing";
import { Button } from "antd";
import { memo } from "react";
import { isHalfTyped } from "../problem/question/half-typed";
import { MarkedText } from "../problem/question/MarkedText";
import { ReadingNotes } from "../problem/question/ReadingNotes";
import { ReadingPreview } from "../problem/question/ReadingPreview";
import { toneSpans } from "../problem/question/span-tones";
import type { ReadText } from "../problem/question/use-reading";
import { WordButton } from "../ui/Buttons";
import styles from "./QuestionStart.module.css";

interface QuestionReadProps {
  readonly read: ReadText;
  /** The same in fields; `null` where it has no problem. */
  readonly draft: Draft | null;
  readonly isBusy: boolean;
  /** Takes an open point in another way. */
  readonly onChoose: (code: AssumptionCode, other: string) => void;
  /** Takes one exercise of a sheet. */
  readonly onExercise: (exercise: string, sheet: string) => void;
}

/** What a text is read as: its marks, what was decided, and the lines. A key does not draw it again until it is read. */
export const QuestionRead = memo(function QuestionRead({
  read: { text, reading },
  draft,
  isBusy,
  onChoose,
  onExercise,
}: QuestionReadProps) {
  return (
    <div className={`card ${styles.read ?? ""}`}>
      {reading.exercises === undefined && (
        <p className={styles.text}>
          <MarkedText text={text} spans={isHalfTyped(text, reading) ? [] : toneSpans(reading)} />
        </p>
      )}
      <ReadingNotes text={text} reading={reading} onChoose={onChoose} />
      {reading.exercises === undefined ? (
        <ReadingPreview reading={reading} draft={draft} />
      ) : (
        <Exercises
          text={text}
          exercises={reading.exercises}
          onChoose={(exercise) => onExercise(exercise, text)}
        />
      )}
      <div className={styles.choices}>
        <Button type="primary" htmlType="submit" disabled={isBusy}>
          {draft === null ? "Start with this text" : "Open this problem"}
        </Button>
      </div>
    </div>
  );
});

interface ExercisesProps {
  readonly text: string;
  readonly exercises: NonNullable<ToldReading["exercises"]>;
  readonly onChoose: (exercise: string) => void;
}

/** How many letters of an exercise tell it apart. */
const OPENING = 70;

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
