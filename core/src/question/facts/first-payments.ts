import type { Mark } from "../marks/mark";
import { addSpans, timesSpan } from "../marks/span";
import { isPlainCount } from "./counts";
import { momentOf } from "./moment";
import type { PaymentsFact } from "./payments-fact";
import { isMoney, until, type Scope } from "./scope";
import { streamAt } from "./stream-at";

const LATER =
  /^(?:,|of|equal|level|amounts|payments|repayments|deposits|withdrawals|rents|instal(?:l)?ments|sums|them|these|those|which|one|is|are|was|being|to|be|made|paid|due|falls|falling|payable|follows|comes|on|will|at|exactly|payment|in|with|and|\(|it|deposited|received|starting|that|instal(?:l)?ment|deposit|withdrawal|rent)$/;

/** "the first of them ten months after …", "starting a week from now", "first payment today". */
export function addFirst(scope: Scope, streams: readonly PaymentsFact[]): void {
  // What is said of the first itself comes before "from … on".
  const inOrder = [
    ...scope.marks.filter(({ phrase }) => phrase?.kind !== "starting"),
    ...scope.marks.filter(({ phrase }) => phrase?.kind === "starting"),
  ];
  for (const mark of inOrder) {
    const { phrase } = mark;
    const isOwn = phrase?.kind === "when" && phrase.as === "first-at";
    const isOpening = phrase?.kind === "first-of" || phrase?.kind === "starting";
    if (!isOwn && !isOpening) continue;
    const when = isOwn ? mark : whenBehind(scope, mark);
    const first = when === null ? null : momentOf(when);
    const stream = streamAt(streams, mark);
    // "From seven years hence, so that the first falls in eight": the same, told as its period's beginning.
    if (when !== null && first !== null && stream !== null && isBeginOf(stream, first))
      stream.marks.push(mark, when);
    if (when === null || first === null || stream?.first !== null) continue;
    stream.marks.push(mark, ...(when === mark ? [] : [when]));
    // "A pension begins in 15 years and is paid at the end of each month": its first month begins then.
    if (stream.timing === "end" && first !== "P0D" && isOfWhole(scope, mark)) {
      stream.waits = first;
      continue;
    }
    stream.first = first;
    // "… at the end of each quarter. What if the first payment is made today?"
    if (first === "P0D" && phrase.kind === "first-of") stream.timing = "start";
  }
  for (const mark of scope.marks) {
    const { phrase } = mark;
    if (phrase?.kind !== "lasting" || phrase.as !== "years" || phrase.numbers.length < 2) continue;
    const isOfPercent = until(scope.before(mark, 4), isMoney).some(
      ({ quantity }) => quantity?.is === "percent",
    );
    const stream = streamAt(streams, mark);
    if (isOfPercent || stream === null) continue;
    const [from = 1, to = 1] = phrase.numbers;
    const unit = phrase.iso ?? "P1Y";
    stream.term ??= timesSpan(to - from + 1, unit);
    stream.first ??= timesSpan(from, unit);
    stream.marks.push(mark);
  }
}

const WHOLE = /^(?:pension|annuity|perpetuity|income|lease|stipend|scholarship)$/;

/** Whether what begins is the row of payments, and not the first of them. */
function isOfWhole(scope: Scope, mark: Mark): boolean {
  if (mark.phrase?.kind !== "starting") return false;
  const before = scope.before(mark, 6);
  const isOfPayments = before.some(({ word }) => /^(?:payments?|instal?lments?)$/.test(word));
  return !isOfPayments && before.some(({ word }) => WHOLE.test(word));
}

function isBeginOf({ first, every }: PaymentsFact, begin: string): boolean {
  return first !== null && every !== null && addSpans(begin, every) === first;
}

/** "The first is $1,000": the amount of payments that are told by their first. */
export function addFirstAmounts(scope: Scope, streams: readonly PaymentsFact[]): void {
  for (const mark of scope.marks) {
    if (mark.phrase?.kind !== "first-of") continue;
    const behind = scope.after(mark, 6);
    const at = behind.findIndex(isMoney);
    const money = behind[at];
    const isPlain = behind
      .slice(0, Math.max(at, 0))
      .every(
        ({ word, phrase }) =>
          phrase?.kind === "when" ||
          /^(?:is|of|,|was|being|for|will|be|equals?|amounts|to|year|month|quarter|it|yields?|brings?|pays?|earns?|in)$/.test(
            word,
          ),
      );
    const stream = streamAt(streams, mark);
    // "The first one now, for £9,000 to be there one year after the last."
    if (behind[at + 1]?.word === "to") continue;
    if (money?.quantity?.is !== "money" || !isPlain || stream?.amount !== null) continue;
    stream.amount = money.quantity.value;
    stream.amountMark = money;
    stream.marks.push(money);
  }
}

function whenBehind(scope: Scope, mark: Mark): Mark | null {
  const behind = scope.after(mark, mark.phrase?.kind === "starting" ? 3 : 12);
  for (const other of behind) {
    if (other.phrase?.kind === "when" && other.phrase.as !== "ago") return other;
    if (isMoney(other) || isPlainCount(other) || other.phrase?.kind === "every") continue;
    if (other.phrase !== undefined && other.phrase.kind !== "starting") return null;
    // "the first award one year from now": whatever it is called.
    if (!LATER.test(other.word) && other !== behind[0]) return null;
  }
  return null;
}
