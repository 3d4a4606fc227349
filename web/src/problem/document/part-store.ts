import type { DocumentState, DocumentStore, QuestionState, QuestionStore } from "./document-store";

/** The document of one part. While a part that was removed is still drawn, it is what it last was. */
export function partStore(question: QuestionStore, label: string): DocumentStore {
  let last: { readonly whole: QuestionState; readonly state: DocumentState } | null = null;
  const stateOf = (whole: QuestionState): DocumentState => {
    if (last?.whole === whole) return last.state;
    const { parts, past, future } = whole;
    const outcome = parts.find(({ draft }) => draft.part.label === label) ?? last?.state.outcome;
    if (outcome === undefined) throw new Error(`There is no part (${label})`);
    const state = { draft: outcome.draft, outcome, past, future };
    last = { whole, state };
    return state;
  };
  const getState = () => stateOf(question.getState());
  return {
    getState,
    getInitialState: getState,
    subscribe: (listener) => {
      let before = getState();
      return question.subscribe(() => {
        const state = getState();
        listener(state, before);
        before = state;
      });
    },
    edit: (recipe, field) => question.editPart(label, recipe, field),
    hold: question.hold,
    settle: question.settle,
    undo: question.undo,
    redo: question.redo,
    question,
  };
}
