/** The sentences of the workings on the Rates page. */
export const RATE_STEP_WORDS = {
  given: (percent: string, quotation: string) => `The rate is ${percent} ${quotation}.`,
  toEffective: {
    nominal: "Divide by the periods a year, then compound over the year.",
    periodic: "Compound the periodic rate over the year.",
    continuous: "Continuous compounding: use the exponential function.",
  },
  fromEffective: {
    nominal: "Take the nth root for the periodic rate, then multiply by the periods a year.",
    periodic: "Take the nth root for the periodic rate.",
    continuous: "The force of interest is the logarithm of the growth over one year.",
  },
  asQuoted: (quotation: string) => `As a percentage, ${quotation}.`,
  aYear: "As a percentage, a year.",
  real: "Divide 1 + the nominal rate by 1 + the inflation rate.",
  averageGrowth: "Divide the last value by the first, and take the nth root (n = years).",
  growingTime: "Take logarithms of both sides, then divide.",
  discount: "Simple discount = face value × discount rate × days ÷ days in the year.",
  proceeds: "Proceeds = face value − discount.",
  proceedsAfterFee: "Proceeds = face value − discount − fee.",
  cost: "The cost is the rate at which the proceeds grow to the face value.",
};
