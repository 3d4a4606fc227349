import type { Mark } from "./mark";

/** Smaller figures rather count something. */
const LEAST_PAID = 20;
const LEAST_HELD = 100;

/** "When you turn 25 in four years". */
const AGES = /^(?:turn|aged|age)$/;

const PAYS =
  /^(?:paying|pays?|paid|repays?|repaying|saves?|saving|deposits?|depositing|puts?|putting|adds?|adding|invests?|investing|contributes?|contributing|withdraws?|withdrawing|takes?|taking|draws?|drawing|receives?|receiving|gets?|getting|wants?|needs?|of)$/;
const IS_PAID = /^(?:invested|deposited|paid|saved|received|withdrawn|repaid)$/;
const HOLDS =
  /^(?:turns?|turned|into|owes?|owed|owing|borrows?|borrowed|borrowing|lends?|lent|invests?|invested|investing|deposits?|deposited|saves?|saved|puts?|pays?|paid|paying|costs?|costing|wants?|needs?|inherits?|inherited|has|have|had)$/;
/** What is told its size right behind it. */
const IS_NAMED =
  /^(?:outlay|loan|debt|mortgage|principal|fund|face|par|nominal|value|instal?lments?|repayments?)$/;
const GOES_ON =
  /^(?:on|at|for|from|in|into|to|with|by|and|but|now|today|down|pays|paying|bearing|carries|carrying|[,.;?])$/;
const PAYMENTS = /^(?:equal|payments?|instal?lments?|deposits?|repayments?|withdrawals?)$/;

/**
 * Figures without a currency that the words beside them make amounts: right before a time in a sentence of amounts, paid
 * so often, or owed, borrowed or put away.
 */
export function withBareAmounts(marks: readonly Mark[]): Mark[] {
  // One that is known makes those beside it known: "3,000 due in 6 months and 5,000 due in 2 years".
  return withTold(withTold(marks));
}

function withTold(marks: readonly Mark[]): Mark[] {
  const paid = new Set(
    marks.filter(({ quantity }) => quantity?.is === "money").map(({ sentence }) => sentence),
  );
  const told = [...marks];
  // From behind, for a list of amounts has its time behind the last: "3,000, 3,500 and 4,000 in 1, 2 and 3 years".
  for (let at = marks.length - 1; at >= 0; at -= 1) {
    const mark = marks[at];
    const quantity = mark?.quantity;
    if (mark === undefined || quantity?.is !== "number") continue;
    if (quantity.isOrdinal || quantity.value < LEAST_PAID) continue;
    const around = {
      earlier: marks[at - 2],
      before: marks[at - 1],
      next: told[at + 1],
      second: told[at + 2],
    };
    const isAmount =
      !isCountOfPayments(around) &&
      !AGES.test(around.before?.word ?? "") &&
      ((paid.has(mark.sentence) && (isTimed(around) || isOfRhythm(around))) ||
        isPaidSoOften(around) ||
        (quantity.value >= LEAST_HELD &&
          (isHeld(around) ||
            isListed(around) ||
            (paid.has(mark.sentence) && isTimedBefore(around)))));
    if (isAmount)
      told[at] = { ...mark, quantity: { is: "money", value: quantity.value, currency: null } };
  }
  return told;
}

/** One of a list, before another that is an amount. */
function isListed({ before, next, second }: Around): boolean {
  const isYear = /^(?:in|since|from|to|by|until|of|year)$/.test(before?.word ?? "");
  return !isYear && /^(?:,|and)$/.test(next?.word ?? "") && second?.quantity?.is === "money";
}

interface Around {
  readonly earlier: Mark | undefined;
  readonly before: Mark | undefined;
  readonly next: Mark | undefined;
  readonly second: Mark | undefined;
}

/** "I pay 24 monthly payments of 100": how many, not how much. */
function isCountOfPayments({ next, second }: Around): boolean {
  const isPlural = next?.phrase?.as === "adverb" && /[^s]s$/.test(second?.word ?? "");
  return next?.phrase?.kind === "every" && (isPlural || PAYMENTS.test(second?.word ?? ""));
}

/** "€3,900 after one year, 7,200 after two". */
function isTimed({ next }: Around): boolean {
  const isAtEnd = next?.phrase?.kind === "timing" && /^(?:at|on) /.test(next.text);
  return isAtEnd || (next?.phrase?.kind === "when" && next.phrase.as !== "now");
}

/** "After two years she gets £900, after four years 1,200." */
function isTimedBefore({ before, next }: Around): boolean {
  const isLast = next === undefined || /^[.,;?]$/.test(next.word);
  return isLast && before?.phrase?.kind === "when" && before.phrase.as !== "now";
}

/** "£200 a month for 5 years, then 350 a month". */
function isOfRhythm({ next }: Around): boolean {
  return next?.phrase?.kind === "every" && next.phrase.as !== "adverb";
}

/** "Adds 50 each month", "2,000 invested at the end of every year". */
function isPaidSoOften({ earlier, before, next, second }: Around): boolean {
  const rhythm = IS_PAID.test(next?.word ?? "") && isRhythm(second) ? second : next;
  const isIn = before?.word === "in" && /^(?:brings?|bringing)$/.test(earlier?.word ?? "");
  return (isIn || PAYS.test(before?.word ?? "")) && isRhythm(rhythm);
}

function isRhythm(mark: Mark | undefined): boolean {
  return mark?.phrase?.kind === "timing" || mark?.phrase?.kind === "every";
}

/** "I owe 2,400 on a card", "wants 50,000 in 10 years", "a face value of 1,000", "loan 8000". */
function isHeld({ earlier, before, next }: Around): boolean {
  const name = before?.word === "of" ? earlier : before;
  const isNamed = name?.phrase === undefined && IS_NAMED.test(name?.word ?? "");
  const isEnd = next === undefined;
  const isBegunWith =
    before?.word === "with" &&
    /^(?:start|starts|begin|begins|open|opens)$/.test(earlier?.word ?? "");
  return (
    (isNamed && (isEnd || next.phrase !== undefined || GOES_ON.test(next.word))) ||
    ((HOLDS.test(before?.word ?? "") || isBegunWith) &&
      (next?.phrase?.kind === "when" || GOES_ON.test(next?.word ?? "")))
  );
}
