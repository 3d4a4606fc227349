import * as z from "zod";
import { create } from "zustand";
import { browserStorage } from "../../../ui/browser-storage";

const STORAGE_KEY = "kestrelmoor-author";

const authorSchema = z.object({ name: z.string().max(200), course: z.string().max(200) });

/** Who hands in, and what for. */
export type Author = z.infer<typeof authorSchema>;

function stored(): Author {
  try {
    return authorSchema.parse(JSON.parse(browserStorage.read(STORAGE_KEY) ?? ""));
  } catch {
    return { name: "", course: "" };
  }
}

/** What stands at the head of this person's sheets; this browser remembers it. */
export const useAuthor = create<{
  readonly author: Author;
  readonly change: (part: Partial<Author>) => void;
}>((set, get) => ({
  author: stored(),
  change: (part) => {
    const author = { ...get().author, ...part };
    browserStorage.write(STORAGE_KEY, JSON.stringify(author));
    set({ author });
  },
}));
