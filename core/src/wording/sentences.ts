import type { Issue, IssueCode } from "../engine/issues/issue";
import { writeFigure, writeMoney, writePercent, type AnswerFormat } from "./answer-format";
import { calendarDateWords, spanWords } from "./format-time";
import { quotationWords } from "./quotation-words";
import { PART_SENTENCES } from "./part-sentences";
import type { Sentences } from "./sentence";
import { TYPING_SENTENCES } from "./typing-sentences";

/**
 * The message for each issue: what is wrong, where, and how to fix it. The type keeps the catalogue complete;
 * a test checks that each message is a sentence.
 */
const sentences: Sentences = {
  "file-not-json": () => "This file is not JSON. Choose a problem file.",
  "file-not-a-problem": ({ format }) =>
    `This is not a problem file: its "format" should be "${format}".`,
  "file-is-question": () =>
    "This file is a question of several parts. Only files of a single problem can be opened here.",
  "file-version-unreadable": () =>
    'The file has no version number: its "version" should be a whole number from 1.',
  "file-from-the-future": ({ version, newest }) =>
    `This file comes from a newer version (${version}; this one reads up to ${newest}). It has not been changed.`,
  "file-too-large": ({ limit }, format) =>
    `The file is too large. The limit is ${writeFigure(limit, format)} characters.`,

  "wrong-type": ({ expected }) => `This should be ${expected}.`,
  "missing-field": ({ expected }) => `A value is missing: ${expected}.`,
  "unknown-field": ({ names }) =>
    `There is no field called ${names.map((name) => `"${name}"`).join(", ")}. Remove it or correct its name.`,
  "wrong-format": ({ expected }) => `This should be ${expected}.`,
  "out-of-range": ({ minimum, maximum }, format) =>
    minimum === undefined
      ? `This is too large. The limit is ${writeFigure(maximum ?? 0, format)}.`
      : `This is too small. The minimum is ${writeFigure(minimum, format)}.`,
  "too-long": ({ limit }, format) =>
    `This text is too long. The limit is ${writeFigure(limit, format)} characters.`,
  "too-few": ({ minimum }) => `There are too few entries. Give at least ${minimum}.`,
  "too-many": ({ limit }, format) =>
    `There are too many entries. The limit is ${writeFigure(limit, format)}.`,

  "duplicate-id": ({ id }) => `Two flows share the id "${id}". Rename one of them.`,
  "reference-missing": ({ id }) => `This refers to "${id}", but there is no such flow.`,
  "reference-cycle": ({ ids }) =>
    `Circular reference: ${ids.join(", ")}. Type a number for one of them.`,
  "reference-too-deep": ({ limit }) =>
    `This chain of references is longer than ${limit}. Shorten it.`,
  "reference-not-a-stream": ({ id }) =>
    `This starts when "${id}" ends, but only repeated payments have an end.`,
  "reference-without-amount": ({ id }) =>
    `This is a multiple of "${id}", which has several amounts. Refer to a single amount.`,
  "reference-endless": ({ id }) => `This starts when "${id}" ends, but "${id}" is a perpetuity.`,
  "rate-reference-missing": ({ index }) =>
    `This refers to rate ${index + 1}, but there is no such rate.`,
  "first-rate-starts-late": () => "The first rate applies from today. Remove its start time.",
  "rate-start-missing": () => "Type when this rate starts, such as 4 years.",
  "rates-out-of-order": () =>
    "Each rate must start later than the one before it. Change this start.",
  "date-before-first": ({ on, first }) =>
    `The date ${on} is earlier than the first date, ${first}. Put the earliest date first.`,
  "labels-too-many": ({ amounts }, format) =>
    `There are more labels than the ${writeFigure(amounts, format)} amounts. Remove the extra labels.`,
  "date-impossible": ({ on }) => `The date ${on} does not exist.`,
  "date-without-today": ({ on }) =>
    `The date ${calendarDateWords(on)} is counted from today, which has no date yet. Add a date for today.`,
  "rates-of-two-kinds": () =>
    "Simple interest, bank discount and compound interest cannot follow one another in one problem. Quote all rates the same way, or split the problem into parts.",
  "fraction-of-several-rates": () =>
    "Simple interest for a fraction of a period is defined only for a single rate. Remove the later rates, or choose compound interest for fractions of a period.",
  "fraction-of-discount": () =>
    "Simple interest for a fraction of a period is not defined for a discount rate. Choose compound interest for fractions of a period.",
  "unknown-missing": () => "There is no unknown yet. Type ? in the field you want to find.",
  "unknown-several": ({ paths }) =>
    `There are ${paths.length} unknowns, but one equation finds only one. Fill in all but one.`,
  "unknown-not-here": () => "This time cannot be the unknown. Type a time, such as 4 years.",
  "unknown-frequency": () =>
    "The frequency cannot be the unknown. Type how often, such as month, and ? in another field.",
  "unknown-beside-ask": () =>
    "This asks for a value and also has another unknown. Fill it in, or remove the question.",

  "rate-too-low": ({ percent, quotation }, format) =>
    `At ${writePercent(percent, format)} ${quotationWords(quotation)}, the balance is lost within one period. Type a rate above −100% per period.`,
  "discount-too-high": ({ percent, quotation }, format) =>
    `At ${writePercent(percent, format)} ${quotationWords(quotation)}, the discount takes the whole amount. Type a lower rate.`,
  "no-worth-over-gap": ({ years }, format) =>
    `Over ${spanWords(years, format)}, the discount takes the whole amount, or more. Lower the rate or shorten the time.`,
  "focal-beside-ask": () =>
    "With simple interest or bank discount, the date of the value is the focal date. Remove the other focal date.",
  "forever-needs-compound": ({ id }) =>
    `“${id}” is a perpetuity, which has no value with simple interest or bank discount. Type the number of payments, or quote a compound rate.`,
  "payments-need-compound": ({ id, limit }, format) =>
    `“${id}” has more than ${writeFigure(limit, format)} payments, which is too many for simple interest or bank discount. Use fewer payments, or quote a compound rate.`,
  "growth-too-low": ({ percent }, format) =>
    `At a growth of ${writePercent(percent, format)}, the payments fall to zero. Type a growth above −100%.`,
  "growth-too-irregular": ({ limit }, format) =>
    `The growth interval and the payment interval coincide only after more than ${writeFigure(limit, format)} payments. Use a simpler interval, such as every year.`,
  "perpetuity-without-worth": ({ id, ratePercent, growthPercent }, format) => {
    if (growthPercent === 0) {
      return `“${id}” is a perpetuity, so its present value is finite only at a rate above zero. Raise the rate or type the number of payments.`;
    }
    const growth =
      growthPercent === null ? "without limit" : `by ${writePercent(growthPercent, format)} a year`;
    return `“${id}” grows for ever ${growth}, which is not below the rate of ${writePercent(ratePercent, format)} a year, so its present value is infinite. Lower the growth or raise the rate.`;
  },
  "one-way-money": ({ direction, turn }) =>
    `All the money here is money ${direction}, so it cannot balance. ${fix(turn, "Add an amount in the other direction.")}`,
  "no-rate-balances": ({ turn }) =>
    `No rate above −100% makes these amounts balance. ${fix(turn, "Check the amounts and their directions.")}`,
  "rate-has-no-effect": () =>
    "No balance earns interest while this rate applies, so it can be anything. Move an amount to a later date.",
  "every-rate-balances": () =>
    "These amounts cancel out on the same date, so every rate works. Change an amount or a date.",
  "rate-search-too-large": () =>
    "The cash flows change sign too often to find every rate. Use fewer amounts.",
  "rates-too-entangled": () =>
    "Several rates depend on the unknown rate, and the cash flows change sign more than once. Type numbers for the later rates.",
  "unknown-cancels": () =>
    "The unknown cancels out: equal amounts come in and go out, so any value works. Change the other amounts.",
  "amount-below-zero": () =>
    "An amount that refers to another comes out below zero. Change the calculation, or switch its direction.",
  "nothing-to-balance": () =>
    "There is no other amount to balance this one. Type amounts above zero.",
  "any-date-balances": () =>
    "At a rate of zero, these amounts balance on every date. Change the rate or an amount.",
  "date-never-reached": ({ turn }) =>
    `At this rate, the amounts never balance, at any date. ${fix(turn, "Change the rate or the amount.")}`,
  "start-not-found": ({ limitYears, turn }, format) =>
    `These payments do not balance the rest for any start within ${writeFigure(limitYears, format, 1)} years. ${fix(turn, "Change the payments, the rates or the other amounts.")}`,
  "growth-has-no-effect": () =>
    "The payments end before the first increase, so any growth works. Add payments, or let them grow sooner.",
  "no-growth-balances": ({ enough, turn }) =>
    `${enough ? "The first payments are already too large, however much the later ones fall." : "No growth makes the payments large enough."} ${fix(turn, "Change the first payment or the other amounts.")}`,
  "goal-already-passed": ({ id, turn }) =>
    `The goal is reached before “${id}” begins, and each payment adds more. ${fix(turn, "Check the amounts and their directions.")}`,
  "payment-below-interest": ({ id, smallest }, format) =>
    `“${id}” does not cover the interest, so the balance never falls. Each payment must be above ${writeMoney(smallest, format)}.`,
  "no-count-balances": ({ limit, turn }, format) =>
    `No number of payments up to ${writeFigure(limit, format)} balances the rest. ${fix(turn, "Change the payment, the rate or the goal.")}`,
  "answer-too-large": () =>
    "The answer is too large to calculate. Use a lower rate or a shorter time.",
  "answer-too-far": ({ limitYears, isPast = false }, format) =>
    isPast
      ? `That was more than ${writeFigure(limitYears, format)} years ago. Check which amount is larger.`
      : `That takes more than ${writeFigure(limitYears, format)} years. Use a higher rate or a smaller goal.`,

  "problem-too-large": ({ limit }, format) =>
    `The lists have more than ${writeFigure(limit, format)} amounts together. Split the problem.`,
  "schedule-without-stream": ({ id }) =>
    `There are no repeated payments called “${id}”. Only repeated payments have a schedule.`,
  "schedule-needs-compound": () =>
    "A schedule adds interest to the balance at each payment, which is compound interest. Quote a compound rate.",
  "schedule-endless": () => "A perpetuity has no last row. Type the number of payments.",
  "schedule-too-long": ({ limit }, format) =>
    `The schedule would have more than ${writeFigure(limit, format)} rows. Use fewer payments.`,
  "change-for-loans": () => "This change applies only to loans. Remove it.",
  "change-after-end": ({ payment, count }, format) =>
    `This starts at payment ${writeFigure(payment, format)}, but there are only ${writeFigure(count, format)}. Choose an earlier payment.`,
  "change-backwards": ({ from, to }, format) =>
    `This ends at payment ${writeFigure(to, format)}, before it starts at payment ${writeFigure(from, format)}. Choose a later end.`,
  "change-twice": () => "Only one change of this kind is possible. Remove one of the two.",
  "changes-overlap": ({ from, to }, format) =>
    `${from === to ? `Payment ${writeFigure(from, format)} is` : `Payments ${writeFigure(from, format)} to ${writeFigure(to, format)} are`} already skipped or interest-only. Change the start or the end of one of the two.`,
  "rate-changed-twice": ({ payment }, format) =>
    `The rate already changes at payment ${writeFigure(payment, format)}. Remove one of the two.`,
  "extra-in-holiday": ({ payment }, format) =>
    `Payment ${writeFigure(payment, format)} is skipped, so it cannot have an extra amount. Choose another payment.`,
  "payment-number-missing": () => "Type the first payment, such as 13 or 2 years.",
  "payment-number-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type a payment number, such as 13, or a time, such as 2 years or year 3.`,
  "payments-missing": () => "Type how long, such as 6 payments or 1 year.",
  "payments-not-understood": ({ at }) =>
    `Cannot read “${at}”. Type how long, such as 6 payments or 1 year: at least one payment.`,
  "known-only": () => "This cannot be the unknown. Type a value.",
  "changed-never-ends": ({ payment, interest }, format) =>
    `The payment of ${writeMoney(payment, format)} no longer covers the interest of ${writeMoney(interest, format)}, so the loan would never end. Recalculate the payment, or pay more.`,
  "residual-too-large": () =>
    "Even with no payments, the final balance would be below this. Choose a smaller balloon payment.",
  "never-multiplies": ({ percent, times }, format) =>
    `At ${writePercent(percent, format)} a year, money never grows to ${writeFigure(times, format)} times itself. Change the rate or the multiple.`,
  "discount-takes-all": () =>
    "The discount and the fee use up the whole amount. Lower one of them.",
  "table-range-backwards": () =>
    "The range must increase, in steps above zero. Type the smaller number first.",
  "table-too-wide": ({ columns, limit }, format) =>
    `That would be ${writeFigure(columns, format)} columns. The limit is ${writeFigure(limit, format)}. Use a larger step or a shorter range.`,
  "table-too-long": ({ rows, limit }, format) =>
    `That would be ${writeFigure(rows, format)} rows. The limit is ${writeFigure(limit, format)}. Use a larger step or a shorter range.`,
  "appraisal-without-flows": () => "There are no cash flows yet. Enter the project's amounts.",
  "appraisal-unknown-flow": () =>
    "One amount or time is still unknown. Type a value to appraise the project.",
  "appraisal-endless": () => "A perpetuity cannot be appraised here. Type the number of payments.",
  "sweep-field-unfit": () =>
    "Only a given number can be varied. Choose a field with a number, and at least one value.",
  "sweep-too-large": ({ limit }, format) =>
    `That would be more than ${writeFigure(limit, format)} problems to solve. Use fewer values.`,
  "growth-undefined": () =>
    "Growth needs two values above zero at different times. Check the values and the times.",

  ...PART_SENTENCES,
  ...TYPING_SENTENCES,
};

/** The fix: one change that makes the problem solvable, if there is one. */
function fix(turn: string | undefined, otherwise: string): string {
  return turn === undefined ? otherwise : `Switch the direction of “${turn}” and it can be solved.`;
}

/** The message for an issue, with the fix. */
export function sentenceOf(found: Issue, format: AnswerFormat): string {
  // Each function takes the facts of its own code, which the union of all issues cannot express.
  return (sentences[found.code] as (issue: Issue, format: AnswerFormat) => string)(found, format);
}

/** The same for a field that cannot be the unknown, so the message does not offer “?”. */
export function sentenceWhereKnown(found: Issue, format: AnswerFormat): string {
  return sentenceOf(found, format).replace(/, or \? to find it/, "");
}

/** Every issue code, for the parity test and the documents. */
export const ISSUE_CODES = Object.keys(sentences) as IssueCode[];
