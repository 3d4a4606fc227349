/** The sentences of the workings on the Rates page. */
export const RATE_STEP_WORDS = {
  given: (percent: string, quotation: string) => `The rate is ${percent} ${quotation}.`,
  toEffective: {
    nominal: "Divide by the periods a year, then compound over the year.",
    periodic: "Compound the periodic rate over the year.",
    continuous: "Continuous compounding: use the exponential function.",
    "effective-discount":
      "The discount is taken from 1 − d, so the rate of interest is d ÷ (1 − d).",
    "nominal-discount":
      "Divide by the periods a year: each period, 1 − d/m grows to 1. Then compound over the year.",
    simple: "With simple interest, 1 grows to 1 + rt. Take the effective rate that does the same.",
    "bank-discount":
      "With bank discount, 1 − dt grows to 1. Take the effective rate that does the same.",
  },
  fromEffective: {
    nominal: "Take the nth root for the periodic rate, then multiply by the periods a year.",
    periodic: "Take the nth root for the periodic rate.",
    continuous: "The force of interest is the logarithm of the growth over one year.",
    "effective-discount": "The discount rate is the interest divided by what it grows to.",
    "nominal-discount":
      "Discount 1 by one period, subtract that from 1, then multiply by the periods a year.",
    simple: "Divide the interest on 1 over the whole time by the time in years.",
    "bank-discount":
      "Discount 1 over the whole time, subtract that from 1, and divide by the years.",
  },
  asQuoted: (quotation: string) => `As a percentage, ${quotation}.`,
  aYear: "As a percentage, a year.",
  nominal: "Multiply 1 + the real rate by 1 + the inflation rate.",
  real: "Divide 1 + the nominal rate by 1 + the inflation rate.",
  averageGrowth: "Divide the last value by the first, and take the nth root (n = years).",
  growingTime: "Take logarithms of both sides, then divide.",
  discount: "Simple discount = face value × discount rate × days ÷ days in the year.",
  proceeds: "Proceeds = face value − discount.",
  proceedsAfterFee: "Proceeds = face value − discount − fee.",
  cost: "The cost is the rate at which the proceeds grow to the face value.",
};
