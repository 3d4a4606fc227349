import { useAnswerFormat } from "./use-answer-format";
import {
  followUpWords,
  sentenceOf,
  writeMoney,
  type AnswerFormat,
  type Problem,
} from "@kestrelmoor/core";
import {
  FOLLOW_UPS,
  partOfFollowUp,
  writeFollowUpField,
  type FollowUpLine,
  type FollowUpReading,
} from "@kestrelmoor/core/typing";
import { useDocumentState } from "../document/document-context";
import { fieldId } from "../lines/field-id";
import { TypedField } from "../lines/TypedField";
import { useFieldEditing } from "../lines/use-line-editing";
import { CopyFigure } from "./CopyFigure";
import { furtherAnswers } from "./further-answers";
import { FOLLOW_UP_KINDS, wordBefore } from "./follow-up-kinds";
import { usePartEditing } from "../parts/use-part-editing";
import { DropButton, LightButton } from "../../ui/Buttons";
import styles from "./Answer.module.css";

const NOTHING_ASKED: FollowUpReading = { field: null, question: null };

/** The questions that read the same timeline, each with its answer. */
export function FollowUps({ format }: { readonly format: AnswerFormat }) {
  const lines = useDocumentState(({ draft }) => draft.also);
  const outcome = useDocumentState((state) => state.outcome);
  if (lines.length === 0) return null;
  const answers = furtherAnswers(outcome);
  return (
    <ul className={styles.further} aria-label="Follow-up questions">
      {lines.map((line, index) => {
        const answer = answers[index];
        return (
          <FollowUpRow
            key={line.id}
            line={line}
            reading={outcome.reading.also[index] ?? NOTHING_ASKED}
            problem={outcome.problem}
            figure={
              answer === undefined ? null : answer === null ? "none" : writeMoney(answer, format)
            }
          />
        );
      })}
    </ul>
  );
}

interface RowProps {
  readonly line: FollowUpLine;
  readonly reading: FollowUpReading;
  readonly problem: Problem | null;
  readonly figure: string | null;
}

function FollowUpRow({ line, reading, problem, figure }: RowProps) {
  const format = useAnswerFormat();
  const { type, leave, change } = useFieldEditing();
  const { id } = line;
  const { field, question } = reading;
  const own = useDocumentState(({ draft }) => draft);
  const { add } = usePartEditing();
  const part = question === null ? null : partOfFollowUp(own, line);
  const words =
    question !== null && problem !== null
      ? followUpWords(question, problem, format)
      : "This question";
  return (
    <li>
      <span className={styles.furtherWords}>
        {line.kind === "total" || line.kind === "kept" ? (
          <>
            {words}
            {field?.state === "issue" && (
              <span className={styles.complaint}>{sentenceOf(field.issue, format)}</span>
            )}
          </>
        ) : (
          <>
            {[FOLLOW_UP_KINDS[line.kind].begins, wordBefore(line, reading)]
              .filter((part) => part !== "")
              .join(" ")}
            <TypedField
              id={fieldId(id, "further")}
              name={`${FOLLOW_UP_KINDS[line.kind].begins}: when`}
              text={"at" in line ? line.at : line.over}
              hint={"at" in line ? "5 years" : "year 3"}
              reading={field ?? { state: "unknown" }}
              onType={(text) =>
                type(`${id}-further`, (draft) => writeFollowUpField(draft, id, text))
              }
              onLeave={leave}
            />
          </>
        )}
      </span>
      {figure === null ? (
        <span className={styles.noFigure}>–</span>
      ) : (
        <CopyFigure text={figure} what={words} />
      )}
      {part !== null && (
        <LightButton
          className={styles.asPart ?? ""}
          aria-label={`Make it a part: ${words}`}
          title="Make it a part of the question"
          onClick={() => add([part])}
        >
          Part
        </LightButton>
      )}
      <DropButton
        className={styles.drop ?? ""}
        aria-label={`Remove: ${words}`}
        title="Remove this question"
        onClick={() => change((draft) => FOLLOW_UPS.remove(draft, id))}
      />
    </li>
  );
}
