/**
 * How a rate is quoted.
 * - `nominal`: percent a year, compounded every `compounding` (ISO 8601)
 * - `effective`: percent a year, compounded once a year
 * - `periodic`: percent for each `compounding`
 * - `continuous`: percent a year, compounded without pause: the force of interest
 * - `effective-discount`: percent a year of what is due at the year's end, taken off at its start
 * - `nominal-discount`: the same a year, taken off in parts every `compounding`
 * - `simple`: percent a year of the principal alone; interest earns nothing
 * - `bank-discount`: percent a year of what is due, taken off at the start for the whole time
 *
 * All but the last two are compound, and restate one another.
 */
export type Quotation =
  | { readonly quoted: "nominal"; readonly compounding: string }
  | { readonly quoted: "effective" }
  | { readonly quoted: "periodic"; readonly compounding: string }
  | { readonly quoted: "continuous" }
  | { readonly quoted: "effective-discount" }
  | { readonly quoted: "nominal-discount"; readonly compounding: string }
  | { readonly quoted: "simple" }
  | { readonly quoted: "bank-discount" };

export const QUOTATION_KINDS = [
  "nominal",
  "effective",
  "periodic",
  "continuous",
  "effective-discount",
  "nominal-discount",
  "simple",
  "bank-discount",
] as const;

/** The quotation part of any object that carries one. */
export function quotationOf(rate: Quotation): Quotation {
  return "compounding" in rate
    ? { quoted: rate.quoted, compounding: rate.compounding }
    : { quoted: rate.quoted };
}

/** Whether interest is added to what earns it, so that any focal date gives the same answer. */
export function isCompound({ quoted }: Quotation): boolean {
  return quoted !== "simple" && quoted !== "bank-discount";
}

/** Whether the figure is a compound discount, of what is due at the end of a period. */
export function isCompoundDiscount({ quoted }: Quotation): boolean {
  return quoted === "effective-discount" || quoted === "nominal-discount";
}
