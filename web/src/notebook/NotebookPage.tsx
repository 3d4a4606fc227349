import type { SavedProblem } from "@kestrelmoor/contract";
import type { AnswerFormat } from "@kestrelmoor/core";
import { readParts, type Draft } from "@kestrelmoor/core/typing";
import { Button, Input } from "antd";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { readProblem } from "../api/problems";
import { isRetryWorthwhile } from "../api/request";
import { troubleWords } from "../api/trouble-words";
import { Shell } from "../app/Shell";
import { missingWords } from "../problem/answer/missing-words";
import { useAnswerFormat } from "../problem/answer/use-answer-format";
import { showNotice } from "../ui/notices";
import { titleOf } from "../ui/title-of";
import { useLingering } from "../ui/use-lingering";
import { OpenFileButton } from "./OpenFileButton";
import { ProblemCard, type CardActions } from "./ProblemCard";
import { saveProblemFile, saveQuestionFile } from "./problem-files";
import { ShapePicker } from "./ShapePicker";
import { withOwnConventions } from "../problem/lines/own-conventions";
import { useNotebookActions, useProblemList } from "./use-notebook";
import { Trouble } from "../ui/Trouble";
import styles from "./NotebookPage.module.css";

export function NotebookPage() {
  const [search, setSearch] = useState("");
  const [page, setPage] = useState(1);
  const settledSearch = useLingering(search, 250);
  const list = useProblemList(settledSearch, page);
  const actions = useNotebookActions();
  const navigate = useNavigate();
  const format = useAnswerFormat();
  useEffect(() => {
    document.title = "Notebook · Kestrelmoor";
  }, []);

  const failed = (error: unknown) => {
    const text = error instanceof Error ? error.message : "Something went wrong. Try again.";
    showNotice({ kind: "failed", text });
  };
  const create = (draft: Draft) => {
    actions.create.mutate(draft, {
      onSuccess: ({ id }) => void navigate(`/problems/${id}`, { state: { isNew: true } }),
      onError: failed,
    });
  };
  const cardActions: CardActions = {
    rename: (listed, title) => actions.rename.mutate({ listed, title }, { onError: failed }),
    duplicate: (listed) => actions.duplicate.mutate(listed, { onError: failed }),
    saveAsFile: (listed) => {
      readProblem(listed.id).then(
        (saved) => saveAsFile(saved, saved.draft.answerFormat ?? format),
        failed,
      );
    },
    remove: (listed) => {
      const restore = () => actions.restore.mutate(listed.id, { onError: failed });
      actions.bin.mutate(listed.id, {
        onError: failed,
        onSuccess: () =>
          showNotice({
            kind: "done",
            text: `“${titleOf(listed)}” was moved to the bin.`,
            action: { words: "Undo", run: restore },
          }),
      });
    },
  };

  return (
    <Shell>
      <h1 className="page-title">Notebook</h1>
      <ShapePicker
        isBusy={actions.create.isPending}
        onPick={(draft) => create(withOwnConventions(draft))}
      />
      <section aria-labelledby="problems-name" className={styles.problems}>
        <div className={styles.head}>
          <h2 id="problems-name" className={styles.name}>
            Your problems
          </h2>
          <Link to="/keep" className={styles.keep}>
            Keep your notebook
          </Link>
          <OpenFileButton onOpen={create} />
          <Input
            className={styles.search ?? ""}
            type="search"
            allowClear
            aria-label="Search titles and questions"
            placeholder="Search titles and questions"
            maxLength={200}
            value={search}
            onChange={(event) => {
              setSearch(event.target.value);
              setPage(1);
            }}
          />
        </div>
        {list.failureReason !== null && isRetryWorthwhile(list.failureReason) && (
          <Trouble
            isUrgent={false}
            className={styles.away ?? ""}
            title={`${troubleWords(list.failureReason)} Trying again automatically…`}
          />
        )}
        {list.isError && <Trouble className={styles.away ?? ""} title={list.error.message} />}
        {list.data !== undefined && (
          <>
            {list.data.items.length === 0 && (
              <p className={styles.empty}>
                {settledSearch === ""
                  ? "No problems yet. Choose the problem type above that looks most like your question."
                  : `No title or question contains “${settledSearch}”.`}
              </p>
            )}
            <ul className={styles.cards}>
              {list.data.items.map((listed) => (
                <li key={listed.id}>
                  <ProblemCard listed={listed} actions={cardActions} />
                </li>
              ))}
            </ul>
            <Pages
              page={page}
              pages={Math.ceil(list.data.total / list.data.pageSize)}
              onGo={setPage}
            />
          </>
        )}
      </section>
    </Shell>
  );
}

function saveAsFile(saved: SavedProblem, format: AnswerFormat): void {
  const { problem, question, draft } = saved;
  const title = titleOf(saved);
  if (problem !== null) {
    saveProblemFile(problem, title);
    return;
  }
  if (question !== null) {
    saveQuestionFile(question, title);
    return;
  }
  const unread = readParts(draft).find((part) => part.problem === null);
  const text = `Only complete problems can be saved as a file. ${missingWords(unread?.reading.issues ?? [], format)}`;
  showNotice({ kind: "failed", text });
}

interface PagesProps {
  readonly page: number;
  readonly pages: number;
  readonly onGo: (page: number) => void;
}

function Pages({ page, pages, onGo }: PagesProps) {
  if (pages < 2) return null;
  return (
    <nav aria-label="Pages of the notebook" className={styles.pages}>
      <Button disabled={page <= 1} onClick={() => onGo(page - 1)}>
        Newer
      </Button>
      <span>
        Page {page} of {pages}
      </span>
      <Button disabled={page >= pages} onClick={() => onGo(page + 1)}>
        Older
      </Button>
    </nav>
  );
}
