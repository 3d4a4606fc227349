import type { Draft } from "@kestrelmoor/core/typing";
import { applyPatches, enablePatches, produceWithPatches, type Patch } from "immer";
import { createStore, type StoreApi } from "zustand/vanilla";
import { outcomeAfter, outcomeOf, type Outcome } from "./outcome";

enablePatches();

/** How many steps back a person can go: further than anybody types between opening and closing a problem. */
const DEEPEST_UNDO = 2000;

/** Typing in one field within this time is one step to undo. */
const TYPING_PAUSE_MS = 1200;

/** One step of the story, as the patches that take it back and forth. */
interface StoryStep {
  readonly back: Patch[];
  readonly forth: Patch[];
  readonly field: string | null;
  readonly at: number;
}

export interface DocumentState {
  readonly draft: Draft;
  readonly outcome: Outcome;
  readonly past: readonly StoryStep[];
  readonly future: readonly StoryStep[];
}

export interface DocumentActions {
  /**
   * Changes the draft as one step to undo.
   * @param field names the field that is typed in: changes that follow fast in the same one are one step
   */
  readonly edit: (recipe: (draft: Draft) => void, field?: string) => void;
  /** Ends a run of typing: the next change is a step of its own. */
  readonly settle: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Puts another text in its place, as one step to undo. */
  readonly replace: (draft: Draft) => void;
}

export type DocumentStore = StoreApi<DocumentState> & DocumentActions;

/**
 * The document of the problem page: the draft, its story, and what it comes to. What is selected or
 * open is not in here, so that undo never moves the view about.
 *
 * @param now for tests: the time in milliseconds
 */
export function createDocumentStore(first: Draft, now: () => number = Date.now): DocumentStore {
  const store = createStore<DocumentState>(() => ({
    draft: first,
    outcome: outcomeOf(first),
    past: [],
    future: [],
  }));

  const nextOutcome = (draft: Draft): Outcome => outcomeAfter(store.getState().outcome, draft);

  const edit: DocumentActions["edit"] = (recipe, field) => {
    const { draft, past } = store.getState();
    const [next, forth, back] = produceWithPatches(draft, (writable: Draft) => {
      recipe(writable);
    });
    if (forth.length === 0) return;
    const last = past.at(-1);
    const goesOn =
      field !== undefined && last?.field === field && now() - last.at < TYPING_PAUSE_MS;
    const change: StoryStep = goesOn
      ? { back: [...back, ...last.back], forth: [...last.forth, ...forth], field, at: now() }
      : { back, forth, field: field ?? null, at: now() };
    const story = goesOn ? [...past.slice(0, -1), change] : [...past, change];
    store.setState({
      draft: next,
      outcome: nextOutcome(next),
      past: story.slice(-DEEPEST_UNDO),
      future: [],
    });
  };

  const settle = () => {
    const { past } = store.getState();
    const last = past.at(-1);
    if (last === undefined || last.field === null) return;
    store.setState({ past: [...past.slice(0, -1), { ...last, field: null }] });
  };

  const undo = () => {
    const { draft, past, future } = store.getState();
    const change = past.at(-1);
    if (change === undefined) return;
    const next = applyPatches(draft, change.back);
    store.setState({
      draft: next,
      outcome: nextOutcome(next),
      past: past.slice(0, -1),
      future: [{ ...change, field: null }, ...future],
    });
  };

  const redo = () => {
    const { draft, past, future } = store.getState();
    const [change, ...later] = future;
    if (change === undefined) return;
    const next = applyPatches(draft, change.forth);
    store.setState({
      draft: next,
      outcome: nextOutcome(next),
      past: [...past, { ...change, field: null }],
      future: later,
    });
  };

  const replace = (draft: Draft) => {
    edit((writable) => {
      // The one that a draft may leave out must not stay behind.
      delete writable.currency;
      Object.assign(writable, draft);
    });
  };

  return { ...store, edit, settle, undo, redo, replace };
}
