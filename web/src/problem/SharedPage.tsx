import type { SharedProblem } from "@kestrelmoor/contract";
import { useMutation, useQuery } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { createProblem } from "../api/problems";
import { isRetryWorthwhile } from "../api/request";
import { readShared } from "../api/sharing";
import { troubleWords } from "../api/trouble-words";
import { Message } from "../app/Message";
import { Shell } from "../app/Shell";
import { Note, Trouble } from "../ui/Trouble";
import { dayWords } from "../ui/day-words";
import { createQuestionStore } from "./document/question-store";
import { HistoryButtons } from "./HistoryButtons";
import { OpenPart } from "./parts/OpenPart";
import { ProblemBody } from "./ProblemBody";
import { usePageTitle } from "./use-page-title";
import styles from "./ProblemPage.module.css";

/** A problem that somebody shows. One can try things in it; what it was copied from never changes. */
export function SharedPage() {
  const { address = "" } = useParams();
  const query = useQuery({
    queryKey: ["shared", address],
    queryFn: ({ signal }) => readShared(address, signal),
    staleTime: Infinity,
    gcTime: 0,
    refetchOnWindowFocus: false,
    refetchOnReconnect: false,
  });
  if (query.data !== undefined) return <Opened key={address} shared={query.data} />;
  return (
    <Shell>
      {query.isError ? (
        <Message role="status" title="Nothing is shared here">
          <p>
            The link may have been taken back, or a part of it is missing.{" "}
            <Link to="/">Go to the notebook</Link>.
          </p>
        </Message>
      ) : (
        <Message role="status">
          {isRetryWorthwhile(query.failureReason) && (
            <p>{troubleWords(query.failureReason)} Trying again automatically…</p>
          )}
        </Message>
      )}
    </Shell>
  );
}

function Opened({ shared }: { readonly shared: SharedProblem }) {
  const [store] = useState(() => createQuestionStore(shared.draft));
  const navigate = useNavigate();
  usePageTitle(store);
  const copy = useMutation({
    mutationFn: () => createProblem(store.getState().draft),
    onSuccess: ({ id }) => navigate(`/problems/${id}`),
  });
  return (
    <OpenPart question={store}>
      <Shell tools={<HistoryButtons store={store} />}>
        <Note
          className={styles.shared ?? ""}
          title={`A copy that somebody shared on ${dayWords(shared.sharedAt)}. You can try things here; nothing is saved until you copy it.`}
          action={
            <Button type="primary" loading={copy.isPending} onClick={() => copy.mutate()}>
              Copy to my notebook
            </Button>
          }
        />
        {copy.isError && <Trouble title={copy.error.message} />}
        <ProblemBody />
      </Shell>
    </OpenPart>
  );
}
