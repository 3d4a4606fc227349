import type { ShareReply } from "@kestrelmoor/contract";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useId } from "react";
import { readShare, shareProblem, unshareProblem } from "../../api/sharing";
import { CopyButton } from "../../ui/CopyButton";
import { dayWords } from "../../ui/day-words";
import type { Saver } from "../saving/saver";
import { LateTrouble } from "../../ui/LateTrouble";
import styles from "./SharePanel.module.css";

/** The link of a problem: made, copied, brought up to date, taken back. */
export function SharePanel({ id, saver }: { readonly id: string; readonly saver: Saver }) {
  const field = useId();
  const queryClient = useQueryClient();
  const key = ["share", id];
  const query = useQuery({
    queryKey: key,
    queryFn: async ({ signal }) => {
      // What is typed and not saved yet is not in the copy that it is compared with.
      await saver.flush();
      return readShare(id, signal);
    },
    gcTime: 0,
  });
  const set = (reply: ShareReply) => queryClient.setQueryData(key, reply);
  const make = useMutation({
    mutationFn: async () => {
      await saver.flush();
      return shareProblem(id);
    },
    onSuccess: set,
  });
  const takeBack = useMutation({
    mutationFn: () => unshareProblem(id),
    onSuccess: () => set({ share: null }),
  });
  const share = query.data?.share ?? null;
  const failure = query.error ?? make.error ?? takeBack.error;
  return (
    <div className={styles.panel}>
      <p>
        Whoever has the link sees a copy of this problem as it is when you share it. They can copy
        it into a notebook of their own; they see nothing else of yours.
      </p>
      {share !== null && (
        <>
          <p>
            <label htmlFor={field} className="visually-hidden">
              Link to the copy
            </label>
            <input
              id={field}
              className={`text-box ${styles.link ?? ""}`}
              readOnly
              value={linkTo(share.address)}
              onFocus={({ target }) => target.select()}
            />
          </p>
          <p className="quiet">
            Shared on {dayWords(share.sharedAt)}.{" "}
            {share.isCurrent ? "" : "The problem has changed since then."}
          </p>
        </>
      )}
      <div className={styles.buttons}>
        {share === null ? (
          <Button
            type="primary"
            disabled={query.isPending}
            loading={make.isPending}
            onClick={() => make.mutate()}
          >
            Make a link
          </Button>
        ) : (
          <>
            <CopyButton text={linkTo(share.address)} what="the link" />
            {!share.isCurrent && (
              <Button loading={make.isPending} onClick={() => make.mutate()}>
                Update the copy
              </Button>
            )}
            <Button loading={takeBack.isPending} onClick={() => takeBack.mutate()}>
              Take the link back
            </Button>
          </>
        )}
      </div>
      {takeBack.isSuccess && share === null && (
        <p role="status" className="quiet">
          The link no longer leads anywhere.
        </p>
      )}
      {failure !== null && <LateTrouble title={failure.message} />}
    </div>
  );
}

function linkTo(address: string): string {
  return `${window.location.origin}/shared/${address}`;
}
