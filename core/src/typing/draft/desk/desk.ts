import * as z from "zod";
import { FACTOR_KINDS } from "../../../engine/tables/factor-kinds";
import { typed, typedList } from "../draft-texts";

/**
 * What is typed on the pages of rates and of tables, question by question: texts, as in a draft, so that nothing
 * typed is lost. Each part is kept by itself. A later version may add parts, but reads every part that was ever kept.
 */

export const MOST_DEPOSITS = 40;

const deposit = z.strictObject({
  id: z.string().max(20),
  name: typed,
  rate: typed,
  crediting: z.enum(["always", "whole-periods"]),
});

export const deskSchema = z.strictObject({
  /** A rate, and the quotation whose workings are open. */
  restated: z.strictObject({ rate: typed, workings: typed }),
  deposits: z.strictObject({
    amount: typed,
    after: typed,
    offers: z.array(deposit).max(MOST_DEPOSITS),
  }),
  real: z.strictObject({ rate: typed, inflation: typed, amount: typed, years: typed }),
  growth: z.strictObject({ values: typedList, every: typed }),
  growing: z.strictObject({ rate: typed, times: typed }),
  discount: z.strictObject({
    face: typed,
    rate: typed,
    days: typed,
    daysInYear: z.enum(["360", "365"]),
    fee: typed,
  }),
  early: z.strictObject({ percent: typed, days: typed }),
  table: z.strictObject({
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
  }),
});

export type Desk = z.infer<typeof deskSchema>;
export type Deposit = Desk["deposits"]["offers"][number];
export type FactorDesk = Desk["table"];
export type DeskPart = keyof Desk;

export const DESK_PARTS = Object.keys(deskSchema.shape) as readonly DeskPart[];

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
  table: {
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
  },
};

/** The parts that can be read from what was kept; the others are left out, and stay where they are kept. */
export function readDesk(kept: unknown): Partial<Desk> {
  if (typeof kept !== "object" || kept === null) return {};
  const parts = Object.entries(kept).flatMap(([name, content]) => {
    const part = DESK_PARTS.find((one) => one === name);
    const read = part === undefined ? null : deskSchema.shape[part].safeParse(content);
    return read?.success === true ? [[name, read.data] as const] : [];
  });
  return Object.fromEntries(parts);
}
