import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Button } from "antd";
import { mergeNotebook, NOTEBOOK_FILE_ADDRESS } from "../api/notebook";
import { useFilePicker } from "../ui/use-file-picker";
import { inParts, mergedWords, readNotebookFile, summed } from "./notebook-file";
import { Trouble } from "../ui/Trouble";
import styles from "./Keeping.module.css";

const NOTEBOOK_FILES = ".json,application/json";

/** The whole notebook as one file, and back. */
export function FileCard({
  problems,
  inBin,
}: {
  readonly problems: number;
  readonly inBin: number;
}) {
  const queryClient = useQueryClient();
  const read = useMutation({
    mutationFn: async (file: File) => {
      const found = await readNotebookFile(file);
      if (!found.ok) throw new Error(found.sentence);
      const { problems: carried, desk } = found.file;
      const [first = [], ...others] = inParts(carried);
      const replies = [await mergeNotebook({ problems: first, desk })];
      for (const part of others) replies.push(await mergeNotebook({ problems: part, desk: {} }));
      return mergedWords(summed(replies));
    },
    onSettled: () => queryClient.invalidateQueries(),
  });
  const picker = useFilePicker("Notebook file", NOTEBOOK_FILES, (file) => read.mutate(file));
  const isEmpty = problems + inBin === 0;
  return (
    <section className={`card ${styles.card ?? ""}`} aria-labelledby="file-name">
      <h2 id="file-name">The whole notebook in one file</h2>
      <p>
        Everything you have changed, with the bin, the rates and the tables. Reading it back adds
        what is missing and doubles nothing.
      </p>
      {isEmpty && (
        <p className={styles.quiet}>
          You have not changed anything yet. The sample problems are always here.
        </p>
      )}
      <p className={styles.buttons}>
        <Button href={NOTEBOOK_FILE_ADDRESS} download disabled={isEmpty}>
          Save the notebook as a file
        </Button>
        {picker.input}
        <Button loading={read.isPending} onClick={picker.open}>
          Read a notebook file
        </Button>
      </p>
      {read.isSuccess && (
        <p role="status" className={styles.done}>
          {read.data}
        </p>
      )}
      {read.isError && <Trouble title={read.error.message} />}
    </section>
  );
}
