import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { useId, useState, type SubmitEvent } from "react";
import { useNavigate } from "react-router";
import { openWithKey } from "../api/notebook";
import { showNotice } from "../ui/notices";
import { mergedWords } from "./notebook-file";
import { Trouble } from "../ui/Trouble";
import styles from "./Keeping.module.css";

/** Opens the notebook of a key in this browser. */
export function OpenCard({ problems }: { readonly problems: number }) {
  const field = useId();
  const fault = useId();
  const [key, setKey] = useState("");
  const queryClient = useQueryClient();
  const navigate = useNavigate();
  const open = useMutation({
    mutationFn: () => openWithKey(key),
    onSuccess: async (merged) => {
      // Whatever was read belongs to the notebook that was open before.
      queryClient.clear();
      const { added, same } = merged;
      const along = added + same === 0 ? "" : ` From this browser: ${mergedWords(merged)}`;
      showNotice({ kind: "done", text: `Your notebook is open.${along}` });
      await navigate("/");
    },
  });
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    if (key.trim() !== "") open.mutate();
  };
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="open-name">
      <h2 id="open-name">Open a notebook with its key</h2>
      <form onSubmit={submit}>
        <p>
          <label htmlFor={field}>The seven words, in their order</label>
          <textarea
            id={field}
            className={`text-box ${styles.words ?? ""}`}
            rows={2}
            maxLength={400}
            autoComplete="off"
            autoCapitalize="none"
            spellCheck={false}
            value={key}
            aria-invalid={open.isError}
            aria-describedby={open.isError ? fault : undefined}
            onChange={({ target }) => {
              setKey(target.value);
              open.reset();
            }}
          />
        </p>
        {open.isError && <Trouble id={fault} title={open.error.message} />}
        {problems > 0 && (
          <p className={styles.quiet}>
            {problems === 1 ? "The problem" : `The ${problems} problems`} that you changed in this
            browser will come along.
          </p>
        )}
        <p className={styles.buttons}>
          <Button htmlType="submit" loading={open.isPending} disabled={key.trim() === ""}>
            Open the notebook
          </Button>
        </p>
      </form>
    </section>
  );
}
