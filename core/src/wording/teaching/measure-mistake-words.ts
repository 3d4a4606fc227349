/** The sentences on a student's value for a measure of a project: the verdicts, then the mistakes by measure. */
export const MEASURE_VERDICT_WORDS = {
  right: "Correct.",
  rightOfSeveral: "Correct: this is one of the rates at which the net present value is zero.",
  decimal: "Correct, written as a decimal.",
  sign: "The size is correct but the sign is not: money in is positive, money out negative.",
  noValue: "This project has no such value; the sentence above says why.",
  unexplained:
    "This is not the answer, and it does not match a common mistake. Compare your steps with the workings below.",
  otherMeasure: (name: string) => `That is the project's ${name}, a different measure.`,
};

const ZERO_VALUE = "The internal rate of return makes the net present value zero.";

export const MEASURE_MISTAKE_WORDS = {
  npv: {
    allLate:
      "You discounted every amount, including the first, by one period too many. The first is at time 0: do not discount it.",
    laterLate:
      "You discounted every amount after the first by one period too many. The second is discounted once.",
    noOutlay: "You left out the initial outlay. Subtract it.",
    undiscounted: "You added the cash flows without discounting. Discount each to today first.",
    simple: "You discounted with simple interest. Divide by (1+i) once for each year.",
    rateTwice: "You divided the rate by 100 twice. Convert it to a decimal once.",
    outlayAdded: "You added the initial outlay. It is money out: subtract it.",
  },
  irr: {
    modified: `That is the modified internal rate of return. ${ZERO_VALUE}`,
    yearlyGain: `That is the average yearly gain over the outlay, without compounding. ${ZERO_VALUE}`,
    totalGain: `That is the total gain over the outlay. ${ZERO_VALUE}`,
  },
  mirr: {
    swapped:
      "You swapped the two rates: discount outlays at the hurdle rate, compound inflows at the reinvestment rate.",
    internal:
      "That is the internal rate of return. The modified rate compounds inflows at the reinvestment rate.",
  },
  payback: {
    roundedUp:
      "You rounded up to a whole year. Use only the part of the final year that is needed.",
    roundedDown: "You stopped at the last full year. Add the part of the next year that is needed.",
    discounted:
      "That is the discounted payback period. For the simple one, add the cash flows undiscounted.",
    averaged:
      "You divided the outlay by the average inflow. Accumulate the cash flows year by year instead.",
  },
  "discounted-payback": {
    simple: "That is the simple payback period. Discount the cash flows first.",
    late: "You placed every amount one period late. The first is at time 0.",
  },
  "profitability-index": {
    netValue:
      "You divided the net present value by the outlay. The index divides the value of the later cash flows by it, which is 1 more.",
    undiscounted: "You did not discount the later cash flows. Discount them before dividing.",
    inverted: "You inverted the ratio: value ÷ outlay.",
  },
  "equivalent-annual": {
    byYears: "You divided by the number of years. Divide by the annuity factor.",
    due: "That is the annuity due amount. Use payments at the end of each year.",
  },
};
