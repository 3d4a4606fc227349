import * as z from "zod";

/** The shortest workings, and every step. */
export const LEVELS = ["short", "every-step"] as const;

export type Level = (typeof LEVELS)[number];

const decimals = z.int().min(0).max(12).nullable();

/** How workings are written: their detail, their notation, and the rounding of intermediate values. */
export const workingsStyleSchema = z.strictObject({
  level: z.enum(LEVELS),
  notation: z.enum(["fractions", "factors"]),
  /** Decimals of factors, and of rates as a percentage; `null` for unrounded. */
  rounding: z.strictObject({ factor: decimals, rate: decimals }),
});

export type WorkingsStyle = z.infer<typeof workingsStyleSchema>;

/** Every step, full formulas, nothing rounded on the way. */
export const USUAL_WORKINGS: WorkingsStyle = {
  level: "every-step",
  notation: "fractions",
  rounding: { factor: null, rate: null },
};
