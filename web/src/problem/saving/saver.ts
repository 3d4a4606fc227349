import type { SavedProblem } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { createStore, type StoreApi } from "zustand/vanilla";
import { isRetryWorthwhile, RefusedError } from "../../api/request";
import { retryPauses } from "../../api/retry-pauses";
import { troubleWords } from "../../api/trouble-words";
import type { LocalCopy } from "./local-copy";
import { isSameText } from "./same-text";

export type SaveState =
  | { readonly kind: "saved" }
  | { readonly kind: "unsaved" }
  | { readonly kind: "saving" }
  /** The server is away or busy; it is tried again by itself. */
  | {
      readonly kind: "away";
      readonly trouble: string;
      /** Whether this browser keeps the text meanwhile; its storage may be blocked or full. */
      readonly isKept: boolean;
    }
  /** Somebody else saved meanwhile: both texts are kept, and a person decides. */
  | { readonly kind: "conflict"; readonly theirs: SavedProblem }
  /** The problem is no longer in the notebook. */
  | { readonly kind: "gone" }
  /** The server does not take this text, and says why. */
  | { readonly kind: "refused"; readonly sentence: string };

/** Everything the saver needs from the world around it. */
export interface SaverParts {
  readonly save: (version: number, draft: Draft, isLast: boolean) => Promise<SavedProblem>;
  /** Gives whether the browser keeps it. */
  readonly keepLocally: (copy: LocalCopy) => boolean;
  readonly dropLocally: () => void;
  readonly onSaved: (saved: SavedProblem) => void;
}

export interface Saver {
  readonly state: StoreApi<SaveState>;
  /** Tells the saver of a new text; it is saved after a short pause. */
  readonly changed: (draft: Draft) => void;
  /** Saves at once what is not saved yet. */
  readonly flush: (isLast?: boolean) => Promise<void>;
  /** Settles a conflict by saving over the other text. */
  readonly keepMine: () => Promise<void>;
  /** Settles a conflict by taking the other text, which the caller puts into the document. */
  readonly takeTheirs: (theirs: SavedProblem) => void;
  /** Tries no more by itself, until it is told to resume. */
  readonly stop: () => void;
  readonly resume: () => void;
}

const PAUSE_MS = 500;

/**
 * Saves the document as it is typed: one save at a time, the newest text each time. What is not saved
 * yet lies in this browser, so that neither a lost connection nor a closed lid loses it.
 *
 * @param version the version on the server that the first text was read from
 */
export function createSaver(version: number, parts: SaverParts): Saver {
  const state = createStore<SaveState>(() => ({ kind: "saved" }));
  const set = (next: SaveState) => state.setState(next, true);
  let base = version;
  let pending: Draft | null = null;
  let isUnderWay = false;
  let isStopped = false;
  let isKept = true;
  const pauses = retryPauses();
  let timer: ReturnType<typeof setTimeout> | undefined;

  const later = (delay: number) => {
    clearTimeout(timer);
    if (!isStopped) timer = setTimeout(() => void flush(), delay);
  };

  const waitsForPerson = () => {
    const { kind } = state.getState();
    return kind === "conflict" || kind === "gone";
  };

  /** Takes the text that is to be saved; one typed meanwhile waits for the next save. */
  const takePending = (): Draft | null => {
    const draft = pending;
    pending = null;
    return draft;
  };

  const changed = (draft: Draft) => {
    pending = draft;
    isKept = parts.keepLocally({ draft, base });
    if (waitsForPerson()) return;
    if (state.getState().kind !== "away") set({ kind: "unsaved" });
    later(PAUSE_MS);
  };

  const flush = async (isLast = false) => {
    clearTimeout(timer);
    if (isUnderWay || waitsForPerson()) return;
    const draft = takePending();
    if (draft === null) return;
    isUnderWay = true;
    if (state.getState().kind !== "away") set({ kind: "saving" });
    try {
      const saved = await parts.save(base, draft, isLast);
      base = saved.version;
      pauses.reset();
      isUnderWay = false;
      parts.onSaved(saved);
      if (pending === null) {
        parts.dropLocally();
        set({ kind: "saved" });
      } else {
        isKept = parts.keepLocally({ draft: pending, base });
        set({ kind: "unsaved" });
        later(PAUSE_MS);
      }
    } catch (error) {
      isUnderWay = false;
      pending ??= draft;
      failed(error);
    }
  };

  const takeTheirs = (theirs: SavedProblem) => {
    base = theirs.version;
    pending = null;
    parts.dropLocally();
    set({ kind: "saved" });
  };

  const failed = (error: unknown) => {
    if (isRetryWorthwhile(error)) {
      set({ kind: "away", trouble: troubleWords(error), isKept });
      later(pauses.next());
    } else if (error instanceof RefusedError && error.status === 412) {
      const theirs = error.details["current"] as SavedProblem;
      // A last save of a page that was being left may have arrived without its answer.
      if (isSameText(theirs.draft, pending)) takeTheirs(theirs);
      else set({ kind: "conflict", theirs });
    } else if (error instanceof RefusedError && error.status === 404) {
      set({ kind: "gone" });
    } else {
      const sentence = error instanceof Error ? error.message : "The server rejected this change.";
      set({ kind: "refused", sentence });
    }
  };

  return {
    state,
    changed,
    flush,
    keepMine: async () => {
      const now = state.getState();
      if (now.kind !== "conflict") return;
      base = now.theirs.version;
      set({ kind: "unsaved" });
      await flush();
    },
    takeTheirs,
    stop: () => {
      isStopped = true;
      clearTimeout(timer);
    },
    resume: () => {
      isStopped = false;
    },
  };
}
