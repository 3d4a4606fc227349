import { severalPeriods } from "../quotation-words";

/**
 * The sentences of the workings, and the words beside their formulas. Each sentence names one move, as a
 * teacher says it at the board. All values arrive as text in the reader's own number format.
 */
export const STEP_WORDS = {
  given: {
    say: "Write down what is given and what to find.",
    yearsFromToday: "years from today",
    years: "years",
    paymentsPerYear: "payments a year",
    compoundingsPerYear: "compounding periods a year",
    count: "number of payments",
    perpetuity: "perpetuity (no last payment)",
    quotation: (percent: string, quotation: string, from: string | null) =>
      `${percent === "" ? "" : `${percent} `}${quotation}${from === null ? "" : `, from ${from}`}`,
    single: (direction: string, when: string) => `money ${direction} ${when}`,
    stream: (direction: string, adverb: string, timing: string, begins: string | null) =>
      `money ${direction}, ${adverb}, at the ${timing} of each period${begins === null ? "" : `, first period starting ${begins}`}`,
    growth: (each: string) => `growth ${each}`,
    increase: (each: string) => `increase ${each}`,
    amounts: (every: string, amounts: string) => `${every}: ${amounts}`,
    manyAmounts: (count: string, every: string) => `${count} ${every}, money out negative`,
    evenly: (adverb: string) =>
      adverb.startsWith("every") ? `amounts ${adverb}` : `${adverb} amounts`,
    onDates: "amounts on given dates",
  },

  focalDate: {
    say: (date: string, inflows: string, outflows: string, both: string) =>
      `Focal date: ${date}. On that date, the value of the money in (${inflows}) equals the value of the money out (${outflows})${both === "" ? "" : `; ${both} has both`}.`,
    oneList: (date: string) =>
      `Focal date: ${date}. On that date, the value of the money in equals the value of the money out.`,
    unknownDate: "the unknown date",
    netValue: (name: string) => `Find the ${name}: money in is positive, money out negative.`,
  },

  conversions: {
    nominal: (periods: string) =>
      `Periodic rate: divide the nominal rate by its ${periods} compounding periods a year.`,
    fromNominal: (compounded: string, noun: string) =>
      `Interest is compounded ${compounded}: find the equivalent rate per ${noun}.`,
    fromEffective: (noun: string) =>
      `The quoted rate is effective: find the equivalent rate per ${noun}.`,
    fromDiscount: (noun: string) =>
      `A discount rate is of the amount at the end of the ${noun}: find the rate of interest, of the amount at its start.`,
    sought: (noun: string) => `Find the rate per ${noun} first; the quoted rate follows from it.`,
    ratePer: (noun: string) => `rate per ${noun}`,
    years: (span: string, years: string) => `The time in years: ${span} is ${years}.`,
    periods: (span: string, noun: string, count: string) =>
      `Number of ${severalPeriods(noun)} in ${span}: ${count}.`,
  },

  value: {
    ofFlow: (name: string, date: string) =>
      date === "today" ? `Present value of ${name}.` : `Value of ${name} ${date}.`,
    factor: (name: string, date: string) => `Factor for ${name}: the value ${date} of each 1 paid.`,
    ofPart: "payments of this part",
    /** Payments that stay level from one step to the next, taken together. */
    blocks: (noun: string | null) =>
      noun === null
        ? {
            payments: "payments from one step to the next",
            value: "these payments, at the last of them",
            rate: "rate from one step to the next",
            count: "such groups of payments",
          }
        : {
            payments: `payments in each ${noun}`,
            value: `one ${noun}’s payments of 1, at its end`,
            rate: `rate per ${noun}`,
            count: severalPeriods(noun),
          },
    onUnknownDate: "on the unknown date",
    letters: (name: string) => `Numbers and rates for ${name}.`,
    stage: (date: string) => `value ${date}`,
    moreLines: (count: string) => `${count} more lines like these`,
    payment: (number: string) => `payment ${number}`,
    payments: (from: string, to: string) => `payments ${from} to ${to}`,
    paymentsFrom: (from: string) => `payments from ${from} onwards`,
    column: (date: string) => (date === "today" ? "Present value" : `Value ${date}`),
  },

  equation: {
    say: (date: string) => `Write the equation of value ${date}: money in = money out.`,
    netValue: (name: string, isToday: boolean) =>
      `The ${name} is the sum of the ${isToday ? "present values" : "values on that date"}.`,
    add: "Add.",
  },

  solve: {
    substitute: "Substitute the numbers.",
    calculate: "Calculate.",
    substituteAndCalculate: "Substitute the numbers and calculate.",
    otherDirection: "The result is negative, so the amount goes in the opposite direction.",
    asPercentage: "As a percentage.",
    percentage: "as a percentage",
    collect: "Collect the terms with the unknown on one side.",
    isolateUnknown: "Isolate the unknown.",
    factorOut: "Factor out the unknown.",
    divide: "Divide to isolate the unknown.",
    isolatePower: "Isolate the power.",
    isolatePowerStepwise: "Isolate the power, one step at a time.",
    check: "Check: substitute the answer; both sides agree.",
    moneyIn: "money in",
    moneyOut: "money out",
  },

  search: {
    substituteKnown: "Substitute the known values.",
    several: (count: string, values: string) =>
      `The cash flows change sign more than once, and ${count} values satisfy the equation: ${values}. These steps find the first.`,
    between: (low: string, high: string) =>
      `Net value (money in − money out) changes sign between ${low} and ${high}, so the solution lies between them. Linear interpolation gives the next trial.`,
    touches: "Net value touches zero without changing sign: find its turning point.",
    head: "Net value",
    rateHead: (letter: string) => `${letter} (%)`,
    yearsHead: "Years",
    step: "Step",
    from: "from",
    to: "to",
  },

  count: {
    together:
      "Combine the other amounts: A is their value when the payments start, B the amount due when they end.",
    numerically:
      "The number of payments appears in several powers, so it cannot be isolated: solve numerically.",
    oneByOne:
      "Each payment has a different factor, so the number cannot be isolated: add payments until the equation of value holds.",
    found: "The number of payments.",
    solve: "Solve for the number of payments.",
    logarithms: "Take logarithms of both sides to bring down the exponent.",
    calculate: "Calculate the number of payments.",
    exactly: (full: string) => `That is exactly ${full}.`,
    fullAndFinal: (full: string) => `In practice: ${full} and a final payment.`,
    fullAndLast: (full: string, last: string) =>
      `In practice: ${full}, and payment ${last} for the remaining balance.`,
    wholeButForCents: (full: string, last: string) =>
      `The payment is rounded to the cent, so the count is ${last}: ${full}, and payment ${last} for the remaining balance.`,
    fund: (full: string) =>
      `In practice, pay ${full}. Balance at the end of the last of these periods.`,
    interestAlone: (next: string) =>
      `Interest alone reaches the goal before payment ${next}. Take logarithms: periods until then.`,
    interestAloneAt: (full: string, when: string) =>
      `In practice: ${full}, then interest alone reaches the goal after ${when}.`,
    payments: (count: string, isOne: boolean) => `${count} payment${isOne ? "" : "s"}`,
  },

  date: {
    together: (what: string) =>
      `Let A be the value of the amounts with known dates, and B ${what}.`,
    togetherAt: "Let A be the value of the other amounts at the focal date.",
    simpleEquation: (isInterest: boolean) =>
      isInterest
        ? "Simple interest, S = P(1 + rt): the earlier amount grows to the later one."
        : "Bank discount, P = S(1 − dt): the later amount is discounted to the earlier one.",
    simple: (isInterest: boolean) =>
      isInterest
        ? "The time is the interest divided by the principal and the rate."
        : "The time is the discount divided by the amount due and the discount rate.",
    wholePeriods: (nouns: string, whole: string) =>
      `By compound interest, take logarithms. The whole ${nouns}: ${whole}.`,
    partOfPeriod: (noun: string) =>
      `Simple interest for the rest: the part of a ${noun} that is left.`,
    toChange: (span: string) => `Compound to the rate change after ${span}.`,
    periodsToThen: (noun: string) => `${severalPeriods(noun)} to the unknown date`,
    equation: (goal: string) => `Write the equation of value: the amount must grow to ${goal}.`,
    logarithms: "Divide, then take logarithms of both sides.",
    calculateYears: "Calculate the number of years.",
    calculatePeriods: (nouns: string) => `Calculate the number of ${nouns}.`,
    inYears: "Convert to years.",
    fromToday: "The time from today, in years.",
    numerically: "The time appears in several powers, so it cannot be isolated: solve numerically.",
    found: "The time from today, in years.",
    unknownAmount: "the amount at the unknown time",
    unknownPayments: "the payments that start at the unknown time",
  },

  rate: {
    isolate: "Divide to isolate the growth factor.",
    logarithms: "Take logarithms of both sides and divide by the time.",
    root: "Take the nth root of both sides and subtract 1.",
    simple: (isInterest: boolean) =>
      isInterest
        ? "Simple interest, I = Prt: the rate is the interest divided by the principal and the time."
        : "Bank discount, D = Sdt: the rate is the discount divided by the amount due and the time.",
    perpetuity: "Perpetuity: present value = payment ÷ rate, so rate = payment ÷ price.",
    growingPerpetuity:
      "Growing perpetuity: present value = payment ÷ (rate − growth), so rate = payment ÷ price + growth.",
    perpetuityDue:
      "Perpetuity due: multiply by the denominator, and collect the terms with the rate on one side.",
    inDenominators:
      "The rate appears in several factors, so it cannot be isolated: solve numerically.",
    numerically: "The rate appears in several powers, so it cannot be isolated: solve numerically.",
    decimal: "The rate, as a decimal.",
    periodic: (noun: string) => `Rate per ${noun}, as a decimal.`,
    quoted: "Convert to the quoted form, as a percentage.",
  },

  quadratic: {
    coefficients:
      "Money moves at three dates, one period apart. Let a, b and c be the money on these dates, the direction of the first positive.",
    equation: "Write the equation of value at the last date: a quadratic in 1 + i.",
    formula: (isUpper: boolean, areBoth: boolean) =>
      `Let x = 1 + i, and use the quadratic formula. The ${isUpper ? "plus" : "minus"} sign gives ${areBoth ? "the first rate, the other sign the second" : "the rate"}.`,
    rate: "Subtract 1: the periodic rate, as a decimal.",
  },

  growth: {
    numerically:
      "The growth rate appears inside and outside a power, so it cannot be isolated: solve numerically.",
    denominator: "Isolate the denominator.",
    isolate: "Isolate the growth rate: periodic rate less the first payment over the price.",
    found: "The growth rate, as a decimal and as a percentage.",
  },

  followUp: {
    balanceAbove: (date: string) => `The balance ${date}: see above.`,
    balanceFormula: (date: string) => `Formula for the balance ${date}.`,
    nothingPaid: (when: string) => `${when}, nothing has been paid yet.`,
    zero: (when: string) => `${when}, the balance is zero.`,
    oneAmount: (when: string, name: string) => `The balance ${when} is ${name}.`,
    paymentsToCome: (date: string, count: string) =>
      `Balance ${date}, prospective method: the value then of the ${count} payments still to come.`,
    interestOfPeriod: "Interest of one period = opening balance × periodic rate.",
    paymentLessInterest: (isRepaid: boolean) =>
      isRepaid
        ? "Principal = payment − interest."
        : "Fall in the balance = payment out of it − interest.",
    prospective: (date: string) =>
      `Balance ${date}, prospective method: the value then of the amounts still to come.`,
    retrospective: (date: string) =>
      `Balance ${date}, retrospective method: the value then of all amounts so far.`,
    signs: (plus: string, minus: string) => `Add money ${plus}, subtract money ${minus}.`,
    made: (name: string, when: string, count: string) => `${name} made ${when}: ${count}.`,
    principal: "Principal = the fall in the balance.",
    onlyInterest: "No payments in this period: interest = the rise in the balance.",
    total: (verb: string) => `Total ${verb} in this period.`,
    totalLess: (verb: string, other: string) =>
      `Total ${verb} in this period, less the amounts ${other}.`,
    interestOfRise: (added: string) => `Interest = rise in the balance − amounts ${added}.`,
    interestOfFall: (verb: string) => `Interest = total ${verb} − fall in the balance.`,
    sum: "Add the payments, undiscounted.",
    wholePayments: "The schedule uses whole payments and a final payment for the rest.",
    fullPayments: "full payments",
    finalPayment: "final payment",
    tooLong:
      "With so many cash flows and rates the formula is too long to write out. The value is from the account, date by date.",
    balanced: (date: string) =>
      `Money in and money out balance at this rate, so the net value ${date} is zero.`,
  },

  beyondNumbers:
    "At this rate a factor of the formula is too large or too small to be written as a number. The steps are left out.",

  roundedPayment: {
    toTheCent: { nearest: "to the cent", up: "up to the cent" },
    inCents: {
      nearest: "Round the payment to the nearest cent.",
      up: "Round the payment up to the next cent.",
    },
    lastIsSmaller: (full: string) =>
      `Final payment, after ${full}: one payment, less what rounding up has added to all of them, with interest to that date.`,
    lastIsLarger: (full: string) =>
      `Final payment, after ${full}: one payment, plus what rounding down has taken off all of them, with interest to that date.`,
    endsEarlier: (full: string) =>
      `What the payments are rounded up by comes to more than one of them: the final payment comes after ${full}.`,
    paid: "The payments are in whole cents, and a final payment settles the rest.",
  },

  rounding: {
    same: "Rounding the intermediate values makes no difference.",
    differs: (rounded: string, exact: string, difference: string) =>
      `With intermediate values rounded, the answer is ${rounded}; unrounded it is ${exact}, a difference of ${difference}.`,
  },
};
