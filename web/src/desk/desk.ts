import { DESK_PARTS, deskSchema, FIRST_DESK, readDesk } from "@kestrelmoor/core/typing";
import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import * as z from "zod";
import { useStore } from "zustand";
import { keepDeskPart, readDesk as askForDesk } from "../api/desk";
import { browserStorage } from "../ui/browser-storage";
import { keptInBrowser } from "../ui/kept-in-browser";
import { createDeskSaver, type DeskSaver } from "./desk-saver";
import { createDeskStore, type DeskState } from "./desk-store";

const kept = keptInBrowser(
  "kestrelmoor-desk",
  z.object({ desk: deskSchema, unsaved: z.array(z.enum(DESK_PARTS)) }),
  { desk: { ...FIRST_DESK, ...typedBefore() }, unsaved: [] },
);
const store = createDeskStore(kept.first);
store.subscribe(({ desk, unsaved }) => kept.keep({ desk, unsaved: [...unsaved] }));
const saver = createDeskSaver(store, keepDeskPart);

/** What this browser kept before notebooks did, each page for itself. */
function typedBefore() {
  const parsed = (key: string): object => {
    try {
      const value: unknown = JSON.parse(browserStorage.read(key) ?? "{}");
      return typeof value === "object" && value !== null ? value : {};
    } catch {
      return {};
    }
  };
  return readDesk({ ...parsed("kestrelmoor-rates"), table: parsed("kestrelmoor-tables") });
}

/** A part of what is typed on the pages of rates and of tables, or a way to change it. */
export function useDesk<Part>(select: (state: DeskState) => Part): Part {
  return useStore(store, select);
}

/** Keeps the desk with the notebook while a page that shows it is open. */
export function useDeskSaving(): DeskSaver {
  const { data } = useQuery({
    queryKey: ["desk"],
    queryFn: async ({ signal }) => {
      const { revision } = store.getState();
      const { parts } = await askForDesk(signal);
      return { parts, revision };
    },
    // Another computer may have changed it meanwhile.
    refetchOnMount: "always",
    refetchOnWindowFocus: "always",
  });
  useEffect(() => {
    // An answer from before the last change may be older than what is here.
    if (data?.revision === store.getState().revision) {
      store.getState().take(data.parts);
    }
  }, [data]);
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
