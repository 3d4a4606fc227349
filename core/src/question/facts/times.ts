import type { Mark } from "../marks/mark";
import { timesSpan } from "../marks/span";
import type { Facts } from "./facts";
import { momentOf } from "./moment";
import { PAYMENT_NOUN } from "./rates";
import { isMoney, isYear } from "./scope";

/** A length of time that no payment, amount or rate has taken up. */
export interface TimeFact {
  readonly iso: string;
  readonly marks: readonly Mark[];
  /** Whether it stands in the question itself. */
  readonly isAsked: boolean;
}

const OF_MONEY =
  /^(?:fund|account|money|it|invest|invests|invested|deposit|deposits|leave|leaves|left|stay|stays|mature|matures|worth|value|hold|become|grow|grows|grew|took|takes|term|interest|loan|debt|bond|note|bill|price|paid|pay|pays|repay|repaid|amounts?|accumulates?|runs|later|put|reach|promise|compounded|savings?|quote|fixed|replaced?|lease|let)$/;

/** The spare times of the facts, the likeliest first: what the question says, then what is said of the money. */
export function spareTimes(facts: Facts, taken: ReadonlySet<Mark>): TimeFact[] {
  const { scope, ask } = facts;
  const asked = new Set(ask?.marks ?? []);
  const times = scope.marks.flatMap((mark): TimeFact[] => {
    const iso = taken.has(mark) ? null : timeOf(mark);
    if (iso === null || iso === "P0D") return [];
    const isAsked = asked.has(mark);
    return isAsked || isOfMoney(facts, mark) ? [{ iso, marks: [mark], isAsked }] : [];
  });
  const inQuestion = times.filter(({ isAsked }) => isAsked);
  const told = times.filter(({ isAsked }) => !isAsked);
  const found = [
    ...inQuestion,
    ...betweenAges(facts),
    ...told,
    ...betweenDates(facts),
    ...betweenYears(facts),
  ];
  return found.length > 0 ? found : onlyTime(facts, taken);
}

/** "She works 8 years": the only time of a text is that of its money, wherever it stands. */
function onlyTime({ scope }: Facts, taken: ReadonlySet<Mark>): TimeFact[] {
  const spans = scope.marks.filter(
    ({ quantity, phrase }) =>
      (quantity?.is === "span" && !quantity.isArticle) ||
      (phrase?.kind === "lasting" && phrase.as === "whole") ||
      (phrase?.kind === "when" && phrase.as === "at" && phrase.iso !== undefined),
  );
  const [only] = spans;
  const isOld = only !== undefined && /^(?:old|ago)$/.test(scope.after(only, 1)[0]?.word ?? "");
  const iso = only?.quantity?.is === "span" ? only.quantity.iso : only?.phrase?.iso;
  if (only === undefined || iso === undefined || spans.length > 1 || isOld || taken.has(only))
    return [];
  return [{ iso, marks: [only], isAsked: false }];
}

function timeOf(mark: Mark): string | null {
  const { phrase, quantity } = mark;
  if (phrase?.as === "elapsed") return phrase.iso ?? null;
  if (phrase?.kind === "when" && phrase.as !== "first-at") return momentOf(mark);
  if (phrase?.kind === "lasting" && phrase.as !== "years" && phrase.as !== "first")
    return phrase.iso ?? null;
  return quantity?.is === "span" && !quantity.isArticle ? quantity.iso : null;
}

function isOfMoney({ scope }: Facts, mark: Mark): boolean {
  const sentence = scope.sentence(mark);
  const [next] = scope.after(mark, 1);
  if (next?.word === "old") return false;
  if (/ from (?:today|now)$/.test(mark.plain)) return true;
  const isOfGrowth = sentence.some(({ word }) =>
    /^(?:doubled?|doubles|tripled?|triples|rose|grew|increased|fell|growing|rising|halved?|population)$/.test(
      word,
    ),
  );
  // "12,000 bees in April and 19,500 five months later".
  const isOfThings =
    !scope.marks.some(isMoney) &&
    sentence.some(({ quantity }) => quantity?.is === "number" && quantity.value >= 100);
  return (
    isOfGrowth ||
    isOfThings ||
    sentence.some(
      (other) =>
        isMoney(other) ||
        other.quantity?.is === "percent" ||
        PAYMENT_NOUN.test(other.word) ||
        OF_MONEY.test(other.word),
    )
  );
}

/** "turned 18 today … when she turns 25". */
function betweenAges({ ages }: Facts): TimeFact[] {
  return ages.slice(1).map(({ age, mark }, before) => {
    const earlier = ages[before];
    return {
      iso: timesSpan(age - (earlier?.age ?? 0), "P1Y"),
      marks: earlier === undefined ? [mark] : [earlier.mark, mark],
      isAsked: false,
    };
  });
}

/** "Borrowed on 1 March 2022 … to be repaid on 1 September 2025": in months, where the day is the same. */
function betweenDates({ scope }: Facts): TimeFact[] {
  const dates = scope.marks.flatMap((mark) =>
    mark.quantity?.is === "date" ? [{ mark, date: mark.quantity.iso }] : [],
  );
  const [first, second] = dates;
  if (dates.length !== 2 || first === undefined || second === undefined) return [];
  const months = monthsBetween(first.date, second.date);
  return months === null || months <= 0
    ? []
    : [{ iso: timesSpan(months, "P1M"), marks: [first.mark, second.mark], isAsked: false }];
}

function monthsBetween(from: string, to: string): number | null {
  const [years = 0, months = 0, day = 0] = from.split("-").map(Number);
  const [laterYears = 0, laterMonths = 0, laterDay = 0] = to.split("-").map(Number);
  return day === laterDay ? 12 * (laterYears - years) + laterMonths - months : null;
}

/** "in 2019 … and in 2026". */
function betweenYears({ scope, streams }: Facts): TimeFact[] {
  const years = scope.marks.filter(
    (mark) =>
      isYear(mark, 1800) &&
      /^(?:in|to|from|by|until|of|year|between|and|january|december)$/.test(
        scope.before(mark, 1)[0]?.word ?? "",
      ),
  );
  const [first, second] = years;
  if (first?.quantity?.is !== "number" || second?.quantity?.is !== "number") return [];
  // "At the end of every year from 2026 to 2040" is paid in each of them.
  const isEach = streams.length > 0 && scope.before(first, 1)[0]?.plain === "from";
  const count = second.quantity.value - first.quantity.value + (isEach ? 1 : 0);
  return count > 0
    ? [{ iso: timesSpan(count, "P1Y"), marks: [first, second], isAsked: false }]
    : [];
}
