import { useStore } from "zustand";
import { createStore, type StoreApi } from "zustand/vanilla";
import { useDocument } from "../../document/document-context";
import type { DocumentStore } from "../../document/document-store";

interface Claim {
  /** The number that the student got, as it is typed. */
  readonly answer: string;
  /** A value that they got on the way. */
  readonly onTheWay: string;
}

/** What somebody checks is no part of the problem: it is kept beside it, and undo leaves it alone. */
const kept = new WeakMap<DocumentStore, StoreApi<Claim>>();

export function useClaim(): readonly [Claim, (part: Partial<Claim>) => void] {
  const document = useDocument();
  const store = kept.get(document) ?? createStore<Claim>(() => ({ answer: "", onTheWay: "" }));
  kept.set(document, store);
  return [
    useStore(store),
    (part) => {
      store.setState(part);
    },
  ];
}
