import { useRef, type ReactNode } from "react";

/** Files in which tables are kept as text. */
export const TABLE_FILES = ".csv,.tsv,.txt,text/csv,text/plain";

interface FilePicker {
  /** Opens the browser's own dialog. */
  readonly open: () => void;
  /** Has to stand on the page; it is not seen. */
  readonly input: ReactNode;
}

/**
 * Lets somebody pick a file by a button of the page's own.
 *
 * @param label what is picked, for those who do not see the button
 */
export function useFilePicker(
  label: string,
  accept: string,
  onPick: (file: File) => void,
): FilePicker {
  const picker = useRef<HTMLInputElement>(null);
  return {
    open: () => picker.current?.click(),
    input: (
      <input
        ref={picker}
        type="file"
        hidden
        aria-label={label}
        accept={accept}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          if (file !== undefined) onPick(file);
          // The same file, mended, can be picked again.
          target.value = "";
        }}
      />
    ),
  };
}
