import type { Direction } from "../../engine/problem/schema";

/**
 * The sentences of marking, by mistake.
 * - `done`: what the student did, in the past tense; follows "It looks as if" and "would be if"
 * - `corrected`: the fact, a sentence in the present tense
 * - `nextTime`: the habit that avoids the mistake, a sentence in the imperative
 *
 * All values arrive as text in the reader's own number format.
 */
export const MISTAKE_WORDS = {
  "yearly-rate-per-payment": {
    done: (rate: string, noun: string) =>
      `you used the yearly rate of ${rate} as the rate per ${noun}`,
    corrected: (rate: string, noun: string, periods: string, periodic: string) =>
      `The rate per ${noun} is ${rate} / ${periods} = ${periodic}.`,
    correctedEquivalent: (rate: string, noun: string) =>
      `The rate per ${noun} must compound to the quoted yearly rate, so it is far below ${rate}.`,
    nextTime: "Write down the periodic rate before you use a formula.",
  },
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
    nextTime: "“Compounded monthly” means nominal: divide it by 12, do not take a root.",
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
  "final-amount-turned": {
    done: (name: string, direction: Direction) => `you entered ${name} as money ${direction}`,
    corrected: (direction: Direction) =>
      `It is money ${direction}, so it belongs on the other side of the equation.`,
    nextTime: "For each amount, ask: do you receive it or pay it? Draw it above or below the line.",
  },
  "final-amount-left-out": {
    done: (name: string) => `you left out ${name}`,
    corrected: () => "It belongs in the equation of value, moved to the focal date.",
    nextTime:
      "Tick off every amount of the question on the timeline before you write the equation.",
  },
  "starting-balance-left-out": {
    done: (name: string) => `you left out ${name}, the opening balance`,
    corrected: () => "It earns interest for the whole time.",
    nextTime: "Put today's balance on the timeline first.",
  },
  "amount-left-over": {
    done: (amount: string, isToday: boolean) =>
      `you included ${amount} ${isToday ? "today" : "at the end"}, which is not in this question`,
    corrected: (isToday: boolean) =>
      `This question has no amount ${isToday ? "today" : "at the end"}.`,
    nextTime: "Start each question afresh: clear the values from the one before.",
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
  "deferral-off-by-one": {
    done: (name: string, isTooMany: boolean) =>
      `you discounted ${name} by one period too ${isTooMany ? "many" : "few"}`,
    corrected: (timing: "start" | "end") =>
      timing === "start"
        ? "For an annuity due, the formula gives the value at the first payment."
        : "The annuity formula gives the value one period before the first payment.",
    nextTime: "Mark where the annuity formula puts the value, then count the periods from there.",
  },
  "first-flow-discounted": {
    doneAll: () => "you discounted every amount, including the first, by one period too many",
    doneFirst: () => "you discounted the first amount by one period",
    corrected: () => "The first amount is paid today and is not discounted.",
    nextTime: "The first amount is at time 0: its factor is 1.",
  },
  "interest-for-total": {
    done: () => "you gave the interest instead of the amount",
    corrected: () => "The interest is the difference between the amounts.",
    nextTime: "Read whether the question asks for the interest or for the whole amount.",
  },
  "total-for-interest": {
    done: () => "you gave the total of the payments",
    corrected: () =>
      "Adding payments ignores the time value of money; the question asks for something else.",
    nextTime: "Read what the question wants: a payment, a value or a total.",
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
  "rounded-factor": {
    done: (decimals: string) => `you rounded the factor to ${decimals} decimals`,
    corrected: () => "The rounding error is multiplied by the amount.",
    nextTime: "Keep all the digits of a factor, or say that it comes from a table.",
  },
  "cents-otherwise": {
    doneUnrounded: (payment: string) => `you kept the payment unrounded, at ${payment}`,
    done: {
      nearest: "you rounded the payment to the nearest cent",
      up: "you rounded the payment up to the next cent",
    },
    corrected: {
      nearest: (payment: string) => `The payment is rounded to the nearest cent: ${payment}.`,
      up: (payment: string) => `The payment is rounded up to the next cent: ${payment}.`,
    },
    nextTime: "Check how your course rounds payments before you use one.",
  },
  "rounded-payment": {
    done: (name: string, amount: string, rounded: string) =>
      `you rounded ${name} from ${amount} to ${rounded}`,
    corrected: (amount: string) => `Use ${amount}.`,
    doneAnswer: () => "you rounded the answer to more than a cent",
    correctedAnswer: () => "Keep the cents: the question asks for them.",
    nextTime: "Use the payment as given; round only the answer.",
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
  "total-divided-by-count": {
    done: (amount: string, count: string) =>
      `you divided ${amount} by the ${count} payments, without interest`,
    corrected: () => "The balance earns interest between payments, so an annuity factor is needed.",
    nextTime: "Divide by the annuity factor, not by the number of payments.",
  },
  "flat-interest": {
    done: (years: string, count: string) =>
      `you added ${years} years of simple interest on the whole amount and divided by ${count}`,
    corrected: () => "Each payment reduces the balance, and interest is due on the balance only.",
    nextTime: "Charge interest on what is still owed, not on the whole loan.",
  },
  "yearly-payment-shared": {
    done: (perYear: string) => `you found the payment of a year and divided it by ${perYear}`,
    corrected: (noun: string) =>
      `Payments made each ${noun} reduce the balance sooner, so find the rate per ${noun} first.`,
    nextTime: "Convert the rate to the payment period before you use an annuity factor.",
  },
  "compounding-root-wrong": {
    done: (noun: string, power: string) =>
      `you raised 1 + i to the power ${power} for the rate per ${noun}`,
    corrected: (noun: string, perYear: string, paid: string) =>
      `The power is compounding periods per payment: ${perYear} / ${paid} for each ${noun}.`,
    nextTime: "Check the rate: over a year it must compound to the same effective rate.",
  },
  "balloon-not-discounted": {
    done: (name: string) => `you took ${name} at face value`,
    corrected: () => "It is due at the end, so discount it to the date of the loan.",
    nextTime: "Move every amount to the focal date before you add or subtract.",
  },
  "starting-balance-not-accumulated": {
    done: (name: string) => `you took ${name} at face value`,
    corrected: () => "It earns interest from the start to the end.",
    nextTime: "Move every amount to the focal date before you add or subtract.",
  },
  "outlay-forgotten": {
    done: () => "you left out the initial outlay",
    corrected: () => "The net present value is the value of the returns less the outlay.",
    nextTime: "Start with the outlay at time 0, then add the discounted returns.",
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
  "yearly-payment-half-yearly-count": {
    done: (noun: string) => `you used a whole year's payments for each ${noun}`,
    corrected: (noun: string) => `Only the payment of one ${noun} is due each ${noun}.`,
    nextTime: "Divide the yearly payment by the payments a year first.",
  },
  "coupon-and-yield-exchanged": {
    done: (used: string, discounted: string) =>
      `you took the coupons from ${used} and discounted at ${discounted}`,
    corrected: () => "The coupon rate sets the payments; the yield discounts them.",
    nextTime: "Label both rates first: one for the payments, one for discounting.",
  },
  "payment-over-price": {
    done: () => "you divided a year's payments by the price",
    corrected: () =>
      "That ignores the final amount and the time to it: solve the equation of value.",
    nextTime: "Use the current yield as a first guess only.",
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
  "balance-straight-line": {
    done: (left: string, count: string) =>
      `you took ${left} of ${count} parts of the loan as the balance`,
    corrected: () => "Early payments are mostly interest, so the balance falls slowly at first.",
    nextTime: "Find the balance as the present value of the payments still to come.",
  },
  "balance-one-payment-more": {
    done: (used: string, right: string) => `you counted ${used} payments made instead of ${right}`,
    corrected: (right: string) => `By then, ${right} payments have been made.`,
    nextTime: "Multiply years by payments a year, then check the first payment date.",
  },
  "balance-one-payment-less": {
    done: (used: string, right: string) => `you counted ${used} payments made instead of ${right}`,
    corrected: (right: string) => `By then, ${right} payments have been made.`,
    nextTime: "Multiply years by payments a year, then check the first payment date.",
  },
  "balance-sum-of-payments": {
    done: (left: string) => `you added up the ${left} payments still to come`,
    corrected: () => "Those payments include interest that is not due yet: discount them.",
    nextTime: "Find the balance as the present value of the payments still to come.",
  },
  "balance-payments-not-accumulated": {
    done: (made: string) =>
      `you accumulated the loan but subtracted the ${made} payments at face value`,
    corrected: () => "The payments made are accumulated to the same date too.",
    nextTime: "Move the loan and the payments to the date of the balance, then subtract.",
  },
  "interest-half-of-payments": {
    done: () => "you took half of the payments as interest",
    corrected: () => "The interest is what is paid less the fall in the balance.",
    nextTime: "Find the balance at both ends of the period; the rest is interest.",
  },
  "interest-payments-times-rate": {
    done: (rate: string) => `you multiplied the payments by ${rate}`,
    corrected: () => "Interest is due on the balance, not on the payments.",
    nextTime: "Find the balance at both ends of the period; the rest is interest.",
  },
  "interest-whole-life-average": {
    done: (count: string) => `you spread the total interest evenly over the ${count} payments`,
    corrected: () => "Interest falls with the balance: early payments have more of it.",
    nextTime: "Find the balance at both ends of the period; the rest is interest.",
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
  "growth-every-payment": {
    done: (name: string) => `you let ${name} grow with each payment`,
    corrected: (noun: string) => `They grow once a ${noun}; within it they are level.`,
    nextTime: "Write down the payments of the first two years before you choose a formula.",
  },
  "growth-added-to-rate": {
    done: () => "you divided by i + g",
    corrected: () => "Growth works against discounting: divide by i − g.",
    nextTime: "Check the sign: growing payments have a larger value than level ones.",
  },
  "real-rate-as-difference": {
    done: (rate: string) => `you used ${rate}, the rate less the growth, as the net rate`,
    corrected: () => "The exact net rate is (1+i)/(1+g) − 1.",
    nextTime: "Divide growth factors; the difference of two rates is only close.",
  },
  truncated: {
    done: (decimals: string, isOne: boolean) =>
      `you cut your answer off after ${decimals} ${isOne ? "decimal" : "decimals"}`,
    corrected: () => "The next digit is 5 or more, so round up.",
    nextTime: "Look at the next digit before you cut a number off.",
  },
  "last-digit-off": {
    done: () => "the last digit of your answer is off by one",
    corrected: () => "Rounding intermediate values changes the last digit.",
    nextTime: "Keep every digit until the end; round only the answer.",
  },
  "given-digits-swapped": {
    nextTime: "Check each copied value digit by digit.",
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
  "wrong-sign": {
    doneAnswer: () => "your answer has the opposite sign",
    correctedAnswer: () => "The size is correct; only the sign differs.",
    done: (name: string) => `you gave ${name} the wrong sign`,
    corrected: (direction: Direction, isSeveral: boolean) =>
      `${isSeveral ? "They are" : "It is"} money ${direction}.`,
    nextTime: "Say in words who pays whom; the sign follows.",
  },
  "digits-swapped": {
    done: () => "you swapped two digits when copying the answer",
    corrected: () => "The value before copying was correct.",
    nextTime: "Check a copied number digit by digit.",
  },
  "extra-zero": {
    done: () => "your answer has one zero too many",
    corrected: () => "Divide it by 10.",
    nextTime: "Write commas between the thousands: an extra zero is then easy to see.",
  },
  "missing-zero": {
    done: () => "your answer has one zero too few",
    corrected: () => "Multiply it by 10.",
    nextTime: "Write commas between the thousands: a missing zero is then easy to see.",
  },
  "decimal-point-moved": {
    done: () => "the decimal point of your answer is in the wrong place",
    corrected: () => "The digits are right.",
    nextTime: "Estimate the size of the answer before you calculate it.",
  },
};

/** A given number that was copied wrongly; several mistakes have this in common. */
export const MISCOPIED_WORDS = {
  done: (used: string, given: string) => `you used ${used} in place of ${given}`,
  corrected: (given: string) => `The question gives ${given}.`,
};

function otherEnd(timing: "start" | "end"): "start" | "end" {
  return timing === "start" ? "end" : "start";
}

function kindOfAnnuity(timing: "start" | "end"): string {
  return timing === "end"
    ? "an ordinary annuity, paid at the end of each period"
    : "an annuity due, paid at the start of each period";
}
