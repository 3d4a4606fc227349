import { useStore } from "zustand";
import { createStore, type StoreApi } from "zustand/vanilla";
import { useDocument } from "../document/document-context";
import type { DocumentStore } from "../document/document-store";

interface FocalDate {
  readonly years: number;
}

/** Where somebody looks is no part of the problem: it is kept beside it, and undo leaves it alone. */
const kept = new WeakMap<DocumentStore, StoreApi<FocalDate>>();

/** The date at which everything is set against each other, in years from today. */
export function useFocalDate(): readonly [number, (years: number) => void] {
  const document = useDocument();
  const store = kept.get(document) ?? createStore<FocalDate>(() => ({ years: 0 }));
  kept.set(document, store);
  return [
    useStore(store, ({ years }) => years),
    (years) => {
      store.setState({ years });
    },
  ];
}
