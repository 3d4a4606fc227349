import { answerFormatSchema, USUAL_FORMAT, type AnswerFormat } from "@kestrelmoor/core";
import { create } from "zustand";
import { keptInBrowser } from "../../ui/kept-in-browser";
import { useDocumentStateIfOpen } from "../document/document-context";

const kept = keptInBrowser("kestrelmoor-answer-format", answerFormatSchema, USUAL_FORMAT);

/** The number format of this person, for problems without their own; kept in this browser. */
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

/** The number format of the open problem; on a page without a problem, the person's own. */
export function useAnswerFormat(): AnswerFormat {
  const own = useOwnFormat(({ format }) => format);
  return useDocumentStateIfOpen(({ draft }) => draft.answerFormat) ?? own;
}
