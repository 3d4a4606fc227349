import type { SavedProblem } from "@kestrelmoor/contract";
import { answerText, sentenceOf, type AnswerFormat } from "@kestrelmoor/core";
import { Dropdown, Input } from "antd";
import { useMemo, useState } from "react";
import { Link, useNavigate } from "react-router";
import { missingWords } from "../problem/answer/missing-words";
import { useAnswerFormat } from "../problem/answer/use-answer-format";
import { outcomeOf, type Outcome } from "../problem/document/document-store";
import { showNotice } from "../ui/notices";
import { saveProblemFile } from "./problem-files";
import { SmallTimeline } from "../problem/timeline/SmallTimeline";
import styles from "./ProblemCard.module.css";

interface ProblemCardProps {
  readonly saved: SavedProblem;
  readonly onRename: (saved: SavedProblem, title: string) => void;
  readonly onDuplicate: (saved: SavedProblem) => void;
  readonly onDelete: (saved: SavedProblem) => void;
}

export function titleOf({ title }: { readonly title: string }): string {
  return title.trim() === "" ? "Untitled problem" : title;
}

/** A saved problem as its small timeline and its answer. */
export function ProblemCard({ saved, onRename, onDuplicate, onDelete }: ProblemCardProps) {
  const format = useAnswerFormat();
  const navigate = useNavigate();
  const [isRenaming, setRenaming] = useState(false);
  const outcome = useMemo(() => outcomeOf(saved.draft), [saved.draft]);
  const title = titleOf(saved);
  const address = `/problems/${saved.id}`;
  const actions: Readonly<Record<string, () => void>> = {
    open: () => void navigate(address),
    // The menu gives the focus back as it closes; the field takes it after that.
    rename: () => setTimeout(() => setRenaming(true), 60),
    duplicate: () => onDuplicate(saved),
    file: () => saveAsFile(outcome, title, format),
    delete: () => onDelete(saved),
  };
  return (
    <article className={`card ${styles.card ?? ""}`} aria-label={title}>
      <SmallTimeline draft={saved.draft} outcome={outcome} width={250} height={78} />
      <div className={styles.heading}>
        {isRenaming ? (
          <RenameField
            title={saved.title}
            onDone={(next) => {
              setRenaming(false);
              if (next !== null && next !== saved.title) onRename(saved, next);
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
            onClick: ({ key }) => actions[key]?.(),
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
          <button type="button" className={styles.more} aria-label={`More for ${title}`}>
            <svg width="16" height="16" viewBox="0 0 16 16" aria-hidden="true" fill="currentColor">
              <circle cx="3" cy="8" r="1.500" />
              <circle cx="8" cy="8" r="1.500" />
              <circle cx="13" cy="8" r="1.500" />
            </svg>
          </button>
        </Dropdown>
      </div>
      <p className={styles.answer}>{answerWords(outcome, saved.draft.answerFormat ?? format)}</p>
    </article>
  );
}

function saveAsFile({ problem, reading }: Outcome, title: string, format: AnswerFormat): void {
  if (problem !== null) {
    saveProblemFile(problem, title);
    return;
  }
  const text = `Only complete problems can be saved as a file. ${missingWords(reading.issues, format)}`;
  showNotice({ kind: "failed", text });
}

function answerWords({ problem, result, reading }: Outcome, format: AnswerFormat): string {
  if (problem === null || result === null) return missingWords(reading.issues, format);
  if (result.ok) return answerText(problem, result.value, format);
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
