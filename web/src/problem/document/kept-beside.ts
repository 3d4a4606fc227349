import { useStore } from "zustand";
import { createStore, type StoreApi } from "zustand/vanilla";
import { useDocument } from "./document-context";
import type { DocumentStore } from "./document-store";

/**
 * Something that somebody looks at or tries out while a problem is open. It is no part of the problem: it is
 * kept beside the document, stays while views come and go, and undo leaves it alone.
 *
 * @param first what is there when it is first looked at
 * @returns the hook that reads and changes it
 */
export function keptBeside<State extends object>(
  first: () => State,
): () => readonly [State, (part: Partial<State>) => void] {
  const kept = new WeakMap<DocumentStore, StoreApi<State>>();
  return function useKept() {
    const document = useDocument();
    const store = kept.get(document) ?? createStore<State>(first);
    kept.set(document, store);
    return [
      useStore(store),
      (part) => {
        store.setState(part);
      },
    ];
  };
}
