import { KEPT_DAYS, type ListedProblem } from "@kestrelmoor/contract";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { emptyBin, readBin } from "../api/notebook";
import { restoreProblem } from "../api/problems";
import { SmallTimeline } from "../problem/timeline/SmallTimeline";
import { dayWords } from "../ui/day-words";
import { showNotice } from "../ui/notices";
import { titleOf } from "../ui/title-of";
import { Trouble } from "../ui/Trouble";
import styles from "./Keeping.module.css";

/** The deleted problems: to be restored, or removed for good. */
export function BinCard() {
  const queryClient = useQueryClient();
  const [isAsking, setAsking] = useState(false);
  const bin = useQuery({ queryKey: ["bin"], queryFn: ({ signal }) => readBin(signal) });
  const changed = () => queryClient.invalidateQueries();
  const restore = useMutation({
    mutationFn: (listed: ListedProblem) => restoreProblem(listed.id),
    onSuccess: (_, listed) =>
      showNotice({ kind: "done", text: `“${titleOf(listed)}” is in the notebook again.` }),
    onSettled: changed,
  });
  const empty = useMutation({
    mutationFn: emptyBin,
    onSuccess: () => setAsking(false),
    onSettled: changed,
  });
  const items = bin.data?.items ?? [];
  const failure = bin.error ?? restore.error ?? empty.error;
  return (
    <section
      className={`card ${styles.card ?? ""} ${styles.wide ?? ""}`}
      aria-labelledby="bin-name"
    >
      <h2 id="bin-name">Bin</h2>
      {bin.isSuccess && items.length === 0 && (
        <p className={styles.quiet}>
          The bin is empty. Deleted problems stay here for {KEPT_DAYS.bin} days.
        </p>
      )}
      {items.length > 0 && (
        <>
          <p>Deleted problems are removed for good after {KEPT_DAYS.bin} days.</p>
          <ul className={styles.bin}>
            {items.map((listed) => (
              <li key={listed.id} className={styles.binned}>
                <SmallTimeline draft={listed.card.draft} width={120} height={44} />
                <span className={styles.title}>
                  {titleOf(listed)} <span className={styles.quiet}>{deletedWords(listed)}</span>
                </span>
                <Button
                  loading={restore.isPending && restore.variables.id === listed.id}
                  onClick={() => restore.mutate(listed)}
                  aria-label={`Restore “${titleOf(listed)}”`}
                >
                  Restore
                </Button>
              </li>
            ))}
          </ul>
          {isAsking ? (
            <div role="group" aria-label="Empty the bin?">
              <p>
                {items.length === 1 ? "This problem" : `These ${items.length} problems`} cannot be
                restored afterwards.
              </p>
              <p className={styles.buttons}>
                <Button danger loading={empty.isPending} onClick={() => empty.mutate()} autoFocus>
                  Remove for good
                </Button>
                <Button onClick={() => setAsking(false)}>Keep the bin</Button>
              </p>
            </div>
          ) : (
            <p className={styles.buttons}>
              <Button onClick={() => setAsking(true)}>Empty the bin</Button>
            </p>
          )}
        </>
      )}
      {failure !== null && <Trouble title={failure.message} />}
    </section>
  );
}

function deletedWords({ deletedAt }: ListedProblem): string {
  return deletedAt === null ? "" : `deleted on ${dayWords(deletedAt)}`;
}
