import type { Draft } from "@kestrelmoor/core/typing";
import type { Patch } from "immer";
import type { StoreApi } from "zustand/vanilla";
import type { Outcome } from "./outcome";
import type { QuestionState, QuestionStore } from "./question-store";

/** One step of the story, as the patches that take it back and forth. */
export interface StoryStep {
  readonly back: Patch[];
  readonly forth: Patch[];
  readonly field: string | null;
  readonly at: number;
  /** The part that is looked at once it is taken back, and once it is done. */
  readonly opens: { readonly back: string; readonly forth: string };
}

/** One part of a question as its page sees it: as if it were a problem by itself. */
export interface DocumentState {
  /** See `partsOf`: with what it shares with the other parts. */
  readonly draft: Draft;
  readonly outcome: Outcome;
  readonly past: readonly StoryStep[];
  readonly future: readonly StoryStep[];
}

interface DocumentActions {
  /**
   * Changes the draft as one step to undo.
   * @param field names the field that is typed in: changes that follow fast in the same one are one step
   */
  readonly edit: (recipe: (draft: Draft) => void, field?: string) => void;
  /** Ends a run of typing: the next change is a step of its own. */
  readonly settle: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** The whole that it is a part of. */
  readonly question: QuestionStore;
}

export type DocumentStore = Pick<StoreApi<DocumentState>, "getState" | "getInitialState"> & {
  readonly subscribe: (
    listener: (state: DocumentState, before: DocumentState) => void,
  ) => () => void;
} & DocumentActions;

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
    settle: question.settle,
    undo: question.undo,
    redo: question.redo,
    question,
  };
}
