import type { Flow } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import { everyOf } from "../facts/rates";
import { spareTimes } from "../facts/times";
import { isMoney, isPercent } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { periodsIn, yearsIn } from "../marks/span";
import { ratesOf } from "./rates";
import { complete, lacking, problemOf, type Choices, type Shape, type Use } from "./shape";

/** A bond: coupons on a nominal, redeemed at its end; `null` where the question is of something else. */
export function bond(facts: Facts, choices: Choices): Shape | null {
  const carried = withCarried(facts);
  const { scope, percents, ask } = carried;
  const coupon = percents.find(({ use }) => use === "coupon");
  if (
    coupon === undefined ||
    !/ (?:bond|bonds|debenture|debentures|note|notes|gilt|gilts|face value|redeemed|redemption) /.test(
      scope.words,
    )
  )
    return null;
  const monies = scope.marks.filter(isMoney);
  const face = monies.find((mark) => isFace(facts, mark)) ?? monies[0];
  const nominal = face?.quantity?.is === "money" ? face.quantity.value : 100;
  const cue = couponCue(carried, coupon.marks);
  const every = cue === undefined ? "P1Y" : everyOf(cue);
  const share = percents.find(
    ({ use, mark, percent }) => use === "share" && mark !== coupon.mark && (percent ?? 0) > 50,
  );
  const quoted = scope.marks.find((mark) => isQuotedAt(carried, mark));
  const repaid = monies.find((mark) => mark !== face && isRepaid(facts, mark));
  const price = monies.find((mark) => mark !== face && mark !== repaid && isPrice(facts, mark));
  const rates = ratesOf(carried, every, null, choices);
  const time = spareTimes(facts, new Set(rates.uses.map(({ mark }) => mark))).find(
    ({ iso }) => yearsIn(iso) > yearsIn(every) || ask === null,
  );
  const count = time === undefined ? null : periodsIn(time.iso, every);
  const uses: Use[] = [...rates.uses];
  const use = (mark: Mark | undefined, flow: string, field: "amount" | "when" | "every") => {
    if (mark !== undefined)
      uses.push({
        mark,
        role: field === "amount" ? "amount" : "payments",
        target: { flow, field },
      });
  };
  use(face, "redemption", "amount");
  use(coupon.mark, "coupons", "amount");
  use(cue, "coupons", "every");
  use(share?.mark, "redemption", "amount");
  use(repaid, "redemption", "amount");
  use(quoted, "redemption", "amount");
  use(price, "price", "amount");
  time?.marks.forEach((mark) => use(mark, "coupons", "when"));
  if (count === null) return lacking(["time"], { uses });
  if (rates.isMissing) return lacking(["rate"], { uses });
  const per = quoted?.quantity?.is === "number" ? quoted.quantity.value : (share?.percent ?? 100);
  const redeemed =
    repaid?.quantity?.is === "money" ? repaid.quantity.value : rounded((nominal * per) / 100);
  const amount = rounded(((nominal * (coupon.percent ?? 0)) / 100) * yearsIn(every));
  const flows: Flow[] = [
    {
      id: "price",
      kind: "single",
      direction: "out",
      amount: rates.isAsked && price?.quantity?.is === "money" ? price.quantity.value : null,
      at: "P0D",
    },
    {
      id: "coupons",
      kind: "stream",
      direction: "in",
      amount,
      every,
      count,
      timing: "end",
      begins: "P0D",
    },
    {
      id: "redemption",
      kind: "single",
      direction: "in",
      amount: redeemed,
      at: { endOf: "coupons" },
    },
  ];
  const problem = problemOf({ rates: rates.rates, flows, currency: facts.currency });
  return complete(problem, uses, rates.assumptions);
}

/** "Debentures carry 5.5% a year, paid half-yearly, and are redeemed at par": a coupon by another word. */
function withCarried(facts: Facts): Facts {
  const { scope, percents } = facts;
  const isRedeemed = / (?:redeemed|redeemable|redemption|at par|repaid|matures?) /.test(
    scope.words,
  );
  const isYieldAsked = facts.ask?.kind === "rate" && percents.length === 1;
  const isOfBond = isYieldAsked || (isRedeemed && percents.length > 1);
  if (!isOfBond || percents.some(({ use }) => use === "coupon")) return facts;
  const own = percents.find(({ mark }) =>
    scope
      .before(mark, 3)
      .some(({ word }) => /^(?:carry|carries|carrying|pays?|paying|bears?|bearing)$/.test(word)),
  );
  const marked = percents.map((one) => (one === own ? { ...one, use: "coupon" as const } : one));
  return own === undefined ? facts : { ...facts, percents: marked };
}

function rounded(value: number): number {
  return Number(value.toPrecision(15));
}

function isFace({ scope }: Facts, mark: Mark): boolean {
  const near = [...scope.before(mark, 4), ...scope.after(mark, 3)];
  return near.some(
    ({ word, phrase }) =>
      /^(?:face|par|bond|bonds|denomination|debenture|debentures|principal|redeemable)$/.test(
        word,
      ) || phrase?.as === "nominal",
  );
}

/** "Redeemed at £104". */
function isRepaid({ scope }: Facts, mark: Mark): boolean {
  return scope
    .before(mark, 4)
    .some(({ word }) => /^(?:redeemed|redeemable|redemption|repaid|repayable)$/.test(word));
}

/** "Redeemed at 102": of each hundred of its nominal. */
function isQuotedAt(facts: Facts, mark: Mark): boolean {
  const { quantity } = mark;
  const isNear = quantity?.is === "number" && quantity.value > 50 && quantity.value < 200;
  return isNear && facts.scope.before(mark, 1)[0]?.word === "at" && isRepaid(facts, mark);
}

function isPrice({ scope }: Facts, mark: Mark): boolean {
  return scope
    .before(mark, 6)
    .some(({ word }) =>
      /^(?:price|priced|costs?|for|sells?|bought|buys?|at|trades?|pays?)$/.test(word),
    );
}

/** How often coupons are paid: what stands near the word, and is no part of the yield's quotation. */
function couponCue({ scope, percents }: Facts, own: readonly Mark[]): Mark | undefined {
  const taken = new Set(percents.filter(({ use }) => use === "rate").flatMap(({ marks }) => marks));
  const isCue = (mark: Mark) =>
    !taken.has(mark) &&
    (mark.phrase?.kind === "every" ||
      mark.phrase?.kind === "timing" ||
      mark.phrase?.kind === "compounding");
  const ofCoupon = own.find(isCue);
  // "6% a year, half of it every half-year": the shorter of two is how often they are paid.
  const shorter = scope.marks.find(
    (mark) =>
      isCue(mark) && ofCoupon !== undefined && yearsIn(everyOf(mark)) < yearsIn(everyOf(ofCoupon)),
  );
  if (shorter !== undefined) return shorter;
  const words = scope.marks.filter(({ word }) => /^coupons?$/.test(word));
  const near = words
    .flatMap((mark) => [...scope.before(mark, 5), ...scope.after(mark, 5)])
    .find(isCue);
  return near ?? ofCoupon ?? scope.marks.find((mark) => isCue(mark) && !isPercent(mark));
}
