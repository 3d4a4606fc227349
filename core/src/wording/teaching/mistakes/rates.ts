/** Mistakes with a rate: how it is quoted, converted and compounded. See `MISTAKE_WORDS` for what each text is. */
export const RATE_MISTAKE_WORDS = {
  "yearly-rate-per-payment": {
    done: (rate: string, noun: string) =>
      `you used the yearly rate of ${rate} as the rate per ${noun}`,
    corrected: (rate: string, noun: string, periods: string, periodic: string) =>
      `The rate per ${noun} is ${rate} / ${periods} = ${periodic}.`,
    correctedEquivalent: (rate: string, noun: string) =>
      `The rate per ${noun} must compound to the quoted yearly rate, so it is far below ${rate}.`,
    nextTime: "Write down the periodic rate before you use a formula.",
  },
  "percent-as-decimal": {
    done: (used: string, decimal: string) => `you used ${used} instead of ${decimal}`,
    donePeriodic: (used: string, decimal: string, noun: string) =>
      `you used ${used} instead of ${decimal} for the rate per ${noun}`,
    corrected: (percent: string, decimal: string) => `${percent} is ${decimal} as a decimal.`,
    nextTime: "Convert a percentage to a decimal before you use it in a formula.",
  },
  "decimal-as-percent": {
    done: (used: string, percent: string) =>
      `you divided the rate by 100 twice, using ${used} for ${percent}`,
    donePeriodic: (used: string, percent: string, noun: string) =>
      `you divided the rate per ${noun} by 100 twice, using ${used} for ${percent}`,
    corrected: (decimal: string, percent: string) =>
      `${decimal} is already the decimal form of ${percent}.`,
    nextTime: "Convert the percentage to a decimal once, before you start.",
  },
  "payment-frequency-as-compounding": {
    done: (adverb: string) =>
      `you divided the rate by the number of payments a year, as if it were compounded ${adverb}`,
    corrected: (compounded: string, noun: string) =>
      `It is compounded ${compounded}, so find the equivalent rate per ${noun}.`,
    nextTime: "Note two facts: how often interest is compounded, and how often you pay.",
  },
  "compounding-as-payment-frequency": {
    done: (name: string, adverb: string) =>
      `you treated ${name} as ${adverb}, like the compounding`,
    doneUnconverted: (name: string) =>
      `you used the rate per compounding period for each of ${name}`,
    corrected: (adverb: string, noun: string) =>
      `The payments are ${adverb}, so find the equivalent rate per ${noun}.`,
    nextTime: "The payments set the number of periods; the compounding sets the rate.",
  },
  "nominal-as-effective": {
    done: () => "you used the nominal rate as if it were the effective annual rate",
    corrected: (compounded: string) =>
      `It is compounded ${compounded}, so the effective annual rate is higher than the quoted one.`,
    nextTime: "A nominal rate is divided by its compounding periods a year; no root is taken.",
    nextTimeOwn: (compounded: string, perYear: string) =>
      `“Compounded ${compounded}” means nominal: divide it by ${perYear}, do not take a root.`,
    nextTimeContinuous: "Continuous compounding grows by e^δ a year: it is no effective rate.",
  },
  "effective-as-nominal": {
    done: (periods: string) =>
      `you divided the effective rate by ${periods}, as if it were nominal`,
    corrected: (noun: string, periods: string) =>
      `An effective rate already includes compounding: the rate per ${noun} is (1+i)^(1/${periods}) − 1.`,
    nextTime: "Divide a nominal rate; take a root of an effective one.",
  },
  "compounding-ignored": {
    done: () => "you used simple interest",
    corrected: () =>
      "With compound interest, each period's interest is added to the balance and earns interest too.",
    nextTime: "Use (1+i)ⁿ, not 1 + i·n.",
  },
  "interest-compounded": {
    done: () => "you used compound interest",
    corrected: (isDiscount: boolean) =>
      isDiscount
        ? "Bank discount is in proportion to the time: multiply by 1 − dt."
        : "With simple interest, only the principal earns interest: multiply by 1 + rt.",
    nextTime: "Read whether interest is simple or compound before you choose a formula.",
  },
  "discount-as-interest": {
    done: () => "you used the discount rate as a rate of interest",
    corrected: () =>
      "Discount is calculated on the amount due, interest on the amount at the start.",
    nextTime: "Ask what the rate is a percentage of: the amount at the start, or the amount due.",
  },
  "interest-as-discount": {
    done: () => "you used the rate of interest as a discount rate",
    corrected: () =>
      "Interest is calculated on the amount at the start, so divide by 1 + rt to go back in time.",
    nextTime: "Ask what the rate is a percentage of: the amount at the start, or the amount due.",
  },
  "rate-per-period-for-yearly": {
    done: (noun: string) => `you gave the rate per ${noun}`,
    corrected: (quotation: string) => `The question asks for the rate ${quotation}.`,
    nextTime: "The formula gives the periodic rate; convert it to the form the question asks for.",
  },
  "rounded-rate": {
    done: (noun: string, rounded: string) => `you rounded the rate per ${noun} to ${rounded}`,
    corrected: (exact: string) =>
      `The exact rate is ${exact}; the rounding error affects every payment.`,
    nextTime: "Keep every digit of the periodic rate; round only the answer.",
  },
  "compounding-root-wrong": {
    done: (noun: string, power: string) =>
      `you raised 1 + i to the power ${power} for the rate per ${noun}`,
    corrected: (noun: string, perYear: string, paid: string) =>
      `The power is compounding periods per payment: ${perYear} / ${paid} for each ${noun}.`,
    nextTime: "Check the rate: over a year it must compound to the same effective rate.",
  },
  "growth-added-to-rate": {
    done: () => "you divided by i + g",
    corrected: () => "Growth works against discounting: divide by i − g.",
    nextTime: "Check the sign: growing payments have a larger value than level ones.",
  },
  "real-rate-as-difference": {
    done: (rate: string) => `you used ${rate}, the rate less the growth, as the net rate`,
    corrected: () => "The exact net rate is (1+i)/(1+g) − 1.",
    nextTime: "Divide growth factors; the difference of two rates is only approximate.",
  },
  "period-rate-multiplied": {
    done: (perYear: string) => `you gave ${perYear} times the rate per period`,
    corrected: () => "That is the nominal rate; the effective rate includes compounding.",
    nextTime: "Use (1+i)ᵐ − 1 when the question asks for the effective rate.",
  },
  "yearly-rate-divided": {
    done: (perYear: string) => `you divided the effective annual rate by ${perYear}`,
    corrected: (noun: string) =>
      `The rate per ${noun} compounds to the effective rate: take a root.`,
    nextTime: "Divide a nominal rate; take a root of an effective one.",
  },
  "payment-over-price": {
    done: () => "you divided a year's payments by the price",
    corrected: () =>
      "That ignores the final amount and the time to it: solve the equation of value.",
    nextTime: "Use the current yield as a first guess only.",
  },
  "coupon-and-yield-exchanged": {
    done: (used: string, discounted: string) =>
      `you took the coupons from ${used} and discounted at ${discounted}`,
    corrected: () => "The coupon rate sets the payments; the yield discounts them.",
    nextTime: "Label both rates first: one for the payments, one for discounting.",
  },
};
