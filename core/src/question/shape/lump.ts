import type { Flow, Position, Rate } from "../../engine/problem/schema";
import type { AmountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import { spareTimes, type TimeFact } from "../facts/times";
import { isBreak, until, wordsOf } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { withFollowUp } from "./follow-up";
import { multiplesIn } from "./multiples";
import { pastFlows } from "./past";
import { interestOf, ratesOf, togetherOf } from "./rates";
import {
  amountUses,
  blanksOf,
  complete,
  lacking,
  problemOf,
  STAND_IN,
  type Choices,
  type MissingCode,
  type Shape,
  type Use,
  usesOf,
} from "./shape";

/** A question about money that is moved once: one amount now, one later. */
export function lump(facts: Facts, choices: Choices): Shape {
  const kind = facts.ask?.kind ?? "amount";
  const rates = ratesOf(facts, null, null, choices);
  const uses: Use[] = [...rates.uses];
  const past = rates.isAsked || rates.isMissing ? null : pastFlows(facts, isReceivedFirst(facts));
  if (past !== null) {
    const problem = problemOf({ rates: rates.rates, flows: past.flows, currency: facts.currency });
    return complete(problem, [...uses, ...past.uses], rates.assumptions);
  }
  const [now, later] = nowAndLater(facts);
  if (now === null && later === null)
    return lacking([...(rates.isMissing ? ["rate" as const] : []), "amount"]);
  const isTimeAsked = kind === "time" || kind === "count";
  const time = isTimeAsked ? null : timeOf(facts, now, later);
  const missing: MissingCode[] = [];
  if (rates.isMissing) missing.push("rate");
  if (time === null && !isTimeAsked) missing.push("time");
  if ((isTimeAsked || rates.isAsked) && (now === null || later === null)) missing.push("amount");
  if (now !== null) uses.push(...amountUses(now, "now"));
  if (later !== null) uses.push(...amountUses(later, "later"));
  if (time !== null) uses.push(...usesOf(time.marks, "time", { flow: "later", field: "when" }));
  const isTurned = isReceivedFirst(facts);
  const single = (
    id: string,
    fact: AmountFact | null,
    direction: "in" | "out",
    at: Position,
  ): Flow => ({
    id,
    kind: "single",
    direction,
    amount: fact?.amount ?? null,
    at,
  });
  const start = single("now", now, isTurned ? "in" : "out", "P0D");
  const isTimeBlank = missing.includes("time");
  const at = isTimeBlank ? "P1Y" : (time?.iso ?? null);
  const end = single("later", later, isTurned ? "out" : "in", at);
  const isValue = kind === "present" && now === null;
  const usual: readonly Rate[] = rates.isMissing
    ? [{ percent: STAND_IN, quoted: "effective" }]
    : rates.rates;
  const problem = problemOf({
    rates: usual,
    flows: isValue ? [end] : [start, end],
    ...(isValue ? { ask: { find: "value", at: "P0D" } } : {}),
    currency: facts.currency,
  });
  if (missing.length > 0) {
    const told = { uses, assumptions: rates.assumptions };
    const blanks = blanksOf(missing);
    return lacking(missing, blanks === null ? told : { ...told, partial: { problem, blanks } });
  }
  return withFollowUp(facts, complete(problem, uses, rates.assumptions));
}

/** The time of an amount itself, else the likeliest of the question. */
function timeOf(facts: Facts, now: AmountFact | null, later: AmountFact | null): TimeFact | null {
  for (const amount of [later, now]) {
    const isTimed =
      amount?.at !== null && amount?.at !== undefined && amount.at !== "P0D" && amount.at !== "end";
    if (isTimed) return { iso: amount.at, marks: [], isAsked: false };
  }
  const together = togetherOf(facts);
  const isTold =
    facts.ask?.marks.some(({ phrase }) => phrase?.kind === "when" && phrase.as !== "now") ?? false;
  const told = spareTimes(facts, new Set<Mark>(interestOf(facts).flatMap(({ marks }) => marks)))[0];
  // "… for three years and … for the next four: what is there at the end of the seven years?"
  if (together !== null && told?.iso === together.iso)
    return { ...told, marks: [...told.marks, ...together.marks] };
  if (together !== null && !isTold) return { ...together, isAsked: false };
  const taken = new Set<Mark>([
    ...(now?.marks ?? []),
    ...(later?.marks ?? []),
    ...interestOf(facts).flatMap(({ marks }) => marks),
  ]);
  return spareTimes(facts, taken)[0] ?? null;
}

/** What is there first and what becomes of it; what is asked for is `null`. */
function nowAndLater(facts: Facts): [AmountFact | null, AmountFact | null] {
  const kind = facts.ask?.kind ?? "amount";
  const { amounts } = facts;
  const isBothKnown = kind === "time" || kind === "count" || kind === "rate";
  if (isBothKnown) {
    const told = multiplesIn(facts) ?? askedPair(facts);
    if (told !== null) return told;
    const [first = null, second = null] = inOrder(amounts);
    return [first, second === null || first === null ? second : withInterest(facts, first, second)];
  }
  if (amounts.length === 0) return [null, null];
  if (kind === "present" || kind === "start") return [null, inOrder(amounts).at(-1) ?? null];
  const [only] = amounts;
  if (amounts.length === 1 && only !== undefined)
    return isLaterAmount(only, kind) && !isWithInterest(facts, only) ? [null, only] : [only, null];
  return [firstOfSeveral(amounts), null];
}

/** "When will the €20,000 have become €25,000?", whatever else there is. */
function askedPair({ ask, amounts }: Facts): [AmountFact, AmountFact] | null {
  const asked = amounts.filter(({ mark }) => ask?.marks.includes(mark) === true);
  const [first, second] = asked;
  const isPair = amounts.length > 2 && asked.length === 2;
  return isPair && first !== undefined && second !== undefined ? [first, second] : null;
}

/** "To earn £400 interest": what is there later is that much more. */
function withInterest({ scope }: Facts, first: AmountFact, second: AmountFact): AmountFact {
  const behind = scope
    .after(second.mark, 3)
    .map(({ word, text }) => (text.endsWith("interest") ? "interest" : word));
  const isInterest =
    behind[0] === "interest" ||
    (/^(?:of|in)$/.test(behind[0] ?? "") && behind[1] === "interest") ||
    (behind[0] === "of" && behind[2] === "interest");
  const [verb] = scope.before(second.mark, 1);
  // "The interest on £9,000 came to £1,350."
  const isCome = / interest on (?:\S+ ){1,8}?(?:came|comes|amounted|amounts) to $/.test(
    wordsOf([...scope.before(second.mark, 12)].reverse()),
  );
  const isEarned = isInterest || isCome || /^(?:earned|earns?|earning)$/.test(verb?.word ?? "");
  return isEarned ? { ...second, amount: first.amount + second.amount } : second;
}

/** "£3,600 matures in 27 months with interest at 4%": what is told is there now, and earns until then. */
function isWithInterest({ scope }: Facts, { mark }: AmountFact): boolean {
  return / (?:with|plus) interest (?:at|of) /.test(wordsOf(scope.sentence(mark)));
}

function isLaterAmount({ at, role, marks }: AmountFact, kind: string): boolean {
  if (at === "end") return kind !== "future";
  const isTimed = at !== null && at !== "P0D";
  // "A debt of R9,000, due in two years" is not there today.
  const isDue = marks.some(({ text }) => /^(?:due|payable) /.test(text));
  if (isTimed && isDue && kind !== "future") return true;
  // "The interest on £500 in 4 years" is earned from now on.
  return (
    kind !== "future" &&
    kind !== "interest" &&
    isTimed &&
    !["loan", "deposit", "fund"].includes(role ?? "")
  );
}

/** What is kept or put away, and not what something else would cost. */
function firstOfSeveral(amounts: readonly AmountFact[]): AmountFact | null {
  const own = ({ scores }: AmountFact) =>
    (scores.get("fund") ?? 0) +
    (scores.get("deposit") ?? 0) +
    (scores.get("loan") ?? 0) -
    (scores.get("price") ?? 0) -
    (scores.get("goal") ?? 0);
  return [...amounts].sort((one, other) => own(other) - own(one))[0] ?? null;
}

function inOrder(amounts: readonly AmountFact[]): AmountFact[] {
  return [...amounts]
    .sort((one, other) => placeIn(one) - placeIn(other) || one.mark.index - other.mark.index)
    .slice(0, 2);
}

/** What was there long ago comes first, what something is sold for after that, and what has a time of its own last. */
function placeIn({ at, since, role }: AmountFact): number {
  if (since !== undefined) return 0;
  if (at !== null && at !== "P0D") return 3;
  return role === "final" ? 2 : 1;
}

const OWES = / (?:loan|borrow|borrows|borrowed|owes|owe|owed|card|repay|repays|repaid) /;
const LENDS = / (?:invests?|invested|deposits?|deposited|saves?|lends?|note|holds) /;

/** A borrower gets first and pays later, and so does who sells a claim. */
function isReceivedFirst({ scope, ask, amounts }: Facts): boolean {
  const words = scope.words;
  if (
    / (?:get for|sells? it|sells? (?:the|this|her|his)|raise on|sold) /.test(
      wordsOf(ask?.marks ?? []),
    )
  )
    return true;
  // "He will pay them with the £2,150 that he gets in 3 years."
  const isGot = amounts.some(({ mark }) => {
    const around = [...scope.before(mark, 3), ...until(scope.after(mark, 4), isBreak)];
    return around.some(({ word }) => /^(?:gets?|receives?|inherits?)$/.test(word));
  });
  return OWES.test(words) && !LENDS.test(words) && !isGot;
}
