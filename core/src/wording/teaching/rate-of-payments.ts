import { frequencyOf } from "../../engine/time/duration";
import { frequencyWords } from "../quotation-words";

const ROOTS: ReadonlyMap<number, string> = new Map([
  [2, "square root"],
  [3, "cube root"],
  [4, "fourth root"],
  [6, "sixth root"],
  [12, "twelfth root"],
  [26, "26th root"],
  [52, "52nd root"],
]);

/**
 * How the rate of a payment follows from the quoted one, in the periods of the problem: "Compounded half-yearly, paid
 * monthly: the rate per month is the sixth root of 1 + j/2, less 1."
 *
 * @param compounded the period of the compounding; `null` if it is continuous or has no period of its own
 * @param paid the period of the payments
 * @param perYear compounding periods a year; `null` if it is continuous
 */
export function rateOfPayments(
  compounded: string | null,
  paid: string,
  perYear: number | null,
): string {
  const { adverb, noun } = frequencyWords(paid);
  const payments = frequencyOf(paid);
  if (perYear === null)
    return `Compounded continuously, paid ${adverb}: the rate per ${noun} is e^(δ/${payments}) − 1.`;
  const said =
    compounded === null ? "" : `Compounded ${frequencyWords(compounded).adverb}, paid ${adverb}: t`;
  const growth = compounded === null || perYear === 1 ? "1 + i" : `1 + j/${perYear}`;
  const lead = said === "" ? "T" : said;
  const root = ROOTS.get(payments / perYear);
  if (root !== undefined) return `${lead}he rate per ${noun} is the ${root} of ${growth}, less 1.`;
  const power = perYear / payments;
  const written = Number.isInteger(power) ? String(power) : `(${perYear}/${payments})`;
  return `${lead}he rate per ${noun} is (${growth})^${written} − 1.`;
}
