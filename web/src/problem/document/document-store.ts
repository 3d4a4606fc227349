import type { Draft } from "@kestrelmoor/core/typing";
import type { Patch } from "immer";
import type { StoreApi } from "zustand/vanilla";
import type { Outcome } from "./outcome";

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
  /** A hand takes hold of something: until `settle` its changes are one step, however long it rests. */
  readonly hold: () => void;
  /** Ends a run of typing or a drag: the next change is a step of its own. */
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

export interface QuestionState {
  /** Everything that is saved. */
  readonly draft: Draft;
  /** What each part comes to, in their order. */
  readonly parts: readonly Outcome[];
  /** The label of the part that is looked at. Undo moves it only where it changes another part. */
  readonly open: string;
  readonly past: readonly StoryStep[];
  readonly future: readonly StoryStep[];
}

interface QuestionActions {
  /**
   * Changes one part as one step to undo.
   * @param field names the field that is typed in: changes that follow fast in the same one are one step
   */
  readonly editPart: (label: string, recipe: (draft: Draft) => void, field?: string) => void;
  /** Changes the whole as one step to undo. @param open the part that is looked at from then on */
  readonly editWhole: (recipe: (draft: Draft) => void, open?: string) => void;
  /** A hand takes hold of something: until `settle` its changes are one step, however long it rests. */
  readonly hold: () => void;
  /** Ends a run of typing or a drag: the next change is a step of its own. */
  readonly settle: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Puts another text in its place, as one step to undo. */
  readonly replace: (draft: Draft) => void;
  readonly open: (label: string) => void;
  /** The document of one part, for its page; the same one each time. */
  readonly part: (label: string) => DocumentStore;
}

export type QuestionStore = StoreApi<QuestionState> & QuestionActions;
