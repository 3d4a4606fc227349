import { FACTOR_KINDS } from "@kestrelmoor/core";
import { create } from "zustand";
import * as z from "zod";
import { keptInBrowser } from "../ui/kept-in-browser";

const typed = z.string().max(200);

/** What is typed on the page of tables. */
const deskSchema = z.object({
  kind: z.enum(FACTOR_KINDS),
  timing: z.enum(["end", "start"]),
  growth: typed,
  ratesFrom: typed,
  ratesTo: typed,
  ratesStep: typed,
  countsFrom: typed,
  countsTo: typed,
  decimals: z.enum(["3", "4", "5", "6"]),
  /** What is looked up. */
  rate: typed,
  periods: typed,
  amount: typed,
  factor: typed,
});

export type TablesDesk = z.infer<typeof deskSchema>;

export const FIRST_TABLE: TablesDesk = {
  kind: "present-of-payments",
  timing: "end",
  growth: "3%",
  ratesFrom: "1%",
  ratesTo: "12%",
  ratesStep: "1%",
  countsFrom: "1",
  countsTo: "30",
  decimals: "4",
  rate: "7%",
  periods: "12",
  amount: "850",
  factor: "",
};

const kept = keptInBrowser("kestrelmoor-tables", deskSchema, FIRST_TABLE);

/** The page of tables as this browser remembers it. */
export const useTablesDesk = create<{
  readonly desk: TablesDesk;
  readonly change: (part: Partial<TablesDesk>) => void;
}>((set, get) => ({
  desk: kept.first,
  change: (part) => {
    const desk = { ...get().desk, ...part };
    kept.keep(desk);
    set({ desk });
  },
}));
