import type { SavedProblem } from "@kestrelmoor/contract";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import { createProblem, readProblem } from "../api/problems";
import { isRetryWorthwhile } from "../api/request";
import { troubleWords } from "../api/trouble-words";
import { Message } from "../app/Message";
import { Shell } from "../app/Shell";
import { showNotice } from "../ui/notices";
import { titleOf } from "../ui/title-of";
import { HistoryButtons } from "./HistoryButtons";
import { focusFirstEmptyField } from "./lines/field-id";
import { openProblem, type OpenProblem } from "./open-problem";
import { OpenPart } from "./parts/OpenPart";
import { ProblemBody } from "./ProblemBody";
import { ConflictBanner } from "./saving/ConflictBanner";
import { findLocalCopies, type FoundCopy } from "./saving/local-copy";
import { SaveStateText } from "./saving/SaveStateText";
import { useOtherCopies } from "./saving/use-other-copies";
import { ShareButton } from "./sharing/ShareButton";
import { usePageTitle } from "./use-page-title";
import styles from "./ProblemPage.module.css";

export function ProblemPage() {
  const { id = "" } = useParams();
  const query = useQuery({
    queryKey: ["problem", id],
    queryFn: async ({ signal }) => {
      const [saved, copies] = await Promise.all([readProblem(id, signal), findLocalCopies(id)]);
      return { saved, copies };
    },
    // The open document is the truth from here on; nothing may be fetched over it.
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (query.data !== undefined) return <OpenedPage key={id} {...query.data} />;
  const isAway = isRetryWorthwhile(query.failureReason);
  return (
    <Shell>
      {query.isError ? (
        <Message role="status" title="This problem is not in your notebook">
          <p>
            It may have been deleted, or it belongs to another browser.{" "}
            <Link to="/">Go to the notebook</Link>.
          </p>
        </Message>
      ) : (
        <Message role="status">
          {isAway && <p>{troubleWords(query.failureReason)} Trying again automatically…</p>}
        </Message>
      )}
    </Shell>
  );
}

interface OpenedPageProps {
  readonly saved: SavedProblem;
  /** What was left in this browser, the one to open first. */
  readonly copies: readonly FoundCopy[];
}

function OpenedPage({ saved, copies }: OpenedPageProps) {
  const queryClient = useQueryClient();
  const [local = null] = copies;
  const [open] = useState(() =>
    openProblem(saved, local, () => {
      void queryClient.invalidateQueries({ queryKey: ["problems"] });
    }),
  );
  const others = useMemo(() => copies.slice(1), [copies]);
  useOtherCopies(saved, others);
  useEffect(() => open.keepSaving(), [open]);
  return <Page open={open} />;
}

function Page({ open }: { readonly open: OpenProblem }) {
  const { store, saver } = open;
  const navigate = useNavigate();

  usePageTitle(store);

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
    const name = titleOf(draft);
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
    <OpenPart question={store}>
      <Shell
        tools={
          <>
            <SaveStateText saver={saver} />
            <HistoryButtons store={store} />
            <span className={styles.whenWide}>
              <ShareButton id={open.id} saver={saver} />
            </span>
          </>
        }
      >
        <ConflictBanner
          saver={saver}
          keepBoth={(theirs) => void keepBoth(theirs)}
          takeTheirs={takeTheirs}
        />
        <ProblemBody />
        {/* A telephone has no room for it beside the places. */}
        <p className={styles.whenNarrow}>
          <ShareButton id={open.id} saver={saver} />
        </p>
      </Shell>
    </OpenPart>
  );
}
