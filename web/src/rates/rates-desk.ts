import { create } from "zustand";
import * as z from "zod";
import { keptInBrowser } from "../ui/kept-in-browser";

export const MOST_DEPOSITS = 40;

const typed = z.string().max(200);

const deposit = z.object({
  id: z.string().max(20),
  name: typed,
  rate: typed,
  crediting: z.enum(["always", "whole-periods"]),
});

/** What is typed on the page of rates: texts, as on every other page, so that nothing is lost. */
const deskSchema = z.object({
  /** A rate, and the quotation whose workings are open. */
  restated: z.object({ rate: typed, workings: typed }),
  deposits: z.object({ amount: typed, after: typed, offers: z.array(deposit).max(MOST_DEPOSITS) }),
  real: z.object({ rate: typed, inflation: typed, amount: typed, years: typed }),
  growth: z.object({ values: z.string().max(100_000), every: typed }),
  growing: z.object({ rate: typed, times: typed }),
  discount: z.object({
    face: typed,
    rate: typed,
    days: typed,
    daysInYear: z.enum(["360", "365"]),
    fee: typed,
  }),
  early: z.object({ percent: typed, days: typed }),
});

export type Desk = z.infer<typeof deskSchema>;
export type Deposit = Desk["deposits"]["offers"][number];

/** What a first visit finds: each question with an example, so that it shows what it answers. */
export const FIRST_DESK: Desk = {
  restated: { rate: "7.2% a year compounded monthly", workings: "" },
  deposits: {
    amount: "5,000",
    after: "10 months",
    offers: [
      {
        id: "offer-1",
        name: "Harrow Tarn Savings",
        rate: "5.4% effective",
        crediting: "whole-periods",
      },
      {
        id: "offer-2",
        name: "Brackenside Mutual",
        rate: "4.9% a year compounded monthly",
        crediting: "whole-periods",
      },
    ],
  },
  real: { rate: "6.2%", inflation: "2.5%", amount: "10,000", years: "8 years" },
  growth: { values: "1,840; 2,015; 1,970; 2,310; 2,604", every: "year" },
  growing: { rate: "6%", times: "2" },
  discount: { face: "12,000", rate: "6.5%", days: "90", daysInYear: "360", fee: "45" },
  early: { percent: "2%", days: "20" },
};

const kept = keptInBrowser("kestrelmoor-rates", deskSchema, FIRST_DESK);

/** The page of rates as this browser remembers it. */
export const useRatesDesk = create<{
  readonly desk: Desk;
  readonly change: <Part extends keyof Desk>(part: Part, to: Partial<Desk[Part]>) => void;
}>((set, get) => ({
  desk: kept.first,
  change: (part, to) => {
    const desk = { ...get().desk, [part]: { ...get().desk[part], ...to } };
    kept.keep(desk);
    set({ desk });
  },
}));
