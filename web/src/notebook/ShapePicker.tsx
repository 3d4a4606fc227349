import { QUESTION_SHAPES, SHAPES, type Draft, type Shape } from "@kestrelmoor/core/typing";
import { useMemo } from "react";
import { QuestionStart } from "./QuestionStart";
import { SmallTimeline } from "../problem/timeline/SmallTimeline";
import styles from "./ShapePicker.module.css";

interface ShapePickerProps {
  readonly isBusy: boolean;
  readonly onPick: (draft: Draft) => void;
}

const ALL = [...SHAPES, ...QUESTION_SHAPES];

/** The patterns that a new problem can start from, each as the timeline that it becomes. */
export function ShapePicker({ isBusy, onPick }: ShapePickerProps) {
  return (
    <section aria-labelledby="shapes-name">
      <QuestionStart isBusy={isBusy} onStart={onPick} />
      <h2 id="shapes-name" className={styles.name}>
        Start from a problem type
      </h2>
      <ul className={styles.shapes}>
        {ALL.map((shape) => (
          <li key={shape.id}>
            <ShapeCard shape={shape} isBusy={isBusy} onPick={onPick} />
          </li>
        ))}
      </ul>
    </section>
  );
}

interface ShapeCardProps extends ShapePickerProps {
  readonly shape: Shape;
}

function ShapeCard({ shape, isBusy, onPick }: ShapeCardProps) {
  const picture = useMemo(() => shape.picture(), [shape]);
  return (
    <button
      type="button"
      className={`card ${styles.shape ?? ""}`}
      disabled={isBusy}
      onClick={() => onPick(shape.start())}
    >
      <SmallTimeline draft={picture} width={168} height={64} />
      <strong>{shape.name}</strong>
      <span>{shape.explains}</span>
    </button>
  );
}
