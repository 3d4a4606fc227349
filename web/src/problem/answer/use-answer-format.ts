import { answerFormatSchema, USUAL_FORMAT, type AnswerFormat } from "@kestrelmoor/core";
import { create } from "zustand";
import { browserStorage } from "../../ui/browser-storage";
import { useDocumentState } from "../document/document-context";

const STORAGE_KEY = "kestrelmoor-answer-format";

function storedFormat(): AnswerFormat {
  try {
    const read = answerFormatSchema.safeParse(JSON.parse(browserStorage.read(STORAGE_KEY) ?? ""));
    return read.success ? read.data : USUAL_FORMAT;
  } catch {
    return USUAL_FORMAT;
  }
}

/** How this person has answers written where a problem says nothing else; this browser remembers it. */
export const useOwnFormat = create<{
  readonly format: AnswerFormat;
  readonly keep: (format: AnswerFormat) => void;
}>((set) => ({
  format: storedFormat(),
  keep: (format) => {
    browserStorage.write(STORAGE_KEY, JSON.stringify(format));
    set({ format });
  },
}));

/** How the answer of the open problem is written. */
export function useAnswerFormat(): AnswerFormat {
  const own = useOwnFormat(({ format }) => format);
  return useDocumentState(({ draft }) => draft.answerFormat) ?? own;
}
