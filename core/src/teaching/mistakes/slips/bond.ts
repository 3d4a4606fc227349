import { frequencyOf } from "../../../engine/time/duration";
import type { Problem } from "../../../engine/problem/schema";
import { writePercent } from "../../../wording/answer-format";
import { frequencyWords } from "../../../wording/quotation-words";
import { MISTAKE_WORDS } from "../../../wording/teaching/mistake-words";
import type { Subject } from "../mistake";
import {
  onlyStreamOf,
  singlesAt,
  sizeOf,
  type DatedSingle,
  type OnlyStream,
} from "../parts-at-dates";
import { requoted, withFlow, withRate } from "../parts-of-problem";
import { RATE_DECIMALS } from "../words";
import { wholeMistake } from "../whole-mistake";

/** Equal payments and a final amount on one side, and a price on the other. */
interface Bond {
  readonly problem: Problem;
  readonly coupons: OnlyStream;
  readonly redemption: DatedSingle;
  readonly price: DatedSingle;
  /** Payments a year. */
  readonly perYear: number;
  /** Of one coupon and of the redemption, zero or more. */
  readonly coupon: number;
  readonly redeemed: number;
}

function bondOf({ problem, asked, solution }: Subject): Bond | null {
  const coupons = onlyStreamOf(problem);
  if (coupons === null || asked !== null || problem.flows.length !== 3) return null;
  const [redemption] = singlesAt(problem, coupons.ends);
  const [price] = singlesAt(problem, coupons.begins);
  if (redemption === undefined || price === undefined || coupons.flow.amount === null) return null;
  const isBond =
    redemption.flow.direction === coupons.flow.direction &&
    price.flow.direction !== coupons.flow.direction;
  return isBond
    ? {
        ...{ problem, coupons, redemption, price, perYear: frequencyOf(coupons.flow.every) },
        ...{
          coupon: sizeOf(solution, coupons.index),
          redeemed: sizeOf(solution, redemption.index),
        },
      }
    : null;
}

const YEARLY = MISTAKE_WORDS["yearly-payment-half-yearly-count"];

/** The student took a year's coupons as each of them. */
export const yearlyPaymentHalfYearlyCount = wholeMistake(
  "yearly-payment-half-yearly-count",
  bondOf,
  (bond) => {
    if (bond.perYear === 1) return [];
    const { problem, coupons, coupon, perYear } = bond;
    const { noun } = frequencyWords(coupons.flow.every);
    return [
      {
        done: () => YEARLY.done(noun),
        corrected: () => YEARLY.corrected(noun),
        problem: withFlow(problem, coupons.index, { ...coupons.flow, amount: coupon * perYear }),
      },
    ];
  },
);

const EXCHANGED = MISTAKE_WORDS["coupon-and-yield-exchanged"];

/** The student took the coupons from the yield, and discounted at the coupon rate. */
export const couponAndYieldExchanged = wholeMistake(
  "coupon-and-yield-exchanged",
  bondOf,
  (bond, subject) => {
    const [rate, ...others] = subject.problem.rates;
    if (rate === undefined || others.length > 0) return [];
    const { problem, coupons, coupon, redeemed, perYear } = bond;
    if (typeof rate.percent !== "number" || subject.unknown.kind !== "amount") return [];
    const { percent } = rate;
    const couponRate = ((coupon * perYear) / redeemed) * 100;
    const quotation = { quoted: "nominal", compounding: coupons.flow.every } as const;
    const amount = (redeemed * percent) / 100 / perYear;
    const exchanged = withFlow(problem, coupons.index, { ...coupons.flow, amount });
    return [
      {
        done: (format) =>
          EXCHANGED.done(
            writePercent(percent, format, RATE_DECIMALS),
            writePercent(couponRate, format, RATE_DECIMALS),
          ),
        corrected: EXCHANGED.corrected,
        problem: withRate(exchanged, 0, requoted(rate, quotation, couponRate)),
      },
    ];
  },
);

const OVER_PRICE = MISTAKE_WORDS["payment-over-price"];

/** The student divided a year's payments by the price. */
export const paymentOverPrice = wholeMistake("payment-over-price", bondOf, (bond, subject) => {
  if (subject.unit !== "percent") return [];
  const { coupon, perYear, price } = bond;
  const { amount } = price.flow;
  return typeof amount === "number"
    ? [
        {
          done: OVER_PRICE.done,
          corrected: OVER_PRICE.corrected,
          figure: () => ((coupon * perYear) / amount) * 100,
        },
      ]
    : [];
});
