import type { Direction } from "../../../engine/problem/schema";

/** Mistakes with digits: rounding, copying, signs. See `MISTAKE_WORDS` for what each text is. */
export const DIGIT_MISTAKE_WORDS = {
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
  truncated: {
    done: (decimals: string, isOne: boolean) =>
      `you cut your answer off after ${decimals} ${isOne ? "decimal" : "decimals"}`,
    doneWhole: () => "you cut off the decimals of your answer",
    corrected: () => "The next digit is 5 or more, so round up.",
    nextTime: "Look at the next digit before you cut a number off.",
  },
  "last-digit-off": {
    done: () => "the last digit of your answer is off by one",
    corrected: () => "Rounding intermediate values changes the last digit.",
    nextTime: "Keep every digit until the end; round only the answer.",
  },
  "wrong-sign": {
    doneAnswer: () => "your answer has the opposite sign",
    correctedAnswer: () => "The size is correct; only the sign differs.",
    done: (name: string) => `you gave ${name} the wrong sign`,
    corrected: (direction: Direction, isSeveral: boolean) =>
      `${isSeveral ? "They are" : "It is"} money ${direction}.`,
    nextTime: "Say in words who pays whom; the sign follows.",
  },
  "given-digits-swapped": {
    nextTime: "Check each copied value digit by digit.",
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
