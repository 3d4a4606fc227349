import { useEffect } from "react";
import { titleOf } from "../ui/title-of";
import type { QuestionStore } from "./document/document-store";

/** Names the tab after the problem, also while its title is typed. */
export function usePageTitle(store: QuestionStore): void {
  useEffect(() => {
    const name = () => {
      document.title = `${titleOf(store.getState().draft)} · Kestrelmoor`;
    };
    name();
    return store.subscribe(name);
  }, [store]);
}
