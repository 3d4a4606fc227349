import type { Draft } from "@kestrelmoor/core/typing";
import { Button } from "antd";
import { useRef, useState } from "react";
import { openProblemFile } from "./problem-files";
import styles from "./OpenFileButton.module.css";

/** Starts a problem from a file; what is wrong with a file is said right here. */
export function OpenFileButton({ onOpen }: { readonly onOpen: (draft: Draft) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [fault, setFault] = useState<{ name: string; sentences: readonly string[] } | null>(null);
  const open = async (file: File) => {
    const opened = await openProblemFile(file);
    if (opened.ok) {
      setFault(null);
      onOpen(opened.draft);
    } else {
      setFault({ name: file.name, sentences: opened.sentences });
    }
  };
  return (
    <>
      <input
        ref={input}
        type="file"
        hidden
        accept=".json,application/json,application/vnd.kestrelmoor.problem+json"
        aria-label="Problem file"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          // Emptied, so that choosing the same file again after mending it is noticed.
          event.target.value = "";
          if (file !== undefined) void open(file);
        }}
      />
      <Button onClick={() => input.current?.click()}>Open a file</Button>
      {fault !== null && (
        <div role="alert" className={styles.fault}>
          <p>“{fault.name}” was not opened.</p>
          <ul>
            {fault.sentences.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
          <button type="button" className="quiet-button" onClick={() => setFault(null)}>
            Close
          </button>
        </div>
      )}
    </>
  );
}
