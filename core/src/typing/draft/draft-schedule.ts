import * as z from "zod";
import { changeLineSchema } from "./changes/change-line-schema";
import { typed, typedList } from "./draft-texts";

export const MOST_CHANGES = 20;

/** Payments that were really made, as they were pasted or as a file has them. */
const actualPayments = z.strictObject({
  /** The name of the file; empty if they were typed or pasted. */
  file: typed,
  text: typedList,
  /** What somebody chose about how they are read; the rest is told from the text. */
  chosen: z.strictObject({
    separator: z.enum([",", ";", "\t", "|", " "]).exactOptional(),
    hasHeads: z.boolean().exactOptional(),
    /** Columns, from 0. */
    amounts: z.int().min(0).max(1000).nullable().exactOptional(),
    /** `null` if the payments follow each other without dates. */
    dates: z.int().min(0).max(1000).nullable().exactOptional(),
    mark: z.enum(["point", "comma"]).nullable().exactOptional(),
    order: z.enum(["ymd", "dmy", "mdy"]).nullable().exactOptional(),
  }),
});

/** How a schedule is counted, what is changed about it, and what was really paid. */
export const scheduleSchema = z.strictObject({
  rounding: z.enum(["none", "cent"]),
  /** The date of the first payment. */
  firstDate: typed,
  changes: z.array(changeLineSchema).max(MOST_CHANGES),
  actual: z.union([actualPayments, z.null()]),
});

/** A schedule as it is at first: unrounded, without dates, and nothing changed. */
export const PLAIN_SCHEDULE: z.infer<typeof scheduleSchema> = {
  rounding: "none",
  firstDate: "",
  changes: [],
  actual: null,
};
