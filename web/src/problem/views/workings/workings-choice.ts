import { USUAL_WORKINGS, workingsStyleSchema, type WorkingsStyle } from "@kestrelmoor/core/typing";
import { create } from "zustand";
import { keptInBrowser } from "../../../ui/kept-in-browser";
import { useDocument, useDocumentStateIfOpen } from "../../document/document-context";

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

/** How the workings of the open problem are written; on a page without a problem, this person's own way. */
export function useWorkingsStyle(): WorkingsStyle {
  const own = useOwnWorkings(({ style }) => style);
  return useDocumentStateIfOpen(({ draft }) => draft.workings) ?? own;
}

/** The same with the way to change it, which stays with the open problem. */
export function useWorkingsChoice() {
  const store = useDocument();
  const choice = useWorkingsStyle();
  const change = (part: Partial<WorkingsStyle>) =>
    store.edit((draft) => {
      draft.workings = { ...choice, ...part };
    });
  return { choice, change };
}
