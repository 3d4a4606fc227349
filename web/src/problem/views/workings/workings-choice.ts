import { USUAL_WORKINGS, workingsStyleSchema, type WorkingsStyle } from "@kestrelmoor/core/typing";
import { create } from "zustand";
import { keptInBrowser } from "../../../ui/kept-in-browser";
import { useDocument, useDocumentState } from "../../document/document-context";

const kept = keptInBrowser("kestrelmoor-workings", workingsStyleSchema, USUAL_WORKINGS);

/** How this person has workings written, for problems without their own choice; kept in this browser. */
export const useOwnWorkings = create<{
  readonly style: WorkingsStyle;
  readonly keep: (style: WorkingsStyle) => void;
}>((set) => ({
  style: kept.first,
  keep: (style) => {
    kept.keep(style);
    set({ style });
  },
}));

/** How the workings of the open problem are written; what is chosen stays with the problem. */
export function useWorkingsChoice() {
  const store = useDocument();
  const own = useOwnWorkings(({ style }) => style);
  const choice = useDocumentState(({ draft }) => draft.workings) ?? own;
  const change = (part: Partial<WorkingsStyle>) =>
    store.edit((draft) => {
      draft.workings = { ...choice, ...part };
    });
  return { choice, change };
}
