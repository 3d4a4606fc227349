import { readRate } from "../../input/read-rate";
import type { LoanOffer } from "../../../engine/schedule/offers/run-offer";
import { quotationSaid } from "../compounding/quotation-said";
import type { Offer } from "../draft";
import { readEntry, valuesOf, type EntryReadings } from "../entries/entry-field";
import { OFFER_FIELDS } from "./offer-fields";

/** What each field of an offer says, and the offer once all of them say something. */
export interface OfferReading {
  readonly fields: EntryReadings<typeof OFFER_FIELDS>;
  readonly offer: LoanOffer | null;
}

/**
 * Reads another loan.
 *
 * @param base the loan that it is compared with: where nothing is typed it is as there
 */
export function readOffer(offer: Offer, base: LoanOffer): OfferReading {
  const fields = readEntry(OFFER_FIELDS, offer, base);
  const { term: count, ...figures } = valuesOf<typeof OFFER_FIELDS>(fields);
  const rate = readRate(offer.percent);
  const quotation = quotationSaid(rate.ok ? rate.value : {}, base);
  const isRead = [count, ...Object.values(figures)].every((figure) => figure !== null);
  return {
    fields,
    offer: isRead ? ({ ...base, ...figures, quotation, count } as LoanOffer) : null,
  };
}
