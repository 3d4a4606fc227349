import { USUAL_WORKINGS, workingsStyleSchema, type WorkingsStyle } from "@kestrelmoor/core/typing";
import { ownChoice } from "../../../ui/own-choice";
import { useDocument, useDocumentStateIfOpen } from "../../document/document-context";

/** How this person has workings written, for problems without their own choice; kept in this browser. */
export const useOwnWorkings = ownChoice(
  "kestrelmoor-workings",
  workingsStyleSchema,
  USUAL_WORKINGS,
);

/** How the workings of the open problem are written; on a page without a problem, this person's own way. */
export function useWorkingsStyle(): WorkingsStyle {
  const own = useOwnWorkings((state) => state.own);
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
