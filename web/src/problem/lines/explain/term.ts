/** What a field or a word on a line can be asked about. */
export type Term =
  | "direction"
  | "amount"
  | "at"
  | "every"
  | "count"
  | "timing"
  | "begins"
  | "growth"
  | "percent"
  | "quotation"
  | "from"
  | "worth"
  | "amounts"
  | "entries";
