import type { FlowOf, FollowUp, KnownPosition, Problem } from "../../engine/problem/schema";
import { momentOf } from "../facts/moment";
import { PAYMENT_NOUN } from "../facts/rates";
import { wordsOf } from "../facts/scope";
import type { Facts } from "../facts/facts";
import type { Mark } from "../marks/mark";
import { timesSpan, yearsIn } from "../marks/span";
import type { Use } from "../shape/shape";

export interface FollowUpRead {
  readonly follow: FollowUp;
  readonly uses: readonly Use[];
}

/**
 * What a part asks of a problem that is solved already: a balance, interest, principal or a total.
 *
 * @returns `null` where it asks for something else
 */
export function followUpIn(facts: Facts, problem: Problem): FollowUpRead | null {
  const { ask } = facts;
  if (ask === null) return null;
  const stream = problem.flows.find((flow): flow is FlowOf<"stream"> => flow.kind === "stream");
  const when = whenIn(facts, ask.marks);
  switch (ask.kind) {
    case "interest":
    case "principal":
      return flowBetween(ask.kind, ask.marks, { problem, stream, when });
    case "total":
      // With money down, the payments alone are not all that it costs.
      return stream === undefined || problem.flows.some(({ id }) => id.startsWith("down"))
        ? null
        : { follow: { find: "total", of: stream.id }, uses: usesOfTime(when) };
    case "future":
      // "(a) What is it worth in 6 years? (b) In 9 years?": an amount by itself is asked for anew.
      return stream === undefined ? null : balanceThen(ask.marks, stream, when);
    case "balance":
      return balanceThen(ask.marks, stream, when ?? soFar(facts));
    default:
      return isFundAsked(ask.marks) ? balanceThen(ask.marks, stream, when) : null;
  }
}

/** The time in the question, or behind it; in a part that tells nothing else, wherever it stands. */
function whenIn(facts: Facts, asked: readonly Mark[]): Mark | null {
  const { marks } = facts.scope;
  const from = asked[0]?.sentence ?? 0;
  const behind = marks.filter(({ sentence }) => sentence >= from);
  return timeIn(asked) ?? timeIn(behind) ?? (isPartAlone(facts) ? timeIn(marks) : null);
}

/** "Two years after taking out the loan". */
const TAKEN_OUT = / after (?:taking|borrowing|buying|signing|getting) /;

/** "She has just made payment number 36", "three years ago": how far it has gone when nothing else is asked about. */
function soFar({ scope, amounts }: Facts): Mark | null {
  const start = scope.marks.find(
    ({ phrase, plain }) => phrase?.kind === "when" && TAKEN_OUT.test(plain),
  );
  if (start !== undefined) return start;
  const isRanked = ({ phrase }: Mark) =>
    phrase?.kind === "at-end-of-flows" && phrase.numbers.length > 0;
  const since = amounts.some((amount) => amount.since !== undefined);
  const ago = scope.marks.filter(({ phrase }) => phrase?.as === "ago" || phrase?.as === "elapsed");
  return scope.marks.find(isRanked) ?? (since && ago.length === 1 ? (ago[0] ?? null) : null);
}

function usesOfTime(mark: Mark | null): Use[] {
  return mark === null ? [] : [{ mark, role: "time" }];
}

/** What is owed, or there, after a time or after so many payments. */
function balanceThen(
  asked: readonly Mark[],
  stream: FlowOf<"stream"> | undefined,
  when: Mark | null,
): FollowUpRead | null {
  const counted = stream === undefined ? null : paymentsBefore(asked);
  const then = when === null ? null : balanceAt(when, stream);
  const at = counted !== null && stream !== undefined ? ofPayment(counted, stream) : then;
  const rank = asked.find((_, place) => isRankBefore(asked, place)) ?? null;
  return at === null
    ? null
    : { follow: { find: "balance", at }, uses: [...usesOfTime(when), ...usesOfTime(rank)] };
}

interface Told {
  readonly problem: Problem;
  readonly stream: FlowOf<"stream"> | undefined;
  readonly when: Mark | null;
}

/** The interest or the principal that is paid between two times. */
function flowBetween(
  find: "interest" | "principal",
  asked: readonly Mark[],
  { problem, stream, when }: Told,
): FollowUpRead | null {
  const untilThen = thenIn(asked, problem);
  if (untilThen === "unknown") return null;
  const span = untilThen ?? spanOf(when, asked, stream, lastOf(problem));
  const rank = stream === undefined ? null : rankIn(asked);
  return {
    follow: { find, ...span },
    uses: [...usesOfTime(when), ...usesOfTime(rank?.mark ?? null)],
  };
}

/** What a part says by itself has no rate and no amount. */
function isPartAlone({ percents, amounts }: Facts): boolean {
  return percents.length === 0 && amounts.length === 0;
}

/** "How much interest has she paid by then?": up to the time of which a part before has asked. */
function thenIn(
  marks: readonly Mark[],
  { also = [] }: Problem,
): { from: KnownPosition; to: KnownPosition } | "unknown" | null {
  if (!/ (?:(?:by|until|till|up to) then|so far|until now|up to now|to date) /.test(wordsOf(marks)))
    return null;
  const last = also.at(-1);
  return last?.find === "balance" ? { from: "P0D", to: last.at } : "unknown";
}

/** When all has been paid. */
function lastOf({ flows }: Problem): KnownPosition {
  const stream = flows.find(({ kind }) => kind === "stream");
  if (stream !== undefined) return { endOf: stream.id };
  const later = flows.flatMap((flow) =>
    flow.kind === "single" && typeof flow.at === "string" && flow.at !== "P0D" ? [flow.at] : [],
  );
  return later[0] ?? "P1Y";
}

/** "What is the fund at its largest?" */
function isFundAsked(marks: readonly Mark[]): boolean {
  return marks.some(({ word }) => word === "fund" || word === "account") && timeIn(marks) !== null;
}

function timeIn(marks: readonly Mark[]): Mark | null {
  const isTime = ({ phrase }: Mark) =>
    (phrase?.kind === "when" && phrase.as !== "now" && phrase.as !== "ago") ||
    phrase?.kind === "at-end-of-flows" ||
    (phrase?.kind === "lasting" && phrase.as !== "whole");
  return (
    marks.find(isTime) ??
    marks.find(
      ({ phrase, quantity }) =>
        phrase?.kind === "lasting" || (quantity?.is === "span" && !quantity.isArticle),
    ) ??
    null
  );
}

/** "What is still owed after 30 payments?" */
function paymentsBefore(marks: readonly Mark[]): number | null {
  const at = marks.findIndex(
    ({ quantity }, place) =>
      quantity?.is === "number" &&
      !quantity.isOrdinal &&
      PAYMENT_NOUN.test(marks[place + 1]?.word ?? "") &&
      marks[place - 1]?.word === "after",
  );
  const quantity = (marks[at] ?? marks.find((_, place) => isRankBefore(marks, place)))?.quantity;
  return quantity?.is === "number" ? quantity.value : null;
}

/** "Right after the fifth", with or without its noun. */
function isRankBefore(marks: readonly Mark[], at: number): boolean {
  const quantity = marks[at]?.quantity;
  const [next] = marks.slice(at + 1);
  return (
    quantity?.is === "number" &&
    quantity.isOrdinal &&
    marks[at - 1]?.word === "the" &&
    /^(?:after|following)$/.test(marks[at - 2]?.word ?? "") &&
    (next === undefined || /^[?.,)]$/.test(next.word) || PAYMENT_NOUN.test(next.word))
  );
}

/** After a time, or right after a payment that is told by its number. */
function balanceAt(when: Mark, stream: FlowOf<"stream"> | undefined): KnownPosition | null {
  const { phrase, quantity } = when;
  if (phrase?.kind === "at-end-of-flows") {
    const [number] = phrase.numbers;
    if (number === undefined) return stream === undefined ? null : { endOf: stream.id };
    return stream === undefined ? null : ofPayment(number, stream);
  }
  if (phrase?.kind === "when" && phrase.as !== "elapsed") return momentOf(when);
  return phrase?.iso ?? (quantity?.is === "span" ? quantity.iso : null);
}

function ofPayment(number: number, { timing, every }: FlowOf<"stream">): string {
  return timesSpan(timing === "start" ? number - 1 : number, every);
}

/** "The 30th payment", "the first payment": which one, and the mark that says so. */
function rankIn(marks: readonly Mark[]): { number: number; mark: Mark } | null {
  for (const mark of marks) {
    const { quantity, phrase } = mark;
    if (quantity?.is === "number" && quantity.isOrdinal) return { number: quantity.value, mark };
    if (phrase?.kind === "first-of") return { number: 1, mark };
  }
  return null;
}

/** "During the third year", "in the 30th payment"; the whole time where nothing is said. */
function spanOf(
  when: Mark | null,
  marks: readonly Mark[],
  stream: FlowOf<"stream"> | undefined,
  lasting: KnownPosition,
): { from: KnownPosition; to: KnownPosition } {
  const whole = { from: "P0D", to: lasting } as const;
  const number = rankIn(marks)?.number;
  if (number !== undefined && stream !== undefined) {
    return { from: timesSpan(number - 1, stream.every), to: timesSpan(number, stream.every) };
  }
  const phrase = when?.phrase;
  const isOfLast = / (?:of|in) the (?:last|final) (?:payment|instal?lment|repayment) /.test(
    wordsOf(marks),
  );
  if (isOfLast && typeof stream?.count === "number") {
    const { count, every } = stream;
    return { from: timesSpan(count - 1, every), to: timesSpan(count, every) };
  }
  if (phrase === undefined) return whole;
  if (
    phrase.kind === "at-end-of-flows" &&
    stream !== undefined &&
    phrase.numbers[0] !== undefined
  ) {
    return {
      from: timesSpan(phrase.numbers[0] - 1, stream.every),
      to: timesSpan(phrase.numbers[0], stream.every),
    };
  }
  if (phrase.as === "end-of") {
    const [number = 1] = phrase.numbers;
    const unit = phrase.iso ?? "P1Y";
    return { from: timesSpan(number - 1, unit), to: timesSpan(number, unit) };
  }
  if (phrase.as === "years") {
    const [from = 1, to = 1] = phrase.numbers;
    const unit = phrase.iso ?? "P1Y";
    return { from: timesSpan(from - 1, unit), to: timesSpan(to, unit) };
  }
  if (phrase.as === "first" || phrase.as === "whole" || phrase.as === "at") {
    return phrase.iso === undefined || yearsIn(phrase.iso) === 0
      ? whole
      : { from: "P0D", to: phrase.iso };
  }
  return whole;
}
