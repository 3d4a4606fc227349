import { useStore } from "zustand";
import { useDocument } from "../document/document-context";
import type { QuestionState } from "../document/document-store";

/** Something of the whole question that is open; redraws only when that changes. */
export function useQuestionState<Selected>(select: (state: QuestionState) => Selected): Selected {
  return useStore(useDocument().question, select);
}

/** Whether there is nothing but one part. */
export function useIsOnlyPart(): boolean {
  return useQuestionState((state) => state.parts.length < 2);
}
