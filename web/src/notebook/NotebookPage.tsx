import type { SavedProblem } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { Button, Input } from "antd";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { isRetryWorthwhile } from "../api/request";
import { Shell } from "../app/Shell";
import { showNotice } from "../ui/notices";
import { useLingering } from "../ui/use-lingering";
import { OpenFileButton } from "./OpenFileButton";
import { ProblemCard, titleOf } from "./ProblemCard";
import { ShapePicker } from "./ShapePicker";
import { useNotebookActions, useProblemList } from "./use-notebook";
import styles from "./NotebookPage.module.css";

export function NotebookPage() {
  const [search, setSearch] = useState("");
  const [page, setPage] = useState(1);
  const settledSearch = useLingering(search, 250);
  const list = useProblemList(settledSearch, page);
  const actions = useNotebookActions();
  const navigate = useNavigate();
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
  const duplicate = (saved: SavedProblem) => {
    const title = `${titleOf(saved).slice(0, 190)} (copy)`;
    actions.create.mutate({ ...saved.draft, title }, { onError: failed });
  };
  const remove = (saved: SavedProblem) => {
    const restore = () => actions.restore.mutate(saved.id, { onError: failed });
    actions.bin.mutate(saved.id, {
      onError: failed,
      onSuccess: () =>
        showNotice({
          kind: "done",
          text: `“${titleOf(saved)}” was deleted.`,
          action: { words: "Undo", run: restore },
        }),
    });
  };

  return (
    <Shell>
      <h1 className="page-title">Notebook</h1>
      <ShapePicker isBusy={actions.create.isPending} onPick={create} />
      <section aria-labelledby="problems-name" className={styles.problems}>
        <div className={styles.head}>
          <h2 id="problems-name" className={styles.name}>
            Your problems
          </h2>
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
          <p role="status" className={styles.away}>
            Cannot reach the server. Trying again automatically…
          </p>
        )}
        {list.isError && (
          <p role="alert" className={styles.away}>
            {list.error.message}
          </p>
        )}
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
              {list.data.items.map((saved) => (
                <li key={saved.id}>
                  <ProblemCard
                    saved={saved}
                    onRename={(target, title) =>
                      actions.rename.mutate({ saved: target, title }, { onError: failed })
                    }
                    onDuplicate={duplicate}
                    onDelete={remove}
                  />
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
