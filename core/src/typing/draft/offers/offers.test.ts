import { describe, expect, test } from "@jest/globals";
import type { LoanOffer } from "../../../engine/schedule/offers/run-offer";
import { BLANK_DRAFT, draftSchema, MOST_OFFERS, type Draft, type Offer } from "../draft";
import { SHAPES } from "../shapes";
import { addOffer, OFFERS } from "./offers";
import { readOffer } from "./read-offer";

const BASE: LoanOffer = {
  amount: 9000,
  percent: 6,
  quotation: { quoted: "nominal", compounding: "P1M" },
  every: "P1M",
  count: 48,
  timing: "end",
  fee: 0,
  residual: 500,
};
const SAME: Offer = { id: "o", name: "", amount: "", percent: "", term: "", fee: "", residual: "" };

describe("what an offer says", () => {
  test("what is not typed is as in the problem", () => {
    expect(readOffer(SAME, BASE).offer).toEqual(BASE);
  });

  test.each<[Partial<Offer>, Partial<LoanOffer>]>([
    [{ amount: "9.5k" }, { amount: 9500 }],
    [{ percent: "5 7/8%" }, { percent: 5.875, quotation: BASE.quotation }],
    [{ percent: "5.9% effective" }, { percent: 5.9, quotation: { quoted: "effective" } }],
    [{ term: "5 years" }, { count: 60 }],
    [{ term: "36" }, { count: 36 }],
    [
      { fee: "1% of 9000", residual: "0" },
      { fee: 90, residual: 0 },
    ],
  ])("%j", (typed, wanted) => {
    expect(readOffer({ ...SAME, ...typed }, BASE).offer).toEqual({ ...BASE, ...wanted });
  });

  test.each<[keyof Offer, string, string]>([
    ["amount", "lots", "money-not-understood"],
    ["amount", "?", "known-only"],
    ["percent", "5,5", "comma-unclear"],
    ["term", "3 days", "payments-not-understood"],
    ["fee", "-20", "money-with-sign"],
  ])("%s: %s is told at its field", (field, text, code) => {
    const { fields, offer } = readOffer({ ...SAME, [field]: text }, BASE);
    expect(offer).toBeNull();
    expect(fields).toMatchObject({ [field]: { state: "issue", issue: { code } } });
  });
});

test("offers are added up to a number, named, typed into and removed", () => {
  const draft: Draft = SHAPES[0]?.picture() ?? BLANK_DRAFT;
  for (let count = 0; count < MOST_OFFERS; count += 1) addOffer(draft);
  expect(addOffer(draft)).toBeNull();
  const [first, second] = draft.comparison.offers.map(({ id }) => id);
  OFFERS.edit(draft, first ?? "", (offer) => (offer.name = "Heather Lenders"));
  OFFERS.edit(draft, first ?? "", (offer) => (offer.fee = "120"));
  OFFERS.remove(draft, second ?? "");
  expect(draftSchema.safeParse(draft).success).toBe(true);
  expect(draft.comparison.offers).toHaveLength(MOST_OFFERS - 1);
  expect(draft.comparison.offers[0]).toMatchObject({ name: "Heather Lenders", fee: "120" });
});
