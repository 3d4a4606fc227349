/** Mistakes with times: dates, periods, waiting, growth, and which way money is moved. See `MISTAKE_WORDS` for what each text is. */
export const TIME_MISTAKE_WORDS = {
  "years-as-payments": {
    done: (years: string, name: string) =>
      `you used the number of years, ${years}, as the number of ${name}`,
    corrected: (perYear: string, years: string, count: string) =>
      `There are ${perYear} × ${years} = ${count} payments.`,
    donePeriods: () => "you used the number of years as the number of compounding periods",
    correctedPeriods: (perYear: string) => `Each year has ${perYear} compounding periods.`,
    nextTime: "Count payments, not years: payments a year × years.",
  },
  "start-end-swapped": {
    done: (name: string, timing: "start" | "end") =>
      `you treated ${name} as ${kindOfAnnuity(otherEnd(timing))}`,
    doneAll: () => "you swapped start and end for all the payments",
    corrected: (timing: "start" | "end") =>
      `They are ${kindOfAnnuity(timing)}, so the value is ${timing === "end" ? "smaller" : "larger"} by a factor of 1 + i.`,
    nextTime: "Mark the first payment on the timeline: at the start, it earns one period more.",
  },
  "wrong-days-in-year": {
    done: (days: string) => `you counted ${days}`,
    corrected: (days: string) => `This problem counts ${days}.`,
    nextTime: "Note how days are counted, and over which year, before you divide.",
  },
  "wrong-focal-date": {
    done: (date: string) => `you moved all amounts to ${date}`,
    corrected: (date: string) =>
      `The focal date is ${date}. Without compounding, another date gives another answer.`,
    nextTime: "Mark the focal date on the timeline, and move every amount to it.",
  },
  "growth-early": {
    done: (name: string) => `you applied growth to the first of ${name}`,
    corrected: () => "The given amount is the first payment; growth starts with the second.",
    nextTime: "Write down the first three payments before you choose a formula.",
  },
  "growth-late": {
    done: (name: string) => `you started the growth of ${name} one payment late`,
    corrected: () => "Growth starts with the second payment.",
    nextTime: "Payment k has grown k − 1 times: the second once, the third twice.",
  },
  "growth-forgotten": {
    done: (name: string) => `you treated ${name} as level`,
    corrected: () => "They grow, so each payment is different: use the growing-annuity formula.",
    nextTime: "Write down the first three payments; if they differ, it is not a level annuity.",
  },
  "growth-every-payment": {
    done: (name: string) => `you let ${name} grow with each payment`,
    corrected: (noun: string) => `They grow once a ${noun}; within it they are level.`,
    nextTime: "Write down the payments of the first two years before you choose a formula.",
  },
  "deferral-off-by-one": {
    done: (name: string, isTooMany: boolean) =>
      `you discounted ${name} by one period too ${isTooMany ? "many" : "few"}`,
    corrected: (timing: "start" | "end") =>
      timing === "start"
        ? "For an annuity due, the formula gives the value at the first payment."
        : "The annuity formula gives the value one period before the first payment.",
    nextTime: "Mark where the annuity formula puts the value, then count the periods from there.",
  },
  "deferral-ignored": {
    done: (name: string) => `you started ${name} at once`,
    corrected: () => "They start later, so their value is discounted over the wait too.",
    nextTime: "Draw the first payment on the timeline before you choose a formula.",
  },
  "deferral-without-interest": {
    done: (isBefore: boolean) =>
      `you left out the interest ${isBefore ? "before the payments begin" : "after the last payment"}`,
    corrected: () => "The balance earns interest while nothing is paid.",
    nextTime: "Check that every stretch of the timeline earns interest.",
  },
  "first-flow-discounted": {
    doneAll: () => "you discounted every amount, including the first, by one period too many",
    doneFirst: () => "you discounted the first amount by one period",
    corrected: () => "The first amount is paid today and is not discounted.",
    nextTime: "The first amount is at time 0: its factor is 1.",
  },
  "wrong-date": {
    done: (date: string) => `you found the value ${date}`,
    corrected: (asked: string, isLater: boolean) =>
      `The question asks for the value ${asked}, which ${isLater ? "includes" : "excludes"} the interest in between.`,
    nextTime: "Mark the date of the question on the timeline before you start.",
  },
  "wrong-time-unit": {
    doneCounted: (name: string, noun: string) => `you counted ${name} in ${noun}`,
    doneRead: (right: string, wrong: string) => `you read ${right} as ${wrong}`,
    doneGiven: (noun: string) => `you gave the time in ${noun}`,
    corrected: () => "Convert every time to the payment period first.",
    correctedYears: () => "The answer is in years.",
    correctedPayments: () => "The answer is the number of payments.",
    nextTime: "Write the unit beside every time, and convert it before you calculate.",
  },
  "pv-for-fv": {
    done: (name: string) => `you discounted ${name} instead of accumulating`,
    doneFactor: (name: string) => `you used the present-value factor for ${name}`,
    corrected: () => "Money moves forward to the focal date here, so multiply by (1+i)ⁿ.",
    nextTime: "Draw an arrow to the focal date: forward is multiplied, back is divided.",
  },
  "fv-for-pv": {
    done: (name: string) => `you accumulated ${name} instead of discounting`,
    doneFactor: (name: string) => `you used the future-value factor for ${name}`,
    corrected: () => "Money moves back to the focal date here, so divide by (1+i)ⁿ.",
    nextTime: "Draw an arrow to the focal date: forward is multiplied, back is divided.",
  },
  "one-period-too-many": {
    done: (used: string, right: string, isPayments: boolean) =>
      `you used ${used} ${isPayments ? "payments" : "periods"} instead of ${right}`,
    corrected: (right: string, isPayments: boolean) =>
      `There are ${right} ${isPayments ? "payments" : "compounding periods"}.`,
    nextTime: "Number the first and the last payment on the timeline before you count.",
  },
  "one-period-too-few": {
    done: (used: string, right: string, isPayments: boolean) =>
      `you used ${used} ${isPayments ? "payments" : "periods"} instead of ${right}`,
    corrected: (right: string, isPayments: boolean) =>
      `There are ${right} ${isPayments ? "payments" : "compounding periods"}.`,
    nextTime: "Number the first and the last payment on the timeline before you count.",
  },
  "debts-not-moved": {
    done: () => "you added the amounts without moving them in time",
    corrected: () => "Amounts at different dates are compared at the focal date only.",
    nextTime: "Mark the focal date, and move every amount to it.",
  },
  "all-debts-discounted": {
    done: () => "you discounted every amount, even those due before the focal date",
    corrected: () => "What is due before the focal date is accumulated to it.",
    nextTime: "Mark each amount as before or after the focal date, then move it.",
  },
  "one-debt-wrong-way": {
    done: (name: string, isEarly: boolean) =>
      `you ${isEarly ? "discounted" : "accumulated"} ${name} instead of ${isEarly ? "accumulating" : "discounting"} it`,
    corrected: (isEarly: boolean) =>
      `It is due ${isEarly ? "before" : "after"} the focal date, so it is ${isEarly ? "accumulated" : "discounted"}.`,
    nextTime: "Mark each amount as before or after the focal date, then move it.",
  },
  "flows-not-discounted": {
    done: () => "you added the cash flows without discounting them",
    corrected: () => "Each cash flow is discounted to today at the given rate.",
    nextTime: "Write the discount factor beside each cash flow before you add.",
  },
  "flows-one-early": {
    done: () => "you discounted each return by one period too few",
    corrected: () => "The first return comes one period from today, so it is discounted once.",
    nextTime: "Write the time of each cash flow above it: the exponent is that number.",
  },
};

function otherEnd(timing: "start" | "end"): "start" | "end" {
  return timing === "start" ? "end" : "start";
}

function kindOfAnnuity(timing: "start" | "end"): string {
  return timing === "end"
    ? "an ordinary annuity, paid at the end of each period"
    : "an annuity due, paid at the start of each period";
}
