import { MOST_OFFERS, type Draft, type Offer } from "../draft";
import { freeId } from "../free-id";

/** Adds a loan to compare with, at first the same. Changes the draft in place. */
export function addOffer(draft: Draft): Offer | null {
  const { offers } = draft.comparison;
  if (offers.length >= MOST_OFFERS) return null;
  const id = freeId(
    "offer",
    offers.map((offer) => offer.id),
  );
  const offer = { id, name: "", amount: "", percent: "", term: "", fee: "", residual: "" };
  offers.push(offer);
  return offer;
}

export function removeOffer(draft: Draft, id: string): void {
  draft.comparison.offers = draft.comparison.offers.filter((offer) => offer.id !== id);
}

/** Types into a field of an offer. Changes the draft in place. */
export function writeOfferField(
  draft: Draft,
  id: string,
  field: Exclude<keyof Offer, "id">,
  text: string,
): void {
  const offer = draft.comparison.offers.find((candidate) => candidate.id === id);
  if (offer !== undefined) offer[field] = text;
}
