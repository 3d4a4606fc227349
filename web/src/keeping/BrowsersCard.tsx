import type { NotebookReply } from "@kestrelmoor/contract";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useState } from "react";
import { useNavigate } from "react-router";
import { closeElsewhere, closeHere } from "../api/notebook";
import { forgetDesk } from "../desk/desk";
import { dropAllLocalCopies } from "../problem/saving/local-copy";
import { showNotice } from "../ui/notices";
import { Trouble } from "../ui/Trouble";
import styles from "./Keeping.module.css";

/** Closes the notebook where it should not stay open. */
export function BrowsersCard({ facts }: { readonly facts: NotebookReply }) {
  const { hasKey, otherBrowsers } = facts;
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const [isAsking, setAsking] = useState(false);
  const elsewhere = useMutation({
    mutationFn: closeElsewhere,
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ["notebook"] }),
  });
  const here = useMutation({
    mutationFn: closeHere,
    onSuccess: async () => {
      // Whoever comes next sees nothing of it.
      queryClient.clear();
      dropAllLocalCopies();
      forgetDesk();
      showNotice({ kind: "done", text: "The notebook is closed here. Its key opens it again." });
      await navigate("/");
    },
  });
  if (!hasKey) return null;
  const failure = elsewhere.error ?? here.error;
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="browsers-name">
      <h2 id="browsers-name">Where it is open</h2>
      <p>
        {otherBrowsers === 0
          ? "Your notebook is open in this browser only."
          : `Your notebook is open in this browser and in ${otherBrowsers === 1 ? "one other" : `${otherBrowsers} others`}.`}
      </p>
      {isAsking ? (
        <div role="group" aria-label="Close the notebook here?">
          <p>Only the key opens it again. Do you have it written down?</p>
          <p className={styles.buttons}>
            <Button type="primary" loading={here.isPending} onClick={() => here.mutate()} autoFocus>
              Close it here
            </Button>
            <Button onClick={() => setAsking(false)}>Leave it open</Button>
          </p>
        </div>
      ) : (
        <p className={styles.buttons}>
          <Button onClick={() => setAsking(true)}>Close it in this browser</Button>
          {otherBrowsers > 0 && (
            <Button loading={elsewhere.isPending} onClick={() => elsewhere.mutate()}>
              Close it in all other browsers
            </Button>
          )}
        </p>
      )}
      {failure !== null && <Trouble title={failure.message} />}
    </section>
  );
}
