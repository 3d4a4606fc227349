import type { Desk, DeskPart } from "@kestrelmoor/core/typing";
import { createStore, type StoreApi } from "zustand/vanilla";
import { isRetryWorthwhile } from "../api/request";
import { retryPauses } from "../api/retry-pauses";
import { troubleWords } from "../api/trouble-words";
import type { SaveState } from "../problem/saving/saver";
import type { DeskStore } from "./desk-store";

export interface DeskSaver {
  readonly state: StoreApi<SaveState>;
  /** Saves at once what is not saved yet. */
  readonly flush: (isLast?: boolean) => Promise<void>;
}

type Save = <Part extends DeskPart>(
  part: Part,
  content: Desk[Part],
  isLast: boolean,
) => Promise<void>;

const PAUSE_MS = 500;

/**
 * Saves the parts of the desk as they are typed; a server that is away is asked again until it is back.
 *
 * @param isKept whether the browser keeps what is unsaved
 */
export function createDeskSaver(
  store: DeskStore,
  save: Save,
  isKept: () => boolean = () => true,
): DeskSaver {
  const state = createStore<SaveState>(() => ({ kind: "saved" }));
  let isUnderWay = false;
  const pauses = retryPauses();
  let timer: ReturnType<typeof setTimeout> | undefined;
  const later = (delay: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void flush(), delay);
  };

  const flush = async (isLast = false) => {
    clearTimeout(timer);
    if (isUnderWay) return;
    isUnderWay = true;
    try {
      for (const part of store.getState().unsaved) {
        const content = store.getState().desk[part];
        await save(part, content, isLast);
        store.getState().saved(part, content);
      }
      pauses.reset();
      const isDone = store.getState().unsaved.length === 0;
      state.setState({ kind: isDone ? "saved" : "unsaved" }, true);
      if (!isDone) later(PAUSE_MS);
    } catch (error) {
      failed(error);
    } finally {
      isUnderWay = false;
    }
  };

  const failed = (error: unknown) => {
    if (isRetryWorthwhile(error)) {
      state.setState({ kind: "away", trouble: troubleWords(error), isKept: isKept() }, true);
      later(pauses.next());
      return;
    }
    const sentence = error instanceof Error ? error.message : "The server rejected this change.";
    state.setState({ kind: "refused", sentence }, true);
  };

  store.subscribe(({ unsaved, revision }, before) => {
    if (unsaved.length === 0 || (unsaved === before.unsaved && revision === before.revision))
      return;
    if (state.getState().kind !== "away") state.setState({ kind: "unsaved" }, true);
    later(PAUSE_MS);
  });

  return { state, flush };
}
