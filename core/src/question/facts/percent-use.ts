import type { Mark } from "../marks/mark";
import type { Quoting } from "./quoting";
import { isMoney, isPercent, until, wordsOf, type Scope } from "./scope";

/** What a percentage is of. */
export type PercentUse = "rate" | "growth" | "inflation" | "share" | "coupon";

const RISE =
  /^(?:increase|increases|increasing|increased|rise|rises|rising|rose|risen|grown|grew|gained|gains|raise|raises|raised|raising|grow|grows|growing|growth|climb|climbs|climbing|up|higher|larger|greater|bigger|dearer|costlier|more|above|escalates|escalating|escalation|steps|indexed|exceeds|exceeding)$/;
const FALL =
  /^(?:fall|falls|falling|fell|decrease|decreases|decreasing|decreased|decline|declines|declining|shrink|shrinks|shrinking|drop|drops|dropped|dropping|fallen|declined|shrank|reduce|reduces|reduced|reducing|less|lower|smaller|cheaper|loses|lose|losing|lost|depreciates?|depreciated|depreciating|depreciation|down|below)$/;
const OF_MONEY =
  /^(?:interest|earn|earns|earning|earned|rate|yield|yields|return|discount|discounting|invested|fund|account|money|savings?|accrues|charged|apr|credits|credited)$/;
const FUND = /^(?:fund|account|money|investment|capital|portfolio|pot)$/;
const PRICES = /^(?:inflation|prices|living)$/;

function isChange({ word }: Mark): boolean {
  return RISE.test(word) || FALL.test(word);
}

/** What a percentage is of, and which marks say so. */
export interface Use {
  readonly use: PercentUse;
  readonly isFall: boolean;
  readonly marks: readonly Mark[];
}

export function useOf(scope: Scope, mark: Mark, quoting: Quoting): Use {
  const rate: Use = { use: "rate", isFall: false, marks: [] };
  const before = until(scope.before(mark, 10), (other) => isPercent(other) || other.word === ";");
  const behind = until(
    scope.after(mark, 6),
    (other) => isPercent(other) || isMoney(other) || other.word === ";",
  );
  const [next, second, third] = behind;
  if (mark.quantity?.is === "percent" && mark.quantity.isFraction === true)
    return { use: "share", isFall: false, marks: [] };
  const [of, article, price] = scope.after(mark, 3);
  if (of?.word === "of" && /^(?:the|this|that)$/.test(article?.word ?? "") && isMoney(price))
    return { use: "share", isFall: false, marks: [] };
  if (
    next?.word === "of" &&
    /^(?:the|its|their|this|that|par|face|nominal|his|her|it|what)$/.test(second?.word ?? "") &&
    third !== undefined &&
    !before.slice(0, 2).some(isChange)
  ) {
    return { use: "share", isFall: false, marks: [] };
  }
  // "A deposit of 20%", "15% down".
  const isDown =
    /^(?:down|themselves|himself|herself|ourselves|myself)$/.test(next?.word ?? "") ||
    /^(?:deposit|downpayment)$/.test(before[0]?.word ?? "") ||
    (next?.word === "deposit" && !/^(?:account|rate|bond|scheme)$/.test(second?.word ?? "")) ||
    (before[0]?.word === "of" &&
      /^(?:deposit|payment|down|residual|balloon)$/.test(before[1]?.word ?? ""));
  if (isDown) return { use: "share", isFall: false, marks: [] };
  // A bond is redeemed at so much of its nominal, and nobody charges half of what is owed.
  const isRedeemed = before
    .slice(0, 4)
    .some(({ word }) => /^(?:redeemed|redeemable|redemption|repaid)$/.test(word));
  if (isRedeemed && mark.quantity?.is === "percent" && mark.quantity.value > 50) {
    return { use: "share", isFall: false, marks: [] };
  }
  const noun = behind.find(({ phrase }) => phrase?.kind !== "every");
  const isCoupon =
    /^(?:coupons?|bond|debenture|gilt)$/.test(noun?.word ?? "") ||
    behind.slice(0, 5).some(({ word }) => /^coupons?$/.test(word)) ||
    before.slice(0, 3).some(({ word }) => /^coupons?$/.test(word));
  if (isCoupon) return { use: "coupon", isFall: false, marks: [] };
  if (quoting.as !== undefined || quoting.compounding !== undefined) return rate;
  // "How long until prices have risen by 50%?", "for prices to rise by a half".
  const isRisen =
    before[0]?.word === "by" &&
    isChange(before[1] ?? mark) &&
    /^(?:to|have|has)$/.test(before[2]?.word ?? "");
  if (
    !isRisen &&
    before.some(({ word }) => PRICES.test(word)) &&
    !before.slice(0, 2).some(({ word }) => word === "real")
  ) {
    return { use: "inflation", isFall: false, marks: [] };
  }
  const moneyWord = before.findIndex(({ word }) => OF_MONEY.test(word));
  // "What does £500 grow to at 4%?" grows at the rate itself.
  const cueBefore = before.findIndex(
    (other, at) =>
      isChange(other) && !(/^grows?$/.test(other.word) && before[at - 1]?.word === "to"),
  );
  const cueBehind = behind.findIndex(isChange);
  // "A fund that grows at 0.3% a month."
  const isFund =
    before[0]?.word === "at" &&
    /^grow(?:s|ing)?$/.test(before[1]?.word ?? "") &&
    before.slice(2, 7).some(({ word }) => OF_MONEY.test(word));
  // "The fund grows by 5% a year."
  const isOfFund =
    cueBefore !== -1 &&
    /^grow(?:s|ing)?$/.test(before[cueBefore]?.word ?? "") &&
    FUND.test(before[cueBefore + 1]?.word ?? "");
  // "There is £900 in the fund. It grows at 0.3% a month."
  const isIt =
    before[0]?.word === "at" &&
    /^grow(?:s|ing)?$/.test(before[1]?.word ?? "") &&
    before[2]?.word === "it" &&
    / (?:fund|account|savings|investment|pot) /.test(scope.words);
  // "To how much do they grow at 0.3% a month?"
  const isAsked = / (?:to|into) (?:how much|what) (?:\S+ )+?grow /.test(
    wordsOf(scope.sentence(mark)),
  );
  if (isFund || isOfFund || isIt || isAsked) return rate;
  // "Increases her savings by 4% each year."
  const isBy = before[0]?.word === "by" && cueBefore !== -1 && cueBefore <= 4;
  const isBefore =
    isBy || (cueBefore !== -1 && cueBefore <= 4 && (moneyWord === -1 || cueBefore < moneyWord));
  const isBehind = cueBehind !== -1 && cueBehind <= 2;
  if (!isBefore && !isBehind) return rate;
  const cue = isBehind ? behind[cueBehind] : before[cueBefore];
  const span = behind.find(({ phrase }) => phrase?.kind === "every" || phrase?.kind === "timing");
  const isFall = FALL.test(cue?.word ?? "");
  return { use: "growth", isFall, marks: span === undefined ? [] : [span] };
}
