/**
 * How a rate is quoted.
 * - `nominal`: percent a year, compounded every `compounding` (ISO 8601)
 * - `effective`: percent a year, compounded once a year
 * - `periodic`: percent for each `compounding`
 * - `continuous`: percent a year, compounded without pause: the force of interest
 */
export type Quotation =
  | { readonly quoted: "nominal"; readonly compounding: string }
  | { readonly quoted: "effective" }
  | { readonly quoted: "periodic"; readonly compounding: string }
  | { readonly quoted: "continuous" };

export const QUOTATION_KINDS = ["nominal", "effective", "periodic", "continuous"] as const;

/** The quotation part of any object that carries one. */
export function quotationOf(rate: Quotation): Quotation {
  switch (rate.quoted) {
    case "nominal":
    case "periodic":
      return { quoted: rate.quoted, compounding: rate.compounding };
    case "effective":
    case "continuous":
      return { quoted: rate.quoted };
  }
}
