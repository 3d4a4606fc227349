import { createContext, use } from "react";
import { useStore } from "zustand";
import type { DocumentState, DocumentStore } from "./document-store";

const DocumentContext = createContext<DocumentStore | null>(null);

export const DocumentProvider = DocumentContext.Provider;

/** The store of the problem that is open. */
export function useDocument(): DocumentStore {
  const store = use(DocumentContext);
  if (store === null) throw new Error("No problem is open here");
  return store;
}

/** A part of the open problem; redraws only when that part changes. */
export function useDocumentState<Part>(select: (state: DocumentState) => Part): Part {
  return useStore(useDocument(), select);
}
