import { LIMITS } from "@kestrelmoor/core";
import { SHAPES, type Draft } from "@kestrelmoor/core/typing";
import { Button } from "antd";
import { useId, useState } from "react";
import { QuietButton } from "../ui/Buttons";
import styles from "./ShapePicker.module.css";

interface QuestionStartProps {
  readonly isBusy: boolean;
  readonly onStart: (draft: Draft) => void;
}

/** Starts a problem from the words of its question, which then stand over the lines to be filled in. */
export function QuestionStart({ isBusy, onStart }: QuestionStartProps) {
  const [isOpen, setOpen] = useState(false);
  const [question, setQuestion] = useState("");
  const field = useId();
  const [shape] = SHAPES;
  if (shape === undefined) return null;
  if (!isOpen) {
    return (
      <QuietButton className={styles.fromQuestion ?? ""} onClick={() => setOpen(true)}>
        Start from the text of a question
      </QuietButton>
    );
  }
  const start = () => onStart({ ...shape.start(), question: question.trim() });
  return (
    <form
      className={styles.questionForm}
      onSubmit={(event) => {
        event.preventDefault();
        if (question.trim() !== "") start();
      }}
    >
      <label htmlFor={field}>Paste or type the question.</label>
      <textarea
        id={field}
        ref={(area) => area?.focus()}
        rows={3}
        maxLength={LIMITS.questionLength}
        value={question}
        onChange={(event) => setQuestion(event.target.value)}
      />
      <div className={styles.questionChoices}>
        <Button type="primary" htmlType="submit" disabled={isBusy || question.trim() === ""}>
          Start
        </Button>
        <QuietButton onClick={() => setOpen(false)}>Cancel</QuietButton>
      </div>
    </form>
  );
}
