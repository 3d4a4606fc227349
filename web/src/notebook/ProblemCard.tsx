import type { ListedProblem } from "@kestrelmoor/contract";
import { answerText, sentenceOf, type AnswerFormat } from "@kestrelmoor/core";
import { Dropdown, Input } from "antd";
import { useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { missingWords } from "../problem/answer/missing-words";
import { useAnswerFormat } from "../problem/answer/use-answer-format";
import { outcomeOf, type Outcome } from "../problem/document/outcome";
import { hasLocalCopy } from "../problem/saving/local-copy";
import { SmallTimeline } from "../problem/timeline/SmallTimeline";
import { titleOf } from "../ui/title-of";
import { MoreButton } from "../ui/Buttons";
import styles from "./ProblemCard.module.css";

/** What can be done to a problem of the notebook from its card. */
export interface CardActions {
  readonly rename: (listed: ListedProblem, title: string) => void;
  readonly duplicate: (listed: ListedProblem) => void;
  readonly saveAsFile: (listed: ListedProblem) => void;
  readonly remove: (listed: ListedProblem) => void;
}

interface ProblemCardProps {
  readonly listed: ListedProblem;
  readonly actions: CardActions;
}

/** A saved problem as its small timeline and its answer. */
export function ProblemCard({ listed, actions }: ProblemCardProps) {
  const format = useAnswerFormat();
  const navigate = useNavigate();
  const [isRenaming, setRenaming] = useState(false);
  const { draft, told } = listed.card;
  const outcome = useMemo(() => outcomeOf(draft), [draft]);
  const title = titleOf(listed);
  const address = `/problems/${listed.id}`;
  const choices: Readonly<Record<string, () => void>> = {
    open: () => void navigate(address),
    // The menu gives the focus back as it closes; the field takes it after that.
    rename: () => setTimeout(() => setRenaming(true), 60),
    duplicate: () => actions.duplicate(listed),
    file: () => actions.saveAsFile(listed),
    delete: () => actions.remove(listed),
  };
  return (
    <article className={`card ${styles.card ?? ""}`} aria-label={title}>
      <SmallTimeline draft={draft} outcome={outcome} width={250} height={78} />
      <div className={styles.heading}>
        {isRenaming ? (
          <RenameField
            title={listed.title}
            onDone={(next) => {
              setRenaming(false);
              if (next !== null && next !== listed.title) actions.rename(listed, next);
            }}
          />
        ) : (
          <h3 className={styles.title}>
            <Link to={address}>{title}</Link>
          </h3>
        )}
        <Dropdown
          trigger={["click"]}
          destroyOnHidden
          placement="bottomRight"
          menu={{
            onClick: ({ key }) => choices[key]?.(),
            items: [
              { key: "open", label: "Open" },
              { key: "rename", label: "Rename" },
              { key: "duplicate", label: "Duplicate" },
              { key: "file", label: "Save as a file" },
              { type: "divider" },
              { key: "delete", label: "Delete", danger: true },
            ],
          }}
        >
          <MoreButton className={styles.more ?? ""} aria-label={`More for ${title}`} />
        </Dropdown>
      </div>
      {hasLocalCopy(listed.id) && (
        <p className={styles.local}>Some changes are in this browser only. Open it to save them.</p>
      )}
      <p className={styles.answer}>{told ?? answerWords(outcome, draft.answerFormat ?? format)}</p>
    </article>
  );
}

function answerWords({ problem, result, reading }: Outcome, format: AnswerFormat): string {
  if (problem === null || result === null) return missingWords(reading.issues, format);
  if (result.ok) return answerText(result.value, format);
  const [first] = result.issues;
  return first === undefined ? "" : sentenceOf(first, format);
}

interface RenameFieldProps {
  readonly title: string;
  /** `null` when it is left as it was. */
  readonly onDone: (title: string | null) => void;
}

function RenameField({ title, onDone }: RenameFieldProps) {
  const [text, setText] = useState(title);
  return (
    <Input
      autoFocus
      aria-label="New title"
      maxLength={200}
      value={text}
      onChange={(event) => setText(event.target.value)}
      onFocus={(event) => event.target.select()}
      onPressEnter={() => onDone(text.trim())}
      onBlur={() => onDone(text.trim())}
      onKeyDown={(event) => {
        if (event.key === "Escape") onDone(null);
      }}
    />
  );
}
