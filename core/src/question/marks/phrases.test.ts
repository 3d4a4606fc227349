import { describe, expect, test } from "@jest/globals";
import { tokensOf } from "../text/tokens";
import { findMarks } from "./find-marks";
import { PhraseTrie } from "./phrase-trie";
import { PHRASES } from "./phrases";

/** A text for every phrase of the grammar, by what it says: whoever adds a phrase adds a text here. */
const CASES: Readonly<Record<string, readonly string[]>> = {
  "compounding:every": [
    "compounded monthly",
    "compounded every month",
    "compounded at end of every month",
    "interest added every month",
    "interest added monthly",
    "with monthly compounding",
    "monthly compounding",
    "monthly compound interest",
    "interest added to the account every month",
    "adds interest monthly",
    "adds interest every month",
  ],
  "compounding:payable": ["payable monthly", "payable every month"],
  "compounding:twice-a-year": ["compounded twice a year"],
  "compounding:twice-a-month": ["compounded twice a month"],
  "compounding:times-a-year": ["compounded 4 times a year"],
  "quoted:continuous": [
    "compounded continuously",
    "continuously",
    "continuous",
    "force of interest",
    "compounding continuously",
    "with continuous compounding",
  ],
  "quoted:effective": [
    "effective",
    "annual effective",
    "effectively",
    "aer",
    "ear",
    "apy",
    "annual equivalent rate",
    "equivalent annual rate",
    "annual percentage yield",
    "in effective terms",
  ],
  "quoted:nominal": [
    "nominal",
    "nominally",
    "apr",
    "annual percentage rate",
    "stated annual rate",
    "headline rate",
  ],
  "quoted:simple": [
    "simple interest",
    "simple rate",
    "simple yield",
    "at simple",
    "flat simple interest",
  ],
  "quoted:bank-discount": [
    "bank discount",
    "simple discount",
    "discount basis",
    "discounted at a simple",
  ],
  "quoted:discount": ["rate of discount", "effective discount", "nominal discount"],
  "every:every": [
    "every month",
    "once a year",
    "on a monthly basis",
    "year by year",
    "at each year payday",
  ],
  "every:per": ["per month", "/ month", "p a"],
  "every:adverb": ["monthly"],
  "every:twice-a-year": ["twice a year"],
  "every:twice-a-month": ["twice a month"],
  "every:times-a-year": ["4 times a year"],
  "timing:end-of-next": ["at end of each of the next 4 year"],
  "timing:start-of-next": ["at beginning of each of the next 4 year"],
  "timing:end": [
    "at end of each month",
    "end of each month",
    "each at the end of the year",
    "at year end",
    "at each year end",
    "each year end",
    "year end",
    "end of year",
    "in arrears",
    "in arrear",
    "ordinary annuity",
    "annuity immediate",
    "immediate annuity",
    "at the last day of each year",
    "on the last of each year",
    "at the ends of the year",
    "after each month",
  ],
  "timing:start": [
    "at beginning of each month",
    "beginning of each month",
    "each at the beginning of the year",
    "at year start",
    "year start",
    "beginning of year",
    "in advance",
    "up front",
    "annuity due",
    "annuities due",
    "before each year",
  ],
  "when:now": [
    "today",
    "now",
    "right now",
    "at once",
    "immediately",
    "straight away",
    "at signing",
    "on signing",
    "on same day",
    "the same day",
    "that day",
    "upfront",
    "time 0",
    "on the day the lease starts",
  ],
  "when:at": [
    "in 3 years",
    "3 years from now",
    "3 years later",
    "exactly 3 years from now",
    "after 3 years",
    "at the end of 3 years",
    "at the end of 3 years",
    "within 3 years",
    "3 years time",
    "3 years after delivery",
    "next year",
  ],
  "when:end-of": [
    "at end of year 4",
    "in year 4",
    "at end of third year",
    "in third year",
    "after third year",
    "at the end of this year",
    "this year end",
    "end of year 4",
    "year 4",
    "at year 4 end",
  ],
  "when:first-at": [
    "first 3 years from now",
    "first 3 years after delivery",
    "first in 3 years",
    "first today",
  ],
  "when:ago": ["3 years ago", "since 3 years"],
  "when:elapsed": ["3 years have gone by", "after 3 years of payments"],
  "lasting:whole": [
    "for 3 years",
    "for the 3 years",
    "for the next 3 years",
    "a term of 3 years",
    "lasts 3 years",
    "3 years term",
    "spread over 3 years",
  ],
  "lasting:first": ["for first 3 years", "first 3 years", "for the initial 3 years"],
  "lasting:next": [
    "for the following 3 years",
    "for a further 3 years",
    "the following 3 years",
    "another 3 years",
    "each of the next 3 years",
    "for the 3 years after",
    "the 3 years after that",
  ],
  "lasting:last": ["for the last 3 years", "the last 3 years", "over the other 4"],
  "lasting:years": ["year 4 to 4"],
  "first-of": [
    "first payment",
    "first of them",
    "the first",
    "the first one",
    "first payment",
    "first",
  ],
  starting: ["starting", "from", "counting from"],
  thereafter: [
    "thereafter",
    "after that",
    "from then on",
    "from then",
    "at that point",
    "for the rest",
    "the rest of the time",
  ],
  forever: ["for ever", "for ever and ever", "a perpetual", "perpetual"],
  "at-end-of-flows": [
    "after last",
    "after third payment",
    "at maturity",
    "at the end",
    "at the end of that time",
    "when last of",
    "then has",
    "by then",
  ],
};

const keyOf = ({ kind, as }: { readonly kind: string; readonly as?: string | undefined }) =>
  as === undefined ? kind : `${kind}:${as}`;

describe.each(Object.entries(CASES))("%s", (key, texts) => {
  test.each(texts)("%s", (text) => {
    const marks = findMarks(tokensOf(text));
    expect(marks).toHaveLength(1);
    expect(marks.map(({ phrase }) => phrase && keyOf(phrase))).toEqual([key]);
  });
});

const patterns = PHRASES.flatMap(({ says, ...facts }) =>
  says.map((pattern) => [pattern, facts] as const),
);

test.each(patterns)("“%s” has a text that it reads", (pattern, facts) => {
  const alone = new PhraseTrie([{ ...facts, says: [pattern] }]);
  const isRead = (text: string) => {
    const tokens = tokensOf(text);
    return alone.longestAt(tokens, 0)?.next === tokens.length;
  };
  expect((CASES[keyOf(facts)] ?? []).filter(isRead)).not.toEqual([]);
});
