import { answerFormatSchema, USUAL_FORMAT, type AnswerFormat } from "@kestrelmoor/core";
import { create } from "zustand";
import { keptInBrowser } from "../../ui/kept-in-browser";
import { useDocumentState } from "../document/document-context";

const kept = keptInBrowser("kestrelmoor-answer-format", answerFormatSchema, USUAL_FORMAT);

/** How this person has answers written where a problem says nothing else; this browser remembers it. */
export const useOwnFormat = create<{
  readonly format: AnswerFormat;
  readonly keep: (format: AnswerFormat) => void;
}>((set) => ({
  format: kept.first,
  keep: (format) => {
    kept.keep(format);
    set({ format });
  },
}));

/** How the answer of the open problem is written. */
export function useAnswerFormat(): AnswerFormat {
  const own = useOwnFormat(({ format }) => format);
  return useDocumentState(({ draft }) => draft.answerFormat) ?? own;
}
