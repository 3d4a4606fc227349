/** A figure with what it measures. */
export type Quantity =
  | { readonly is: "money"; readonly value: number; readonly currency: string | null }
  | {
      readonly is: "percent";
      readonly value: number;
      /** Written as a fraction of something: "a fifth of the price". */
      readonly isFraction?: true;
    }
  | { readonly is: "span"; readonly iso: string; readonly isArticle: boolean }
  | { readonly is: "date"; readonly iso: string }
  | { readonly is: "number"; readonly value: number; readonly isOrdinal: boolean };

export interface QuantityAt {
  readonly quantity: Quantity;
  readonly next: number;
}
