import type { Mark } from "../marks/mark";
import { yearsIn } from "../marks/span";
import { newStream, type PaymentsFact } from "./payments-fact";
import { everyOf } from "./rates";
import { isMoney, until, type Scope } from "./scope";

/* Payments that are told by those before them. */

/** "£18,000 a year, paid quarterly in advance": what a year's amount is paid in; `null` where a mark is not that. */
export function wholeYears(
  scope: Scope,
  streams: readonly PaymentsFact[],
  mark: Mark,
): PaymentsFact | null {
  const { phrase } = mark;
  const last = streams.at(-1);
  const yearly = last?.marks.find((own) => own.phrase?.kind === "every");
  const isPaid =
    (phrase?.kind === "compounding" && phrase.as === "payable") ||
    (phrase?.kind === "timing" && /^(?:payable|paid|due|made) /.test(mark.text)) ||
    (phrase?.kind === "timing" &&
      /^(?:payable|paid|due)$/.test(scope.before(mark, 1)[0]?.word ?? ""));
  const isShorter = phrase?.iso !== undefined && yearsIn(phrase.iso) < 1;
  return last?.amount !== null &&
    last?.every === "P1Y" &&
    yearly?.sentence === mark.sentence &&
    mark.index - yearly.index <= 4 &&
    isPaid &&
    isShorter
    ? last
    : null;
}

export function payIn(stream: PaymentsFact, cue: Mark): void {
  const every = everyOf(cue);
  stream.amount = Number(((stream.amount ?? 0) * yearsIn(every)).toPrecision(15));
  stream.every = every;
  if (cue.phrase?.kind === "timing")
    stream.timing = cue.phrase.as?.startsWith("start") === true ? "start" : "end";
  stream.marks.push(cue);
}

/** "$20,000 a year for the first three years and $15,000 for the two after": paid as often as those before. */
export function withoutRhythm(scope: Scope, streams: readonly PaymentsFact[]): PaymentsFact[] {
  const [only] = streams;
  const own = only?.amountMark;
  if (streams.length !== 1 || only === undefined || own === null || own === undefined) return [];
  const isLater = (mark: Mark) =>
    until(scope.after(mark, 4), (other) => isMoney(other) || other.phrase?.kind === "timing").some(
      ({ phrase }) => phrase?.kind === "lasting" && phrase.as === "next",
    );
  const amount = scope.after(own, 12).find((mark) => isMoney(mark) && isLater(mark));
  if (amount?.quantity?.is !== "money") return [];
  const { every, timing, role } = only;
  const later = newStream(amount, amount, role, false);
  return [{ ...later, every, timing, isNext: true, marks: [amount] }];
}

/** "… that is then paid for 20 years, at each month's end": how long payments after others go on. */
export function thenSpan(scope: Scope, streams: readonly PaymentsFact[], cue: Mark): Mark | null {
  const last = streams.at(-1);
  const isTurn = ({ phrase }: Mark) => phrase?.kind === "thereafter";
  const behind = scope.before(cue, 12);
  const before = until(behind, (mark) => isMoney(mark) || isTurn(mark));
  const span = before.find(({ phrase }) => phrase?.kind === "lasting" && phrase.as === "whole");
  const turn = behind[before.length];
  const isThen = turn !== undefined && isTurn(turn);
  const isApart = before.every((mark) => last?.marks.includes(mark) !== true);
  return last !== undefined && isThen && isApart ? (span ?? null) : null;
}

export function laterStream(stream: PaymentsFact, span: Mark): PaymentsFact {
  stream.term = span.phrase?.iso ?? null;
  stream.isNext = true;
  stream.marks.push(span);
  return stream;
}
