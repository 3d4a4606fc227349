import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { makeKey } from "../api/notebook";
import { CopyButton } from "../ui/CopyButton";
import { Trouble } from "../ui/Trouble";
import styles from "./Keeping.module.css";

/** Makes the notebook key. It is shown this once, since nobody keeps it but the person. */
export function KeyCard({ hasKey }: { readonly hasKey: boolean }) {
  const queryClient = useQueryClient();
  const [isAsking, setAsking] = useState(false);
  const key = useMutation({
    mutationFn: makeKey,
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ["notebook"] }),
    onSettled: () => setAsking(false),
  });
  const made = key.data?.key;
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="key-name">
      <h2 id="key-name">Notebook key</h2>
      <p>
        Seven words that open your notebook in another browser, and in this one if its cookies are
        deleted. Whoever has the key has the notebook.
      </p>
      {made !== undefined && (
        <div role="status">
          <p className={styles.key}>{made}</p>
          <p>
            <CopyButton text={made} what="the notebook key" />
          </p>
          <p className={styles.quiet}>
            Write it down now. It is not stored, so it cannot be shown again; a new one can be made
            at any time.
          </p>
        </div>
      )}
      {made === undefined && hasKey && !isAsking && (
        <p className={styles.quiet}>
          Your notebook has a key. It is not stored, so it cannot be shown again.
        </p>
      )}
      {isAsking ? (
        <div role="group" aria-label="Replace the key?">
          <p>The key that you have will no longer open anything. Make a new one?</p>
          <p className={styles.buttons}>
            <Button type="primary" loading={key.isPending} onClick={() => key.mutate()} autoFocus>
              Replace the key
            </Button>
            <Button onClick={() => setAsking(false)}>Keep the key</Button>
          </p>
        </div>
      ) : (
        <p className={styles.buttons}>
          <Button
            type={hasKey ? "default" : "primary"}
            loading={key.isPending}
            onClick={() => (hasKey ? setAsking(true) : key.mutate())}
          >
            {hasKey ? "Make a new key" : "Make a notebook key"}
          </Button>
        </p>
      )}
      {key.isError && <Trouble title={key.error.message} />}
    </section>
  );
}
