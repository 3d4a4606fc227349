import { formatExact } from "../../../wording/format-number";
import { isUnknownMark } from "../../input/unknown-mark";
import { readRate } from "../../input/read-rate";
import type { Draft, TypedRateLine } from "../draft";
import { removeRate } from "../edit-lines";
import { addPart, type NewPart } from "./edit-parts";
import type { PartPlace } from "./earlier-parts";
import { readPart } from "./read-parts";
import { readyParts } from "./ready-parts";

/** What a loan with two rates may mean: one payment throughout, or another one from the change on. */
export interface PaymentQuestion {
  /** The line of the second rate, by which it is known that the question was answered. */
  readonly rate: string;
  readonly throughout: number;
  readonly first: number;
  readonly then: number;
}

/**
 * Asks whether the payment of a loan stays when the rate changes: both are set, and nobody says which.
 *
 * @param place where the part stands in its question
 * @param throughout the payment that was found for both rates
 * @param percent the second rate
 * @returns `null` where it is not asked, or was answered
 */
export function paymentQuestion(
  draft: Draft,
  place: PartPlace,
  { throughout, percent }: { readonly throughout: number; readonly percent: number },
): PaymentQuestion | null {
  const split = asRenewal(draft, percent);
  if (split === null || draft.confirmed.includes(split.rate)) return null;
  const first = readPart(split.first, place);
  const label = "then";
  const renewed = readPart(
    { ...split.renewed.draft, part: { label, name: "" } },
    { label, labels: [...place.labels, label], before: [...place.before, first] },
  );
  if (first.solved === null || renewed.solved === null) return null;
  return {
    rate: split.rate,
    throughout,
    first: first.solved.answers[0].value,
    then: renewed.solved.answers[0].value,
  };
}

/**
 * Makes a part of a loan with two rates two: the payment at the first one, and the payment that is recalculated when it
 * changes. Changes the draft in place.
 *
 * @param own the part, within the whole
 * @param percent the second rate
 * @returns the label of the new part; `null` where the question has as many parts as it can
 */
export function splitAtRateChange(
  whole: Draft,
  own: Pick<Draft, keyof Draft & keyof Draft["later"][number]>,
  percent: number,
): string | null {
  const split = asRenewal({ ...whole, ...own }, percent);
  if (split === null) return null;
  const label = addPart(whole, split.renewed);
  if (label !== null) removeRate(own as Draft, split.rate);
  return label;
}

interface Renewal {
  readonly rate: string;
  readonly first: Draft;
  readonly renewed: NewPart;
}

/** The loan at its first rate, and its renewal; `null` where it is no loan whose payment is sought under two rates. */
function asRenewal(draft: Draft, percent: number): Renewal | null {
  const [one, other, ...more] = draft.rates;
  if (one?.kind !== "rate" || other?.kind !== "rate" || more.length > 0) return null;
  const first = { ...draft, rates: [one] };
  const renew = readyParts(first).find(({ id }) => id === "renew");
  const isSought = draft.flows.some((line) => line.kind === "stream" && isUnknownMark(line.amount));
  const after = other.from.trim();
  if (renew === undefined || !isSought || after === "") return null;
  const [renewed] = renew.make({ after, percent: "" }, "");
  if (renewed === undefined) return null;
  const rates = [{ ...other, id: one.id, percent: ownText(other, percent), from: "" }];
  return { rate: other.id, first, renewed: { ...renewed, draft: { ...renewed.draft, rates } } };
}

/** What is typed, or, where that is said by the rate before, what it comes to. */
function ownText({ percent: text }: TypedRateLine, percent: number): string {
  return readRate(text).ok ? text : `${formatExact(percent)}%`;
}
