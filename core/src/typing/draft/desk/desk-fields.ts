import type { Result } from "../../../engine/result";
import { readDays } from "../../input/read-days";
import { readMoney } from "../../input/read-money";
import { readPeriods } from "../../input/read-periods";
import { readPercent, readPoints, readQuotedRate } from "../../input/read-rate";
import { readTime } from "../../input/read-time";
import { readYearlyRate } from "../../input/read-yearly-rate";
import { PROJECT_FIELDS } from "../appraisal/project-fields";
import type { EntryField } from "../entries/entry-field";

/** A field that a first visit finds with its example in it, so that it shows what it answers. */
function shown<Value>(
  label: string,
  example: string,
  read: (text: string) => Result<Value>,
): EntryField<Value> & { readonly first: string } {
  // Some readers take more than the text.
  return { label, hint: example, first: example, read: (text) => read(text) };
}

/** The fields on the pages of rates and of tables, question by question. */
export const DESK_FIELDS = {
  restated: {
    rate: shown("Quoted rate", "7.2% a year compounded monthly", readQuotedRate),
    over: shown("Time over which they agree", "1 year", readTime),
  },
  deposits: {
    amount: shown("Amount invested", "5,000", readMoney),
    after: shown("Time until the money is needed", "10 months", readTime),
  },
  real: {
    rate: shown("Nominal rate", "6.2%", readYearlyRate),
    inflation: shown("Inflation", "2.5%", readYearlyRate),
    amount: shown("Amount invested", "10,000", readMoney),
    years: shown("Time invested", "8 years", readTime),
  },
  nominal: {
    real: shown("Real rate", "3%", readYearlyRate),
    inflation: shown("Inflation beside it", "2.5%", readYearlyRate),
  },
  growing: {
    rate: shown("Growth rate", "6%", readQuotedRate),
    times: shown("Multiple", "2", readMoney),
  },
  discount: {
    face: shown("Face value", "12,000", readMoney),
    rate: shown("Discount, a year", "6.5%", readPercent),
    days: shown("Days until it is due", "90", readDays),
    fee: { label: "Fee", hint: "0", first: "45", read: readMoney, empty: () => 0 },
  },
  early: {
    percent: shown("Cash discount", "2%", readPercent),
    days: shown("Days later", "20", readDays),
  },
  table: {
    growth: shown("Growth from payment to payment", "3%", readPoints),
    ratesFrom: shown("Lowest periodic rate", "1%", readPoints),
    ratesTo: shown("Highest periodic rate", "12%", readPoints),
    ratesStep: shown("Step between two rates", "1%", readPoints),
    countsFrom: shown("Fewest periods", "1", readPeriods),
    countsTo: shown("Most periods", "30", readPeriods),
    rate: shown("Periodic rate to look up", "7%", readPoints),
    periods: shown("Periods to look up", "12", readPeriods),
    amount: shown("Amount", "850", readMoney),
    factor: { label: "Factor to look up", hint: "8.2", read: readMoney, empty: () => null },
  },
} as const;

/** Values whose growth is asked for: they are read as the amounts of a project are. */
export const GROWTH_FIELDS = {
  every: { ...PROJECT_FIELDS.every, label: "Time between values" },
  values: {
    ...PROJECT_FIELDS.amounts,
    label: "Values in order, or each after its date",
    hint: "1,840; 2,015; 2,310, or 2027-03-01 1,840; 2029-09-15 2,310",
    first: "1,840; 2,015; 1,970; 2,310; 2,604",
  },
} as const;

/** What an offer for money that is left with somebody says. */
export const DEPOSIT_FIELDS = {
  rate: { label: "Rate", hint: "4.9% a year compounded monthly", read: readQuotedRate },
} as const;
