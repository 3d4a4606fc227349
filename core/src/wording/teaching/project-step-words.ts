/** The sentences of the workings of a project's measures. */
export const PROJECT_STEP_WORDS = {
  hurdle: (rate: string) => `The hurdle rate is ${rate} a year.`,
  firstToday: "The first amount is at time 0, so it is not discounted.",
  discount: "Discount each cash flow to today; money in is positive, money out negative.",
  laterFlows: "Present value of the later cash flows, at the date of the initial outlay.",
  overOutlay: "Divide it by the initial outlay.",
  annuityFactor: (life: string) => `Annuity factor for ${life}.`,
  equivalent: "Equivalent annual annuity = net present value ÷ annuity factor.",
  years: "years",
  table: "Multiply each amount by its factor and add.",
  tableAnswer: "The answer is the last line of the table.",

  accumulate: (discountedAt: string | null) =>
    discountedAt === null
      ? "Accumulate the cash flows date by date."
      : `Accumulate the present values at ${discountedAt} a year, date by date.`,
  totals: (before: string, negative: string, after: string, positive: string) =>
    `${before}, the total is ${negative}; ${after}, it is ${positive}.`,
  lastNegative: "years, the last date with a negative total",
  nextDate: "years, the next date",
  stillMissing: "still to be recovered at that date",
  nextInflow: "money in at the next date",
  evenly: "Assume the money comes in evenly between the two dates.",

  internal: "The internal rate of return makes the net present value zero.",
  numerically: "The rate appears in several powers, so solve numerically.",
  oneChange:
    "The cash flows change sign once, so there is at most one such rate (Descartes' rule of signs).",
  changes: (count: string, found: string) =>
    `The cash flows change sign ${count} times, so there are at most ${count} such rates (Descartes' rule of signs); ${found} found.`,
  touches: "Net present value touches zero without changing sign: find its turning point.",
  between: (low: string, high: string) =>
    `Net present value changes sign between ${low} and ${high}, so the solution lies between them. Linear interpolation gives the next trial.`,
  internalFound: (rate: string) =>
    `The internal rate of return, as a decimal and as a percentage: ${rate} a year.`,

  twoRates: "Discount outlays at the hurdle rate; compound inflows at the reinvestment rate.",
  outlays: "Discount the outlays to today at the hurdle rate.",
  inflows: (rate: string, end: string) =>
    `Compound the inflows at ${rate} a year to the end, ${end} from today.`,
  modified: "The rate at which the outlays grow to the inflows.",

  columns: {
    time: "Time",
    amount: "Amount",
    discountFactor: "Discount factor",
    accumulationFactor: "Accumulation factor",
    value: "Value",
    total: "Total",
  },
};
