/** The words of the workbooks, besides those of the workings themselves. */
export const WORKBOOK_WORDS = {
  sheet: "Workings",
  partSheet: (label: string) => `Part ${label}`,
  partTrials: (label: string) => `Trials ${label}`,
  trialsSheet: "Trials",
  scheduleSheet: "Schedule",
  howToUse: "Given values are in colour: change one and the workbook recalculates.",
  heads: ["Quantity", "Symbol", "Value", "Formula"],
  answer: "The answer.",
  asHandedIn: (sentence: string) => `As handed in: ${sentence}`,
  now: "With the current values",
  unknown: "Unknown",
  numerically: "solved numerically on the next sheet",
  term: (place: number) => `Term ${place}`,

  trials: {
    title: "Numerical solution",
    how: "Net value changes sign between the first two trials, so the solution lies between them. Linear interpolation gives the next trial.",
    step: "Step",
    otherBound: "Other bound",
    valueThere: "Net value there",
    value: "Net value",
    from: "from",
    to: "to",
    term: (place: number) => `term ${place}`,
  },

  schedule: {
    total: "Total",
    opening: (before: string) => `${before} before the first payment`,
    periodicRate: (since: string) => `Periodic rate${since}`,
    payment: (since: string) => `Payment${since}`,
    since: (payment: number) => ` from payment ${payment}`,
    closing: "Closing balance",
  },
};
