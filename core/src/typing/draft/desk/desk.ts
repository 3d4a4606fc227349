import * as z from "zod";
import { FACTOR_KINDS } from "../../../engine/tables/factor-kinds";
import { typed } from "../draft-texts";
import { collection } from "../entries/collection";
import { firstTexts, textsSchema } from "../entries/entry-field";
import { DEPOSIT_FIELDS, DESK_FIELDS, GROWTH_FIELDS } from "./desk-fields";

/**
 * What is typed on the pages of rates and of tables, question by question: texts, as in a draft, so that nothing
 * typed is lost. Each part is kept by itself. A later version may add parts, but reads every part that was ever kept.
 */

export const MOST_DEPOSITS = 40;

const deposit = z.strictObject({
  id: z.string().max(20),
  name: typed,
  ...textsSchema(DEPOSIT_FIELDS),
  crediting: z.enum(["always", "whole-periods"]),
});

export const deskSchema = z.strictObject({
  /** A rate, and the quotation whose workings are open. */
  restated: z.strictObject({
    ...textsSchema(DESK_FIELDS.restated),
    // What was kept before there was such a time has none.
    over: typed.default(DESK_FIELDS.restated.over.first),
    workings: typed,
  }),
  deposits: z.strictObject({
    ...textsSchema(DESK_FIELDS.deposits),
    offers: z.array(deposit).max(MOST_DEPOSITS),
  }),
  real: z.strictObject(textsSchema(DESK_FIELDS.real)),
  nominal: z.strictObject(textsSchema(DESK_FIELDS.nominal)),
  growth: z.strictObject(textsSchema(GROWTH_FIELDS)),
  growing: z.strictObject(textsSchema(DESK_FIELDS.growing)),
  discount: z.strictObject({
    ...textsSchema(DESK_FIELDS.discount),
    daysInYear: z.enum(["360", "365"]),
  }),
  early: z.strictObject(textsSchema(DESK_FIELDS.early)),
  /** Which table it is, and what is looked up in it. */
  table: z.strictObject({
    ...textsSchema(DESK_FIELDS.table),
    kind: z.enum(FACTOR_KINDS),
    timing: z.enum(["end", "start"]),
    decimals: z.enum(["3", "4", "5", "6"]),
  }),
});

export type Desk = z.infer<typeof deskSchema>;
export type Deposit = Desk["deposits"]["offers"][number];
export type FactorDesk = Desk["table"];
export type DeskPart = keyof Desk;

export const DESK_PARTS = Object.keys(deskSchema.shape) as readonly DeskPart[];

/** Offers for money that is left with somebody. */
export const DEPOSITS = collection<Desk["deposits"], Deposit>({
  stem: "offer",
  most: MOST_DEPOSITS,
  in: ({ offers }) => offers,
});

/** What a first visit finds: each question with an example, so that it shows what it answers. */
export const FIRST_DESK: Desk = {
  restated: { ...firstTexts(DESK_FIELDS.restated), workings: "" },
  deposits: {
    ...firstTexts(DESK_FIELDS.deposits),
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
  real: firstTexts(DESK_FIELDS.real),
  nominal: firstTexts(DESK_FIELDS.nominal),
  growth: firstTexts(GROWTH_FIELDS),
  growing: firstTexts(DESK_FIELDS.growing),
  discount: { ...firstTexts(DESK_FIELDS.discount), daysInYear: "360" },
  early: firstTexts(DESK_FIELDS.early),
  table: {
    ...firstTexts(DESK_FIELDS.table),
    kind: "present-of-payments",
    timing: "end",
    decimals: "4",
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
