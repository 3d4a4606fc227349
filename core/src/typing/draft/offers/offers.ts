import { MOST_OFFERS, type Draft, type Offer } from "../draft";
import { collection } from "../entries/collection";
import { firstTexts } from "../entries/entry-field";
import { OFFER_FIELDS } from "./offer-fields";

/** Loans to compare with. */
export const OFFERS = collection<Draft, Offer>({
  stem: "offer",
  most: MOST_OFFERS,
  in: ({ comparison }) => comparison.offers,
});

/** Adds a loan to compare with, at first the same. Changes the draft in place. */
export function addOffer(draft: Draft): Offer | null {
  return OFFERS.add(draft, { name: "", ...firstTexts(OFFER_FIELDS) });
}
