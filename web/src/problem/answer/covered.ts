import { useDocumentState } from "../document/document-context";
import type { DocumentState } from "../document/document-store";
import { keptBeside } from "../document/kept-beside";
import { useClaims } from "../views/mark/claim";

const useKept = keptBeside(
  () => ({ isWanted: false }),
  ({ question }) => question,
);

/** Whether answers are covered, so that somebody can find them first; each until its own number has been typed. */
export function useCover() {
  const [{ isWanted }, change] = useKept();
  const { of } = useClaims();
  const open = useDocumentState(({ draft }) => draft.part.label);
  const isCovered = (label: string) => {
    const { answer, follow, figure } = of(label);
    // A figure of the schedule, or a follow-up, is not the answer.
    const isTyped = follow === null && figure === null && /\d/.test(answer);
    return isWanted && !isTyped;
  };
  return {
    isWanted,
    /** Whether the answer of the open part is covered. */
    isCovered: isCovered(open),
    covers: isCovered,
    cover: (wanted: boolean) => change({ isWanted: wanted }),
  };
}

/** Each outcome without its answer, made once. */
const withoutAnswer = new WeakMap<DocumentState["outcome"], DocumentState["outcome"]>();

function covered(state: DocumentState): DocumentState {
  const { outcome } = state;
  const without = withoutAnswer.get(outcome) ?? { ...outcome, solved: null, result: null };
  withoutAnswer.set(outcome, without);
  return { ...state, outcome: without };
}

/** What is shown of the document: its answer only where that is not covered. */
export function useShownState<Shown>(select: (state: DocumentState) => Shown): Shown {
  const { isCovered } = useCover();
  return useDocumentState((state) => select(isCovered ? covered(state) : state));
}
