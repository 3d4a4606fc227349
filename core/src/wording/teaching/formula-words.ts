/** The formulas of the cards, by the names that a course gives them. */
export const FORMULA_NAMES = [
  "compound-amount",
  "continuous-amount",
  "simple-interest",
  "bank-discount",
  "present-of-annuity",
  "present-of-annuity-due",
  "future-of-annuity",
  "future-of-annuity-due",
  "present-of-growing",
  "present-of-growing-due",
  "future-of-growing",
  "present-of-increasing",
  "perpetuity",
  "perpetuity-due",
  "growing-perpetuity",
  "uneven",
  "equivalent-rate",
] as const;

export type FormulaName = (typeof FORMULA_NAMES)[number];

interface FormulaWords {
  readonly name: string;
  /** When it holds, a sentence. */
  readonly holds: string;
  /** When it does not apply, and what does, a sentence. */
  readonly not: string;
}

const PERIODS = "The rate is per payment period; convert it first if it is quoted for another.";

export const FORMULA_WORDS: Readonly<Record<FormulaName, FormulaWords>> = {
  "compound-amount": {
    name: "Compound interest: future value of an amount",
    holds: "One amount grows for n periods at the same rate per period.",
    not: "It does not apply to simple interest, or across a rate change: multiply one factor for each rate.",
  },
  "continuous-amount": {
    name: "Continuous compounding: future value of an amount",
    holds: "One amount grows for t years at a force of interest δ.",
    not: "It does not apply to a rate that is compounded a number of times a year.",
  },
  "simple-interest": {
    name: "Simple interest",
    holds: "Interest is earned on the principal alone, for t years.",
    not: "It does not apply once interest is added to the principal: use compound interest.",
  },
  "bank-discount": {
    name: "Bank discount",
    holds: "The discount is a part of the amount due, for t years.",
    not: "It does not apply where interest is a part of the amount lent: use simple interest.",
  },
  "present-of-annuity": {
    name: "Present value of an ordinary annuity",
    holds: `Equal payments at the end of each period, valued one period before the first. ${PERIODS}`,
    not: "It does not apply to payments at the start of each period (annuity due), to growing payments, or to a rate that changes.",
  },
  "present-of-annuity-due": {
    name: "Present value of an annuity due",
    holds: `Equal payments at the start of each period, valued at the first. ${PERIODS}`,
    not: "It does not apply to payments at the end of each period: leave out the factor 1 + i.",
  },
  "future-of-annuity": {
    name: "Future value of an ordinary annuity",
    holds: `Equal payments at the end of each period, valued at the last. ${PERIODS}`,
    not: "It does not apply to payments at the start of each period (annuity due), to growing payments, or to a rate that changes.",
  },
  "future-of-annuity-due": {
    name: "Future value of an annuity due",
    holds: `Equal payments at the start of each period, valued one period after the last. ${PERIODS}`,
    not: "It does not apply to payments at the end of each period: leave out the factor 1 + i.",
  },
  "present-of-growing": {
    name: "Present value of a growing annuity",
    holds: `Payments at the end of each period, each 1 + g times the one before, valued one period before the first. ${PERIODS}`,
    not: "It does not apply if i = g: the value is then n × PMT / (1 + i). If the payments grow once a year and are made more often, take one year’s payments together first.",
  },
  "present-of-growing-due": {
    name: "Present value of a growing annuity due",
    holds: `Payments at the start of each period, each 1 + g times the one before, valued at the first. ${PERIODS}`,
    not: "It does not apply if i = g: the value is then n × PMT.",
  },
  "future-of-growing": {
    name: "Future value of a growing annuity",
    holds: `Payments at the end of each period, each 1 + g times the one before, valued at the last. ${PERIODS}`,
    not: "It does not apply if i = g: the value is then n × PMT × (1 + i)^(n − 1).",
  },
  "present-of-increasing": {
    name: "Present value of an annuity increasing by a fixed amount",
    holds: `Payments at the end of each period, each G more than the one before, valued one period before the first. ${PERIODS}`,
    not: "It does not apply to payments that grow by a percentage: use the growing annuity.",
  },
  perpetuity: {
    name: "Present value of a perpetuity",
    holds: `Equal payments at the end of each period, without end, valued one period before the first. ${PERIODS}`,
    not: "It does not apply to payments that end, or at a rate of zero.",
  },
  "perpetuity-due": {
    name: "Present value of a perpetuity due",
    holds: `Equal payments at the start of each period, without end, valued at the first. ${PERIODS}`,
    not: "It does not apply to payments that end, or at a rate of zero.",
  },
  "growing-perpetuity": {
    name: "Present value of a growing perpetuity",
    holds: `Payments at the end of each period, without end, each 1 + g times the one before. ${PERIODS}`,
    not: "It does not apply unless g is below i: the value has no limit otherwise.",
  },
  uneven: {
    name: "Present value of uneven cash flows",
    holds: "Each amount is discounted over its own time, and the present values are added.",
    not: "It does not apply at several rates: use the rate of each stretch of time.",
  },
  "equivalent-rate": {
    name: "Equivalent periodic rate",
    holds:
      "Interest is compounded m times a year and payments are made p times: the same growth over a year, in p equal steps.",
    not: "It does not apply to simple interest. Dividing the yearly rate by p is right only if interest is compounded p times a year.",
  },
};

/** What the letters of the cards mean. */
export const SYMBOL_WORDS: Readonly<Record<string, string>> = {
  PV: "present value",
  FV: "future value",
  PMT: "payment",
  n: "number of periods",
  i: "rate per period",
  g: "growth per period",
  G: "increase per period",
  t: "time in years",
  r: "simple interest rate a year",
  d: "discount rate a year",
  "\\delta": "force of interest a year",
  C: "cash flow",
  m: "compounding periods a year",
  p: "payments a year",
};

export const CARD_WORDS = {
  here: "In this problem.",
  rearranged: "The same formula for each of the others.",
  noFormula: (letter: string) => `no formula for ${letter}: solve numerically`,
  found: "to find",
};
