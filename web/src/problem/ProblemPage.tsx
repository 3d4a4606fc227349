import type { SavedProblem } from "@kestrelmoor/contract";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { createProblem, readProblem } from "../api/problems";
import { isRetryWorthwhile } from "../api/request";
import { Shell } from "../app/Shell";
import { showNotice } from "../ui/notices";
import { Answer } from "./answer/Answer";
import { AnswerBar } from "./answer/AnswerBar";
import { DocumentProvider } from "./document/document-context";
import { HistoryButtons } from "./HistoryButtons";
import { focusFirstEmptyField } from "./lines/field-id";
import { Lines } from "./lines/Lines";
import { openProblem, type OpenProblem } from "./open-problem";
import { QuestionField } from "./QuestionField";
import { ConflictBanner } from "./saving/ConflictBanner";
import { SaveStateText } from "./saving/SaveStateText";
import { Timeline } from "./timeline/Timeline";
import { TitleField } from "./TitleField";
import { Views } from "./views/Views";
import { loadDropdownSoon } from "../ui/lazy-dropdown";
import styles from "./ProblemPage.module.css";

export function ProblemPage() {
  const { id = "" } = useParams();
  const query = useQuery({
    queryKey: ["problem", id],
    queryFn: ({ signal }) => readProblem(id, signal),
    // The open document is the truth from here on; nothing may be fetched over it.
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (query.data !== undefined) return <OpenedPage key={id} saved={query.data} />;
  const isAway = isRetryWorthwhile(query.failureReason);
  return (
    <Shell>
      <div className={styles.message} role="status">
        {query.isError ? (
          <>
            <h1>This problem is not in your notebook</h1>
            <p>
              It may have been deleted, or it belongs to another browser.{" "}
              <Link to="/">Go to the notebook</Link>.
            </p>
          </>
        ) : (
          isAway && <p>Cannot reach the server. Trying again automatically…</p>
        )}
      </div>
    </Shell>
  );
}

function OpenedPage({ saved }: { readonly saved: SavedProblem }) {
  const queryClient = useQueryClient();
  const [open] = useState(() =>
    openProblem(saved, () => {
      void queryClient.invalidateQueries({ queryKey: ["problems"] });
    }),
  );
  useEffect(() => open.keepSaving(), [open]);
  return <Page open={open} />;
}

function Page({ open }: { readonly open: OpenProblem }) {
  const { store, saver } = open;
  const navigate = useNavigate();

  useEffect(() => {
    const name = () => {
      const { title } = store.getState().draft;
      document.title = `${title === "" ? "Untitled problem" : title} · Kestrelmoor`;
    };
    name();
    return store.subscribe(name);
  }, [store]);

  useEffect(loadDropdownSoon, []);

  const { state } = useLocation() as { state: { isNew?: boolean } | null };
  const isNew = state?.isNew === true;
  useEffect(() => {
    if (isNew) focusFirstEmptyField();
  }, [isNew]);

  const takeTheirs = (theirs: SavedProblem) => {
    store.replace(theirs.draft);
    // After the text is in its place: that change is theirs and needs no saving.
    saver.takeTheirs(theirs);
  };
  const keepBoth = async (theirs: SavedProblem | null) => {
    const { draft } = store.getState();
    const name = draft.title === "" ? "Untitled problem" : draft.title;
    const title = theirs === null ? draft.title : `${name} (mine)`.slice(0, 200);
    try {
      const mine = await createProblem({ ...draft, title });
      if (theirs === null) {
        await navigate(`/problems/${mine.id}`, { replace: true });
      } else {
        takeTheirs(theirs);
        showNotice({ kind: "done", text: `Your version is in the notebook as “${title}”.` });
      }
    } catch {
      showNotice({
        kind: "failed",
        text: "Could not save your version. It is still here; try again.",
      });
    }
  };

  return (
    <DocumentProvider value={store}>
      <Shell
        tools={
          <>
            <SaveStateText saver={saver} />
            <HistoryButtons store={store} />
          </>
        }
      >
        <ConflictBanner
          saver={saver}
          keepBoth={(theirs) => void keepBoth(theirs)}
          takeTheirs={takeTheirs}
        />
        <div className={styles.heading}>
          <TitleField />
          <QuestionField />
        </div>
        <Timeline />
        <div className={styles.halves}>
          <Lines />
          <Answer />
        </div>
        <Views />
        <AnswerBar />
      </Shell>
    </DocumentProvider>
  );
}
