import * as z from "zod";
import { create } from "zustand";
import { keptInBrowser } from "../../../ui/kept-in-browser";

const authorSchema = z.object({ name: z.string().max(200), course: z.string().max(200) });

/** Who hands in, and what for. */
export type Author = z.infer<typeof authorSchema>;

const kept = keptInBrowser("kestrelmoor-author", authorSchema, { name: "", course: "" });

/** What stands at the head of this person's sheets; this browser remembers it. */
export const useAuthor = create<{
  readonly author: Author;
  readonly change: (part: Partial<Author>) => void;
}>((set, get) => ({
  author: kept.first,
  change: (part) => {
    const author = { ...get().author, ...part };
    kept.keep(author);
    set({ author });
  },
}));
