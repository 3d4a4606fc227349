import { useAnswerFormat } from "../problem/answer/use-answer-format";
import type { Draft } from "@kestrelmoor/core/typing";
import { Button } from "antd";
import { useState } from "react";
import { useFilePicker } from "../ui/use-file-picker";
import { openProblemFile } from "./problem-files";
import { QuietButton } from "../ui/Buttons";
import { Trouble } from "../ui/Trouble";
import styles from "./OpenFileButton.module.css";

const PROBLEM_FILES =
  ".json,application/json,application/vnd.kestrelmoor.problem+json,application/vnd.kestrelmoor.question+json";

/** Starts a problem from a file; what is wrong with a file is said right here. */
export function OpenFileButton({ onOpen }: { readonly onOpen: (draft: Draft) => void }) {
  const format = useAnswerFormat();
  const [fault, setFault] = useState<{ name: string; sentences: readonly string[] } | null>(null);
  const open = async (file: File) => {
    const opened = await openProblemFile(file, format);
    if (opened.ok) {
      setFault(null);
      onOpen(opened.draft);
    } else {
      setFault({ name: file.name, sentences: opened.sentences });
    }
  };
  const picker = useFilePicker("Problem file", PROBLEM_FILES, (file) => {
    void open(file);
  });
  return (
    <>
      {picker.input}
      <Button onClick={picker.open}>Open a file</Button>
      {fault !== null && (
        <Trouble
          className={styles.fault ?? ""}
          title={`Could not open “${fault.name}”.`}
          description={
            <ul>
              {fault.sentences.map((sentence) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </ul>
          }
          action={<QuietButton onClick={() => setFault(null)}>Close</QuietButton>}
        />
      )}
    </>
  );
}
