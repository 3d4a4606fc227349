import { useStore } from "zustand";
import { createStore, type StoreApi } from "zustand/vanilla";
import { useDocument } from "./document-context";
import type { DocumentStore } from "./document-store";

/**
 * Something that somebody looks at or tries out while a problem is open. It is no part of the problem: it is
 * kept beside the document, stays while views come and go, and undo leaves it alone.
 *
 * @param first what is there when it is first looked at
 * @param of what it is kept beside: one part, or the whole question
 * @returns the hook that reads and changes it
 */
export function keptBeside<State extends object>(
  first: () => State,
  of: (document: DocumentStore) => object = (document) => document,
): () => readonly [State, (part: Partial<State>) => void] {
  const kept = new WeakMap<object, StoreApi<State>>();
  return function useKept() {
    const beside = of(useDocument());
    const store = kept.get(beside) ?? createStore<State>(first);
    kept.set(beside, store);
    return [
      useStore(store),
      (part) => {
        store.setState(part);
      },
    ];
  };
}
