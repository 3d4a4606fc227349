import * as z from "zod";

/** The shortest workings, and every step. */
export const LEVELS = ["short", "every-step"] as const;

export type Level = (typeof LEVELS)[number];

/** By what a balance is valued: what is still to come, what has been so far, or whichever has fewer terms. */
export const BALANCE_METHODS = ["shorter", "prospective", "retrospective"] as const;

export type BalanceMethod = (typeof BALANCE_METHODS)[number];

const decimals = z.int().min(0).max(12).nullable();

/** How workings are written: their detail, their notation, and the rounding of intermediate values. */
export const workingsStyleSchema = z.strictObject({
  level: z.enum(LEVELS),
  notation: z.enum(["fractions", "factors"]),
  /** Left out, whichever has fewer terms. */
  balances: z.enum(BALANCE_METHODS).optional(),
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
