/** What a project is judged by, in the order in which courses teach it. */
export const MEASURES = [
  "npv",
  "irr",
  "mirr",
  "payback",
  "discounted-payback",
  "profitability-index",
  "equivalent-annual",
] as const;

export type Measure = (typeof MEASURES)[number];

/** What each is called. */
export const MEASURE_NAMES: Readonly<Record<Measure, string>> = {
  npv: "Net present value",
  irr: "Internal rate of return",
  mirr: "Modified rate of return",
  payback: "Payback",
  "discounted-payback": "Discounted payback",
  "profitability-index": "Profitability index",
  "equivalent-annual": "Equivalent annual amount",
};
