import { useRef } from "react";
import { readTable, readTextFile } from "../../files/read-file";
import { showNotice } from "../../ui/notices";
import { takeTable, type TakenAs } from "./take-table";
import styles from "./Lines.module.css";

interface AmountsFromFileProps {
  readonly as: TakenAs;
  readonly onTake: (text: string) => void;
}

/** Takes the amounts of a line from a CSV file; what is there already can be had back by undo. */
export function AmountsFromFile({ as, onTake }: AmountsFromFileProps) {
  const picker = useRef<HTMLInputElement>(null);
  const take = async (file: File) => {
    const read = await readTextFile(file);
    const table = read.ok ? readTable(read.text, null) : read;
    const taken = table.ok
      ? takeTable(table.rows.map(({ cells }) => cells.join("\t")).join("\n"), as)
      : table;
    if (!taken.ok) {
      showNotice({ kind: "failed", text: `“${file.name}” was not taken. ${taken.sentence}` });
      return;
    }
    onTake(taken.text);
    showNotice({
      kind: "done",
      text: `The amounts of “${file.name}” are on the line. ${taken.remark ?? ""}`.trim(),
    });
  };
  return (
    <>
      <button type="button" className={styles.fromFile} onClick={() => picker.current?.click()}>
        from a file
      </button>
      <input
        ref={picker}
        type="file"
        hidden
        aria-label="File of amounts"
        accept=".csv,.tsv,.txt,text/csv,text/plain"
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file !== undefined) void take(file);
          // The same file, mended, can be picked again.
          target.value = "";
        }}
      />
    </>
  );
}
