import {
  runOffer,
  sentenceWhereKnown,
  whenHeld,
  type HeldLoan,
  type LoanOffer,
  type ScheduleOptions,
  type ScheduleRun,
  type AnswerFormat,
} from "@kestrelmoor/core";
import { readOffer, type Offer, type OfferReading } from "@kestrelmoor/core/typing";

/** One loan of the comparison. */
export interface OfferColumn {
  /** Of the offer; `null` for the loan of the problem. */
  readonly id: string | null;
  readonly name: string;
  readonly reading: OfferReading | null;
  readonly run: ScheduleRun | null;
  /** Why it cannot be reckoned, where that is not told at one of its fields. */
  readonly complaint: string | null;
}

/** The loan of the problem, and each offer beside it. */
export function offerColumns(
  own: ScheduleRun,
  base: LoanOffer,
  offers: readonly Offer[],
  rounding: ScheduleOptions["rounding"],
  format: AnswerFormat,
): OfferColumn[] {
  return [
    { id: null, name: "This loan", reading: null, run: own, complaint: null },
    ...offers.map((offer, index): OfferColumn => {
      const reading = readOffer(offer, base);
      const made = reading.offer === null ? null : loanOf(reading.offer, rounding, format);
      return { id: offer.id, name: nameOfOffer(offer, index), reading, ...(made ?? NOT_READ) };
    }),
  ];
}

type Reckoned = Pick<OfferColumn, "run" | "complaint">;

const NOT_READ: Reckoned = { run: null, complaint: null };

function loanOf(
  offer: LoanOffer,
  rounding: ScheduleOptions["rounding"],
  format: AnswerFormat,
): Reckoned {
  const made = runOffer(offer, rounding);
  if (!made.ok)
    return {
      run: null,
      complaint: made.issues.map((issue) => sentenceWhereKnown(issue, format)).join(" "),
    };
  const { kind, isOwed } = made.value.schedule;
  return kind === "repaying" && isOwed
    ? { run: made.value, complaint: null }
    : { run: null, complaint: "This is not a loan: no money is received first. Type the amount." };
}

/** What an offer is called where nobody has named it. */
export function nameOfOffer({ name }: Pick<Offer, "name">, index: number): string {
  return name.trim() === "" ? `Offer ${index + 1}` : name.trim();
}

/** What a loan comes to over its whole life. */
export interface WholeLoan extends HeldLoan {
  readonly payment: number;
  readonly paid: number;
}

export function wholeLoan(run: ScheduleRun): WholeLoan | null {
  const held = whenHeld(run, Infinity);
  if (held === null) return null;
  const left = run.plan.others.reduce((sum, { amount }) => (amount < 0 ? sum - amount : sum), 0);
  const { payment, totalPaid } = run.schedule;
  return { ...held, payment, paid: totalPaid + left + run.plan.fee };
}

/** The place of the cheapest; `null` where there are no two to choose from. */
export function cheapestOf(percents: readonly (number | null)[]): number | null {
  const known = percents.filter((percent) => percent !== null);
  if (known.length < 2) return null;
  const least = Math.min(...known);
  const places = percents.flatMap((percent, place) =>
    percent !== null && percent - least < SAME_COST ? [place] : [],
  );
  return places.length === 1 ? (places[0] ?? null) : null;
}

/** Percent a year by which two costs differ only through rounding. */
const SAME_COST = 1e-7;
