import type { Direction } from "../../../engine/problem/schema";

/** Mistakes with amounts: left out, turned round, taken at face value, and shortcuts to them. See `MISTAKE_WORDS` for what each text is. */
export const AMOUNT_MISTAKE_WORDS = {
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
  "interest-for-total": {
    done: () => "you gave the interest instead of the amount",
    corrected: () => "The interest is the difference between the amounts.",
    nextTime: "Read whether the question asks for the interest or for the whole amount.",
  },
  "total-for-interest": {
    done: (what: string) => `you gave the total of ${what}`,
    corrected: () =>
      "Adding amounts ignores the time value of money; the question asks for something else.",
    nextTime: "Read what the question wants: a payment, a value or a total.",
  },
  "total-divided-by-count": {
    done: (amount: string, count: string) =>
      `you divided ${amount} by the ${count} payments, without interest`,
    corrected: () => "The balance earns interest between payments, so an annuity factor is needed.",
    nextTime: "Divide by the annuity factor, not by the number of payments.",
  },
  "interest-of-first-period": {
    done: (noun: string) => `you found the interest of the first ${noun}`,
    corrected: (noun: string, interest: string) =>
      `The interest of the first ${noun} is ${interest}; each payment must also repay a part of the loan.`,
    nextTime: "Check that the payment is above the first interest: the rest repays the loan.",
  },
  "flat-interest": {
    done: (years: string, count: string) =>
      `you added ${years} years of simple interest on the whole amount and divided by ${count}`,
    corrected: () => "Each payment reduces the balance, and interest is due on the balance only.",
    nextTime: "Charge interest on the balance, not on the whole loan.",
  },
  "yearly-payment-shared": {
    done: (perYear: string) => `you found the payment of a year and divided it by ${perYear}`,
    corrected: (noun: string) =>
      `Payments made each ${noun} reduce the balance sooner, so find the rate per ${noun} first.`,
    nextTime: "Convert the rate to the payment period before you use an annuity factor.",
  },
  "balloon-not-discounted": {
    done: (name: string) => `you took ${name} at face value`,
    corrected: () => "It is due at the end, so discount it to the focal date.",
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
  "yearly-payment-half-yearly-count": {
    done: (noun: string) => `you used a whole year's payments for each ${noun}`,
    corrected: (noun: string) => `Only the payment of one ${noun} is due each ${noun}.`,
    nextTime: "Divide the yearly payment by the payments a year first.",
  },
  "balance-straight-line": {
    done: (left: string, count: string) => `you took ${left}/${count} of the loan as the balance`,
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
};
