import type { Issue, IssueCode, IssueOf } from "../issues/issue";
import { formatFigure, formatMoney, formatPercent } from "./format-number";
import { formatYearsMonthsDays } from "./format-time";
import { quotationWords } from "./quotation-words";

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
    `A problem file has no field called ${names.map((name) => `"${name}"`).join(", ")}. Remove it or mend its name.`,
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
  "date-impossible": ({ on }) => `There is no ${on} in the calendar.`,

  "unknown-missing": () => "Nothing is asked yet. Type ? into the field that you want to find.",
  "unknown-several": ({ paths }) =>
    `There are ${paths.length} unknowns, and one equation finds only one. Fill in all but one of them.`,
  "unknown-not-here": () =>
    "This time has to be given: it cannot be the unknown. Type a time such as 4 years.",
  "unknown-beside-ask": () =>
    "This asks for a worth and has an unknown as well. Fill in the unknown or drop the question.",

  "not-solved-yet": ({ what }) => NOT_SOLVED_YET[what],
  "rate-too-low": ({ percent, quotation }) =>
    `At ${formatPercent(percent)} ${quotationWords(quotation)} nothing is left after one period. A rate must be above −100 % per period.`,
  "one-way-money": ({ direction, turn }) =>
    `All the money goes one way: it only ever ${direction === "in" ? "comes to you" : "leaves you"}, so nothing balances.${
      turn === undefined ? " Add what stands against it." : " Turn one amount round."
    }`,
  "no-rate-balances": () =>
    "No rate above −100 % makes these amounts balance. Check the amounts and which way each one goes.",
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
  "date-before-today": ({ years }) =>
    `The goal is already passed: it would have been reached ${formatYearsMonthsDays(years)} before today. Check which amount is the larger.`,
  "date-never-reached": () =>
    "At this rate the amount is never reached, however long you wait. Change the rate or the amount.",
  "answer-too-large": () =>
    "The answer is larger than any number that Kestrelmoor can hold. Use a smaller rate or a shorter time.",
  "answer-too-far": ({ limitYears }) =>
    `That takes more than ${formatFigure(limitYears)} years. Use a higher rate or a nearer goal.`,

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
};

const NOT_SOLVED_YET = {
  stream: "Repeated payments are kept in the file and cannot be solved here yet.",
  list: "Lists of amounts are kept in the file and cannot be solved here yet.",
  dated: "Amounts on calendar dates are kept in the file and cannot be solved here yet.",
  count: "An unknown number of payments cannot be solved here yet.",
  begins: "An unknown start of payments cannot be solved here yet.",
  growth: "An unknown growth rate cannot be solved here yet.",
} as const;

/** The sentence for an issue, in the second person, with what would mend it. */
export function sentenceOf(found: Issue): string {
  // Each code's own function takes its own facts; the union of all of them cannot say so.
  return (sentences[found.code] as (issue: Issue) => string)(found);
}

/** Every code there is, for the parity test and the documents. */
export const ISSUE_CODES = Object.keys(sentences) as IssueCode[];
