/** The measures of a project, in the order in which courses teach them. */
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

/** The name of each measure. */
export const MEASURE_NAMES: Readonly<Record<Measure, string>> = {
  npv: "Net present value",
  irr: "Internal rate of return",
  mirr: "Modified internal rate of return",
  payback: "Payback period",
  "discounted-payback": "Discounted payback period",
  "profitability-index": "Profitability index",
  "equivalent-annual": "Equivalent annual annuity",
};
