import type { AnswerFormat } from "@kestrelmoor/core";
import { fileNameOf, saveAsFile } from "../../ui/save-as-file";
import { useDocumentState } from "../document/document-context";
import { csvText, type FigureTable } from "./figure-table";
import { WordButton } from "../../ui/Buttons";

interface SaveCsvButtonProps {
  readonly words: string;
  /** What follows the problem's title in the name of the file. */
  readonly ending: string;
  readonly format: AnswerFormat;
  /** Made when somebody asks for it. */
  readonly figures: () => FigureTable;
}

/** Saves a table of the open problem for other programs. */
export function SaveCsvButton({ words, ending, format, figures }: SaveCsvButtonProps) {
  const title = useDocumentState(({ draft }) => draft.title);
  return (
    <WordButton
      onClick={() => saveAsFile(fileNameOf(title, ending), csvText(figures(), format), "text/csv")}
    >
      {words}
    </WordButton>
  );
}
