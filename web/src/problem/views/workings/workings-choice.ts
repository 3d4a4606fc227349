import { LEVELS } from "@kestrelmoor/core/teaching";
import { create } from "zustand";
import * as z from "zod";
import { keptInBrowser } from "../../../ui/kept-in-browser";

const choiceSchema = z.object({
  level: z.enum(LEVELS),
  notation: z.enum(["fractions", "factors"]),
  rounding: z.object({
    factor: z.int().min(0).max(12).nullable(),
    rate: z.int().min(0).max(12).nullable(),
  }),
});

export type WorkingsChoice = z.infer<typeof choiceSchema>;

const USUAL: WorkingsChoice = {
  level: "every-step",
  notation: "fractions",
  rounding: { factor: null, rate: null },
};

const kept = keptInBrowser("kestrelmoor-workings", choiceSchema, USUAL);

/** How this person's course has workings written; this browser remembers it. */
export const useWorkingsChoice = create<{
  readonly choice: WorkingsChoice;
  readonly change: (part: Partial<WorkingsChoice>) => void;
}>((set, get) => ({
  choice: kept.first,
  change: (part) => {
    const choice = { ...get().choice, ...part };
    kept.keep(choice);
    set({ choice });
  },
}));
