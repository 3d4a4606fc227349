import { createContext, use } from "react";
import { useStore } from "zustand";
import { createStore } from "zustand/vanilla";
import type { DocumentState, DocumentStore } from "./document-store";

const DocumentContext = createContext<DocumentStore | null>(null);

export const DocumentProvider = DocumentContext.Provider;

/** The store of the problem that is open. */
export function useDocument(): DocumentStore {
  const store = use(DocumentContext);
  if (store === null) throw new Error("No problem is open here");
  return store;
}

const NOTHING_OPEN: OpenStore = createStore<DocumentState | null>(() => null);

interface OpenStore {
  readonly getState: () => DocumentState | null;
  readonly getInitialState: () => DocumentState | null;
  readonly subscribe: (
    listener: (state: DocumentState | null, before: DocumentState | null) => void,
  ) => () => void;
}

/** A part of the open problem, or `null` on a page without one. */
export function useDocumentStateIfOpen<Part>(select: (state: DocumentState) => Part): Part | null {
  const store = use(DocumentContext);
  return useStore<OpenStore, Part | null>(store ?? NOTHING_OPEN, (state) =>
    state === null ? null : select(state),
  );
}

/** A part of the open problem; redraws only when that part changes. */
export function useDocumentState<Part>(select: (state: DocumentState) => Part): Part {
  return useStore(useDocument(), select);
}
