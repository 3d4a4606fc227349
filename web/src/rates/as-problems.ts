import { withDigits, formatExact, type Quotation, asWhole } from "@kestrelmoor/core";
import {
  addVariant,
  quotationKey,
  readRate,
  type Draft,
  type TypedRateLine,
} from "@kestrelmoor/core/typing";
import { amountLine, draftOf } from "../desk/draft-parts";

type QuotedRate = Quotation & { readonly percent: number };

/** A rate's line; the figure stands as it was typed, or with all its digits. */
function rateLine(rate: QuotedRate, typed?: string): TypedRateLine {
  const read = typed === undefined ? null : readRate(typed);
  return {
    kind: "rate",
    id: "rate-1",
    percent: read?.ok === true ? read.value.figure : `${formatExact(rate.percent)}%`,
    quoted: rate.quoted,
    compounding: "compounding" in rate ? rate.compounding : "P1Y",
    compoundedBy: "words",
    from: "",
  };
}

const unknownRate: TypedRateLine = rateLine({ quoted: "effective", percent: 0 });

/** What a rate makes of 1,000 in a year. */
export function rateProblem(rate: QuotedRate, typed: string): Draft {
  return draftOf(`A year at ${typed.trim()}`, rateLine(rate, typed), [
    amountLine("Invested", "out", "1,000", "today"),
    amountLine("Future value", "in", "?", "1 year"),
  ]);
}

export interface OfferOfRate {
  readonly name: string;
  readonly rate: QuotedRate;
  readonly typed: string;
}

/** A deposit at the first offer, with the others as variants. */
export function depositProblem(
  text: string,
  after: string,
  offers: readonly [OfferOfRate, ...OfferOfRate[]],
): Draft {
  const [first, ...others] = offers;
  const draft = draftOf(`${text.trim()} for ${after.trim()}`, rateLine(first.rate, first.typed), [
    amountLine("Deposit", "out", text, "today"),
    amountLine("Balance", "in", "?", after),
  ]);
  const own = rateLine(first.rate, first.typed);
  for (const { name, rate, typed } of others) {
    const line = rateLine(rate, typed);
    addVariant(draft, {
      name: name.slice(0, 120),
      changes: [
        { line: own.id, fact: "percent", text: line.percent },
        { line: own.id, fact: "quotation", text: quotationKey(rate) },
      ].filter(({ fact, text: said }) =>
        fact === "percent" ? said !== own.percent : said !== quotationKey(first.rate),
      ),
    });
  }
  return draft;
}

/** What an amount will buy: it grows at the real rate. */
export function buyingPowerProblem(text: string, realPercent: number, years: string): Draft {
  const rate = rateLine({ quoted: "effective", percent: withDigits(realPercent, 13) });
  return draftOf(`What ${text.trim()} will buy after ${years.trim()}`, rate, [
    amountLine("Invested", "out", text, "today"),
    amountLine("In today's money", "in", "?", years),
  ]);
}

/** The yearly rate that carries one value to another. */
export function growthProblem(from: number, to: number, years: number): Draft {
  return draftOf(
    `Growth from ${formatExact(from)} to ${formatExact(to)}`,
    { ...unknownRate, percent: "?" },
    [
      amountLine("First value", "out", formatExact(from), "today"),
      amountLine("Last value", "in", formatExact(to), typedYears(years)),
    ],
  );
}

/** Whole days where they are, so that nothing is lost on the way. */
function typedYears(years: number): string {
  const units = [
    [1, "years"],
    [12, "months"],
    [52, "weeks"],
    [365, "days"],
  ] as const;
  const [per, noun] = units.find(([many]) => asWhole(years * many) !== null) ?? units[0];
  return `${formatExact(withDigits(years * per, 13))} ${noun}`;
}

/** When money has become some times itself. */
export function growingProblem(rate: QuotedRate, typed: string, times: number): Draft {
  return draftOf(`${formatExact(times)}-fold growth at ${typed.trim()}`, rateLine(rate, typed), [
    amountLine("Invested", "out", "1,000", "today"),
    amountLine("Future value", "in", formatExact(withDigits(1000 * times, 13)), "?"),
  ]);
}

/** The effective yearly cost of a discount: what is paid out against what is due. */
export function discountProblem(face: string, proceeds: number, days: number): Draft {
  return draftOf(
    `${face.trim()} due in ${days} days, discounted`,
    { ...unknownRate, percent: "?" },
    [
      amountLine("Proceeds", "in", formatExact(withDigits(proceeds, 13)), "today"),
      amountLine("Face value", "out", face, `${days} days`),
    ],
  );
}
