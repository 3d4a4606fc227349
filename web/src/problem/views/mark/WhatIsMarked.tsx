import { followUpWords, type Problem } from "@kestrelmoor/core";
import { InkChoice } from "../../../ui/InkChoice";
import { useAnswerFormat } from "../../answer/use-answer-format";
import styles from "./Mark.module.css";

interface WhatIsMarkedProps {
  readonly problem: Problem;
  /** The place of the follow-up; `null` for the answer. */
  readonly follow: number | null;
  readonly onChoose: (follow: number | null) => void;
}

const ANSWER = "answer";

/** Whether the answer or a follow-up is marked; nothing where only one thing is asked. */
export function WhatIsMarked({ problem, follow, onChoose }: WhatIsMarkedProps) {
  const format = useAnswerFormat();
  const { also = [] } = problem;
  if (also.length === 0) return null;
  return (
    <p className={styles.sentence}>
      Mark{" "}
      <InkChoice
        label="What is marked"
        value={follow === null ? ANSWER : String(follow)}
        options={[
          [ANSWER, "the answer"],
          ...also.map(
            (question, place) =>
              [String(place), followUpWords(question, problem, format).toLowerCase()] as const,
          ),
        ]}
        onChoose={(chosen) => onChoose(chosen === ANSWER ? null : Number(chosen))}
      />
    </p>
  );
}
