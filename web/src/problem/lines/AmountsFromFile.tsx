import { useAnswerFormat } from "../answer/use-answer-format";
import { readTextFile } from "../../files/read-text-file";
import { showNotice } from "../../ui/notices";
import { untilLoaded } from "../../ui/until-loaded";
import { TABLE_FILES, useFilePicker } from "../../ui/use-file-picker";
import { takeTable, type TakenAs } from "./take-table";
import styles from "./Lines.module.css";

interface AmountsFromFileProps {
  readonly as: TakenAs;
  readonly onTake: (text: string) => void;
}

/** Takes the amounts of a line from a CSV file; what is there already can be had back by undo. */
export function AmountsFromFile({ as, onTake }: AmountsFromFileProps) {
  const format = useAnswerFormat();
  const take = async (file: File) => {
    const read = await readTextFile(file);
    const { readTable } = await untilLoaded(() => import("../../files/read-table"));
    const table = read.ok ? readTable(read.text, null, format) : read;
    const taken = table.ok
      ? takeTable(table.rows.map(({ cells }) => cells.join("\t")).join("\n"), as)
      : table;
    if (!taken.ok) {
      showNotice({ kind: "failed", text: `Could not read “${file.name}”. ${taken.sentence}` });
      return;
    }
    onTake(taken.text);
    showNotice({
      kind: "done",
      text: `Amounts read from “${file.name}”. ${taken.remark ?? ""}`.trim(),
    });
  };
  const { open, input } = useFilePicker("File of amounts", TABLE_FILES, (file) => {
    void take(file);
  });
  return (
    <>
      <button type="button" className={styles.fromFile} onClick={open}>
        from a file
      </button>
      {input}
    </>
  );
}
