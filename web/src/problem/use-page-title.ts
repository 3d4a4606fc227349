import { useEffect } from "react";
import type { DocumentStore } from "./document/document-store";

/** Names the tab after the problem, also while its title is typed. */
export function usePageTitle(store: DocumentStore): void {
  useEffect(() => {
    const name = () => {
      const { title } = store.getState().draft;
      document.title = `${title === "" ? "Untitled problem" : title} · Kestrelmoor`;
    };
    name();
    return store.subscribe(name);
  }, [store]);
}
