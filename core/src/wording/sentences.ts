import type { Issue, IssueCode, IssueOf } from "../issues/issue";
import { formatFigure, formatMoney, formatPercent } from "./format-number";
import { formatYearsMonthsDays } from "./format-time";
import { frequencyWords, quotationWords } from "./quotation-words";

/**
 * What each issue says to a person: what is wrong, where, and what would mend it. The type keeps the
 * catalogue complete; a test keeps every sentence a sentence.
 */
const sentences: { readonly [Code in IssueCode]: (found: IssueOf<Code>) => string } = {
  "file-not-json": () => "This is not JSON, so it cannot be a problem file. Choose another file.",
  "file-not-a-problem": ({ format }) =>
    `This file does not say that it is a problem: its "format" should be "${format}".`,
  "file-version-unreadable": () =>
    'The file does not say which version it is: its "version" should be a whole number from 1.',
  "file-from-the-future": ({ version, newest }) =>
    `The file was written by a newer Kestrelmoor (version ${version}; this one reads up to ${newest}). It is left as it is.`,
  "file-too-large": ({ limit }) =>
    `The file is too large: a problem file may have ${formatFigure(limit)} characters.`,

  "wrong-type": ({ expected }) => `This should be ${expected}.`,
  "missing-field": ({ expected }) => `Something is missing here: ${expected}.`,
  "unknown-field": ({ names }) =>
    `There is no field called ${names.map((name) => `"${name}"`).join(", ")}. Remove it or mend its name.`,
  "wrong-format": ({ expected }) => `This should be ${expected}.`,
  "out-of-range": ({ minimum, maximum }) =>
    minimum === undefined
      ? `This is too large: ${formatFigure(maximum ?? 0)} is the most.`
      : `This is too small: ${formatFigure(minimum)} is the least.`,
  "too-long": ({ limit }) =>
    `This text is too long: ${formatFigure(limit)} characters are the most.`,
  "too-few": ({ minimum }) => `There are too few of these: at least ${minimum} must be given.`,
  "too-many": ({ limit }) => `There are too many of these: ${formatFigure(limit)} are the most.`,

  "duplicate-id": ({ id }) => `Two flows are both called "${id}". Give one of them another id.`,
  "reference-missing": ({ id }) => `This refers to "${id}", and there is no such flow.`,
  "reference-cycle": ({ ids }) =>
    `These refer to each other in a circle: ${ids.join(", ")}. Give one of them a figure of its own.`,
  "reference-too-deep": ({ limit }) =>
    `This refers to something that refers to something else, more than ${limit} times over. Shorten the chain.`,
  "reference-not-a-stream": ({ id }) =>
    `This waits for the end of "${id}", and only repeated payments have an end.`,
  "reference-without-amount": ({ id }) =>
    `This takes a part of "${id}", which has several amounts. Refer to a flow that has one.`,
  "reference-endless": ({ id }) => `This waits for the end of "${id}", which goes on for ever.`,
  "rate-reference-missing": ({ index }) =>
    `This refers to rate number ${index + 1}, and there is no such rate.`,
  "first-rate-starts-late": () => "The first rate must hold from today. Remove its start.",
  "rate-start-missing": () => "Say when this rate begins to hold, such as 4 years.",
  "rates-out-of-order": () =>
    "Each rate must start later than the one before it. Change when this one starts.",
  "date-before-first": ({ on, first }) =>
    `The first of these dates is ${first}, and ${on} lies before it. Put the earliest date first.`,
  "labels-too-many": ({ amounts }) =>
    `There are more labels than amounts, of which there are only ${formatFigure(amounts)}. Leave the last labels out.`,
  "date-impossible": ({ on }) => `There is no ${on} in the calendar.`,

  "unknown-missing": () => "Nothing is asked yet. Type ? into the field that you want to find.",
  "unknown-several": ({ paths }) =>
    `There are ${paths.length} unknowns, and one equation finds only one. Fill in all but one of them.`,
  "unknown-not-here": () =>
    "This time has to be given: it cannot be the unknown. Type a time such as 4 years.",
  "unknown-beside-ask": () =>
    "This asks for a worth and has an unknown as well. Fill in the unknown or drop the question.",

  "rate-too-low": ({ percent, quotation }) =>
    `At ${formatPercent(percent)} ${quotationWords(quotation)}, nothing is left after one period. A rate must be above −100 % per period.`,
  "growth-too-low": ({ percent }) =>
    `With a growth of ${formatPercent(percent)} nothing is left after the first step. A growth must be above −100 %.`,
  "growth-too-irregular": ({ limit }) =>
    `The payments and the steps by which they grow fit together only after more than ${formatFigure(limit)} payments. Let them grow at even intervals, such as every year.`,
  "perpetuity-without-worth": ({ id, ratePercent, growthPercent }) => {
    if (growthPercent === 0) {
      return `“${id}” goes on for ever, so it has a worth only at a rate above zero. Raise the rate or say how many payments there are.`;
    }
    const growth =
      growthPercent === null
        ? "grows beyond all measure"
        : `grows by ${formatPercent(growthPercent)} a year`;
    return `“${id}” ${growth} for ever, which is not below the rate of ${formatPercent(ratePercent)} a year, so its worth has no end. Lower the growth or raise the rate.`;
  },
  "one-way-money": ({ direction, turn }) =>
    `All the money goes one way: it only ever ${direction === "in" ? "comes to you" : "leaves you"}, so nothing balances. ${mend(turn, "Add what stands against it.")}`,
  "no-rate-balances": ({ turn }) =>
    `No rate above −100 % makes these amounts balance. ${mend(turn, "Check the amounts and which way each one goes.")}`,
  "rate-has-no-effect": () =>
    "No money waits while this rate holds, so any change of it changes nothing. Move an amount to a later date.",
  "every-rate-balances": () =>
    "These amounts cancel each other on the spot, so every rate balances them. Change an amount or a date.",
  "rate-search-too-large": () =>
    "The money changes direction too often for all its rates to be found. Use fewer amounts.",
  "rates-too-entangled": () =>
    "Several rates hang on the unknown one while the money changes direction more than once. Give the later rates figures of their own.",
  "unknown-cancels": () =>
    "The unknown cancels itself out: it comes in and goes out alike, so no amount is better than another.",
  "nothing-to-balance": () =>
    "There is nothing for this amount to balance: give it and the other amounts a size above zero.",
  "any-date-balances": () =>
    "At a rate of zero these amounts balance on any date, so no date can be told.",
  "date-before-today": ({ years, turn }) =>
    `The goal is already passed: it would have been reached ${formatYearsMonthsDays(years)} before today. ${mend(turn, "Check which amount is the larger.")}`,
  "date-never-reached": ({ turn }) =>
    `At this rate it never balances, however long you wait. ${mend(turn, "Change the rate or the amount.")}`,
  "start-not-found": ({ limitYears, turn }) =>
    `Wherever these payments begin within ${formatFigure(limitYears, 1)} years, they do not balance the rest. ${mend(turn, "Change the payments, the rates or what they stand against.")}`,
  "growth-has-no-effect": () =>
    "The payments end before they grow for the first time, so any growth does. Let them go on for longer, or grow sooner.",
  "no-growth-balances": ({ enough, turn }) =>
    `${
      enough
        ? "The first payments alone are already more than is needed, however much the later ones shrink."
        : "However fast the payments grow, they never balance the rest."
    } ${mend(turn, "Change the first payment or what it stands against.")}`,
  "goal-already-passed": ({ id, turn }) =>
    `What is needed is there before “${id}” has begun, and each payment only adds to it. ${mend(turn, "Check the amounts and which way each one goes.")}`,
  "payment-below-interest": ({ id, smallest }) =>
    `“${id}” never covers the interest, so what is owed never falls. It must be above ${formatMoney(smallest)} each time.`,
  "no-count-balances": ({ limit, turn }) =>
    `No number of payments up to ${formatFigure(limit)} balances the rest. ${mend(turn, "Change the payment, the rate or the goal.")}`,
  "answer-too-large": () =>
    "The answer is larger than any number that Kestrelmoor can hold. Use a smaller rate or a shorter time.",
  "answer-too-far": ({ limitYears }) =>
    `That takes more than ${formatFigure(limitYears)} years. Use a higher rate or a nearer goal.`,

  "problem-too-large": ({ limit }) =>
    `All lists together have more than ${formatFigure(limit)} amounts, which is too much for one answer. Split the problem.`,
  "schedule-without-stream": ({ id }) =>
    `There are no repeated payments called “${id}”, and only they have a schedule.`,
  "schedule-endless": () =>
    "Payments that go on for ever have no last row. Say how many payments there are.",
  "schedule-too-long": ({ limit }) =>
    `The schedule would have more than ${formatFigure(limit)} rows. Ask for fewer payments.`,
  "change-for-loans": () => "Only a loan can have this, and these are savings. Remove it here.",
  "change-after-end": ({ payment, count }) =>
    `This begins with payment ${formatFigure(payment)}, and there are only ${formatFigure(count)}. Choose an earlier one.`,
  "change-backwards": ({ from, to }) =>
    `This ends with payment ${formatFigure(to)}, before it begins with payment ${formatFigure(from)}. Let it end later.`,
  "change-twice": () =>
    "There is one of these already, and only one can be. Remove one of the two.",
  "changes-overlap": ({ from, to }) =>
    `${from === to ? `Payment ${formatFigure(from)} is` : `Payments ${formatFigure(from)} to ${formatFigure(to)} are`} left out, or interest alone, already. Let one of the two begin later or end sooner.`,
  "rate-changed-twice": ({ payment }) =>
    `The rate is already changed from payment ${formatFigure(payment)} on. Remove one of the two.`,
  "extra-in-holiday": ({ payment }) =>
    `Payment ${formatFigure(payment)} is left out, so nothing can be paid on top of it. Choose another payment.`,
  "payment-number-missing": () => "Type with which payment it begins, such as 13 or 2 years.",
  "payment-number-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type the number of a payment, such as 13, or a time such as 2 years or year 3.`,
  "payments-missing": () => "Type for how long, such as 6 payments or 1 year.",
  "payments-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type for how long, such as 6 payments or 1 year: one whole payment at least.`,
  "known-only": () =>
    "This has to be given: only what stands on a line of the problem can be the unknown.",
  "changed-never-ends": ({ payment, interest }) =>
    `The payment of ${formatMoney(payment)} does not cover the interest of ${formatMoney(interest)} any more, so there would be no end to it. Have the payment reset, or pay something extra.`,
  "residual-too-large": () =>
    "Even without a single payment less than this would be owed at the end. Leave less to the end.",
  "never-multiplies": ({ percent, times }) =>
    `At ${formatPercent(percent)} a year nothing ever becomes ${formatFigure(times)} times itself. Choose another rate, or another multiple.`,
  "discount-takes-all": () =>
    "Discount and fee take everything, so nothing is paid out. Lower one of them.",
  "table-range-backwards": () =>
    "The range has to go up, in steps above zero. Type the smaller figure first.",
  "table-too-wide": ({ columns, limit }) =>
    `That would be ${formatFigure(columns)} columns, and ${formatFigure(limit)} can be read. Make the step larger, or the range shorter.`,
  "table-too-long": ({ rows, limit }) =>
    `That would be ${formatFigure(rows)} rows, and ${formatFigure(limit)} can be read. Make the step larger, or the range shorter.`,
  "appraisal-without-flows": () => "There are no amounts to judge. Enter the project's cash flows.",
  "appraisal-unknown-flow": () =>
    "One of the amounts or times is still sought, and has no answer. Type a figure in its place to judge the project.",
  "appraisal-endless": () =>
    "Payments that go on for ever cannot be gone through one by one. Give them an end to judge the project.",
  "sweep-field-unfit": () =>
    "Only a figure that is given can be varied. Choose a field that holds a number, and at least one value for it.",
  "sweep-too-large": ({ limit }) =>
    `That would be more than ${formatFigure(limit)} problems to solve. Use fewer values.`,
  "growth-undefined": () =>
    "Growth is measured between two values above zero, some time apart. Check the values and the years.",

  "money-missing": () => "Type an amount, or ? to find it.",
  "money-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type an amount such as 4,500 or 15*12, or ? to find it.`,
  "money-with-sign": () =>
    "An amount needs no sign here. Type it without one and say whether it is money in or money out.",
  "money-too-large": ({ limit }) =>
    `This is too large: ${formatMoney(limit, 0)} is the most that keeps its cents.`,
  "number-not-finite": () => "This number is too large to work with. Type a smaller one.",
  "comma-unclear": ({ typed, point }) =>
    `“${typed}” can be read in two ways. Type ${point} if that is what you mean.`,
  "divided-by-zero": () => "This divides by zero. Change what stands after the division sign.",
  "bracket-unmatched": () => "A bracket has no partner. Add the missing one or remove it.",
  "percent-missing": () => "Type a rate such as 6.25, or ? to find it.",
  "percent-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type a rate such as 6 3/8% or 1.8% per quarter, or ? to find it.`,
  "percent-too-large": ({ limit }) => `This is too large: ${formatFigure(limit)} % is the most.`,
  "rate-frequency-unclear": ({ percent, each, compounded }) =>
    `Is that ${percent} for each ${each}, or a yearly rate? Type “${percent} per ${each}” or “${percent} compounded ${compounded}”.`,
  "time-missing": () => "Type a time such as 6 years, or ? to find it.",
  "time-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type a time such as 3y 4m, 40 months or today, or ? to find it.`,
  "time-negative": () => "Time runs forwards from today. Type the time without a minus sign.",
  "time-too-long": ({ limitYears }) =>
    `This is too long: ${formatFigure(limitYears)} years is the most.`,
  "name-not-found": ({ name }) =>
    `No line is called “${name}”. Use the name of another line, or type an amount or a time.`,
  "rate-before-missing": () =>
    "There is no rate before this one. Type a rate such as 6.25, or ? to find it.",
  "periods-not-whole": ({ at }) =>
    `“${at}” is no number of periods of a table. Type a whole number from 1.`,
  "count-missing": () => "Type how long: 3y 4m, 40 payments or ever, or ? to find it.",
  "count-unclear": ({ figure, every }) =>
    `Is that ${figure} payments, one each ${frequencyWords(every).noun}, or ${figure} years? Type “${figure} payments” or “${figure} years”.`,
  "count-too-large": ({ limit }) =>
    `These are too many payments: ${formatFigure(limit)} are the most.`,
  "count-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type how long, such as 3y 4m, 40 payments or ever, or ? to find it.`,
  "span-missing": () => "Type over which time, such as year 3 or years 2 to 4.",
  "span-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type over which time, such as year 3, years 2 to 4 or the first 18 months.`,
  "span-backwards": ({ at }) =>
    `This ends before it begins: “${at}” should come later than what stands before it.`,
  "claim-missing": () => "Type the number that you got.",
  "claim-not-understood": ({ typed }) =>
    `“${typed}” is not understood as a number. Type what you got as you wrote it, such as 5,895.60 or 5.13 %.`,
  "sum-missing": () => "Type a sum, such as answer / 20%.",
  "sum-not-understood": ({ at }) =>
    `“${at}” is not understood here. Use figures, + − × ÷ and the names that are listed.`,
  "period-missing": () => "Type how often, such as month, quarter or 2 weeks.",
  "period-not-understood": ({ at }) =>
    `“${at}” is not understood here. Type how often, such as month, quarter or 2 weeks.`,
  "amounts-missing": () => "Type amounts such as out 1,000; 300 x 3; 450.",
  "entry-not-understood": ({ place, at }) =>
    `Amount ${place}, “${at}”, is not understood. Type amounts such as out 1,000; 300 x 3; 450.`,
  "dated-not-understood": ({ place, at }) =>
    `Entry ${place}, “${at}”, is not understood. Type a date and an amount, such as 2027-03-01 out 1,000.`,
};

/** What one change would mend it, where one would. */
function mend(turn: string | undefined, otherwise: string): string {
  return turn === undefined ? otherwise : `Turn “${turn}” round and it can be solved.`;
}

/** The sentence for an issue, in the second person, with what would mend it. */
export function sentenceOf(found: Issue): string {
  // Each code's own function takes its own facts; the union of all of them cannot say so.
  return (sentences[found.code] as (issue: Issue) => string)(found);
}

/** The same where nothing can be the unknown, so that ? is no way out. */
export function sentenceWhereKnown(found: Issue): string {
  return sentenceOf(found).replace(/, or \? to find it/, "");
}

/** Every code there is, for the parity test and the documents. */
export const ISSUE_CODES = Object.keys(sentences) as IssueCode[];
