import { DESK_PARTS, FIRST_DESK, readDesk } from "@kestrelmoor/core/typing";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import * as z from "zod";
import { useStore } from "zustand";
import { keepDeskPart, loadDesk } from "../api/desk";
import { browserStorage } from "../ui/browser-storage";
import { keptInBrowser } from "../ui/kept-in-browser";
import { createDeskSaver, type DeskSaver } from "./desk-saver";
import { createDeskStore, type DeskState } from "./desk-store";

const kept = keptInBrowser(
  "kestrelmoor-desk",
  // Part by part below: one that cannot be read must not take the others along.
  z.object({ desk: z.unknown(), unsaved: z.array(z.string()) }),
  { desk: fromEarlierPages(), unsaved: [] },
);
const store = createDeskStore({
  desk: { ...FIRST_DESK, ...readDesk(kept.first.desk) },
  unsaved: DESK_PARTS.filter((part) => kept.first.unsaved.includes(part)),
});
let isKept = true;
store.subscribe(({ desk, unsaved }) => {
  isKept = kept.keep({ desk, unsaved: [...unsaved] });
});
const saver = createDeskSaver(store, keepDeskPart, () => isKept);

/** Empties the desk of this browser; the notebook to which it belongs keeps what it has. */
export function forgetDesk(): void {
  store.setState({ desk: FIRST_DESK, unsaved: [] });
}

/** What this browser kept before notebooks did, each page for itself. */
function fromEarlierPages(): object {
  const parsed = (key: string): object => {
    try {
      const value: unknown = JSON.parse(browserStorage.read(key) ?? "{}");
      return typeof value === "object" && value !== null ? value : {};
    } catch {
      return {};
    }
  };
  return { ...parsed("kestrelmoor-rates"), table: parsed("kestrelmoor-tables") };
}

/** A part of what is typed on the pages of rates and of tables, or a way to change it. */
export function useDesk<Part>(select: (state: DeskState) => Part): Part {
  return useStore(store, select);
}

/** Keeps the desk with the notebook while a page that shows it is open. */
export function useDeskSaving(): DeskSaver {
  const { data, refetch } = useQuery({
    queryKey: ["desk"],
    queryFn: async ({ signal }) => {
      const { revision } = store.getState();
      const { parts } = await loadDesk(signal);
      return { parts, revision };
    },
    // Another computer may have changed it meanwhile.
    refetchOnMount: "always",
    refetchOnWindowFocus: "always",
  });
  useEffect(() => {
    if (data === undefined) return;
    const { revision, unsaved, take } = store.getState();
    if (data.revision === revision) take(data.parts);
    // It may be older than what is here. What is unsaved is on its way; after it the next look tells.
    else if (unsaved.length === 0) void refetch();
  }, [data, refetch]);
  useEffect(() => {
    const saveNow = () => void saver.flush(true);
    void saver.flush();
    window.addEventListener("pagehide", saveNow);
    return () => {
      window.removeEventListener("pagehide", saveNow);
      saveNow();
    };
  }, []);
  return saver;
}
