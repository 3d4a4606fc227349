import { readMoney } from "../../input/read-money";
import { readPayments } from "../../input/read-payment-number";
import { readPercent, readRate } from "../../input/read-rate";
import type { Result } from "../../../engine/result";
import type { LoanOffer } from "../../../engine/schedule/offers/run-offer";
import { quotationSaid } from "../compounding/quotation-said";
import type { Offer } from "../draft";
import { readGivenField, valueOf, type FieldReading } from "../field";

export type OfferField = Exclude<keyof Offer, "id" | "name">;

/** What each field of an offer says, and the offer once all of them say something. */
export interface OfferReading {
  readonly fields: Readonly<Record<OfferField, FieldReading<number>>>;
  readonly offer: LoanOffer | null;
}

/**
 * Reads another loan.
 *
 * @param base the loan that it is compared with: where nothing is typed it is as there
 */
export function readOffer(offer: Offer, base: LoanOffer): OfferReading {
  const fields = {
    amount: said(offer.amount, base.amount, readMoney),
    percent: said(offer.percent, base.percent, readPercent),
    term: said(offer.term, base.count, (text) =>
      readPayments(text, { every: base.every, first: 0, frequency: 1 }),
    ),
    fee: said(offer.fee, base.fee, readMoney),
    residual: said(offer.residual, base.residual, readMoney),
  };
  const figures = Object.values(fields).map(valueOf);
  const [amount, percent, count, fee, residual] = figures;
  const rate = readRate(offer.percent);
  const quotation = quotationSaid(rate.ok ? rate.value : {}, base);
  return {
    fields,
    offer: figures.includes(null)
      ? null
      : ({ ...base, amount, percent, quotation, count, fee, residual } as LoanOffer),
  };
}

function said(
  text: string,
  otherwise: number,
  read: (text: string) => Result<number>,
): FieldReading<number> {
  return text.trim() === "" ? { state: "value", value: otherwise } : readGivenField(text, read);
}
