import { askIn, type Ask } from "../asked/ask";
import type { Mark } from "../marks/mark";
import { agesIn, type AgeFact } from "./ages";
import { askInContext, askOfMoney } from "./ask-in-context";
import { countedBy } from "./how-many";
import { firstAmount, firstNamed, grownStream, untoldGrowth } from "./growth";
import { amountsIn, type AmountFact } from "./amounts";
import { addDetails } from "./details";
import { paymentsIn } from "./payments";
import type { PaymentsFact } from "./payments-fact";
import { PAYMENT_NOUN, percentsIn, type PercentFact } from "./rates";
import { isMoney, isName, wordsOf, type Scope } from "./scope";

/** What a text tells, before it is made a problem. */
export interface Facts {
  readonly scope: Scope;
  readonly percents: readonly PercentFact[];
  readonly streams: readonly PaymentsFact[];
  readonly amounts: readonly AmountFact[];
  readonly ages: readonly AgeFact[];
  readonly ask: Ask | null;
  readonly currency: string | null;
}

export function factsIn(scope: Scope): Facts {
  const percents = percentsIn(scope);
  const ask = askOfMoney(
    scope,
    percents,
    askIn(scope, new Set(percents.flatMap(({ marks }) => marks))),
  );
  const streams = streamsIn(scope, percents, ask);
  const growth = untoldGrowth(scope, ask);
  const isGrowthAsked = growth !== null && streams.length > 0;
  if (isGrowthAsked) openGrowth(streams, growth);
  const taken = new Set<Mark>([
    ...streams.flatMap(({ marks }) => marks),
    ...percents.flatMap(({ marks }) => marks),
  ]);
  const amounts = adopted(scope, streams, withoutFace(scope, amountsIn(scope, taken)), ask);
  return {
    scope,
    percents,
    streams,
    amounts,
    ages: agesIn(scope),
    ask:
      ask !== null && isGrowthAsked
        ? { ...ask, kind: "growth" }
        : askInContext(ask, { scope, percents, streams, amounts }),
    currency: currencyIn(scope),
  };
}

/** "A $1,000 bond pays … and $1,000 then": what it is called by is what it pays at the end. */
function withoutFace(scope: Scope, amounts: readonly AmountFact[]): readonly AmountFact[] {
  return amounts.filter(
    (one) =>
      !isName(scope, one.mark) ||
      !amounts.some((other) => other !== one && other.amount === one.amount && other.at !== null),
  );
}

/** "How many payments clear it if each is $1,200?": an amount that is told apart from how often it is paid. */
function adopted(
  scope: Scope,
  streams: readonly PaymentsFact[],
  amounts: readonly AmountFact[],
  ask: Ask | null,
): readonly AmountFact[] {
  const stream = streams.find(({ amount }) => amount === null);
  if (stream === undefined || ask?.kind === "payment" || stream.growth !== null) return amounts;
  const again = amountOfAgain(scope, stream, amounts);
  const found =
    again ??
    amounts.find(({ mark, role, at }) => {
      const before = scope.before(mark, 3).map(({ word }) => word);
      const isEach = before.includes("each") || scope.after(mark, 1)[0]?.word === "each";
      const isPaid = /^(?:paid|deposited|saved|withdrawn|repaid)$/.test(
        scope.after(mark, 2)[1]?.word ?? "",
      );
      const isOf =
        /^(?:of|is|are|were|be)$/.test(before[0] ?? "") && PAYMENT_NOUN.test(before[1] ?? "");
      return at === null && (isEach || isOf || isPaid) && role !== "loan";
    });
  if (found === undefined) return amounts;
  stream.amount = found.amount;
  stream.amountMark = found.mark;
  stream.marks.push(found.mark);
  return amounts.filter((amount) => amount !== found);
}

const AGAIN = / (?:do|does|did|done|doing) (?:so|this|that|the same|it) /;

/** "She pays in £300. She does so every year": the amount of the sentence before. */
function amountOfAgain(
  scope: Scope,
  { marks: [cue] }: PaymentsFact,
  amounts: readonly AmountFact[],
): AmountFact | undefined {
  const isAgain = cue !== undefined && AGAIN.test(wordsOf(scope.sentence(cue)));
  const before = amounts.filter(
    ({ mark }) => cue !== undefined && mark.sentence === cue.sentence - 1,
  );
  return isAgain && before.length === 1 ? before[0] : undefined;
}

function streamsIn(
  scope: Scope,
  percents: readonly PercentFact[],
  ask: Ask | null,
): PaymentsFact[] {
  const found = paymentsIn(scope, percents);
  const isOne = ask?.marks.some(({ phrase }) => phrase?.as === "ago") === true;
  const grown = found.length === 0 && !isOne ? grownStream(scope, percents, ask) : null;
  const streams = grown === null ? found : [grown];
  addDetails(scope, streams, percents);
  for (const stream of streams) {
    addFirstAmount(scope, stream, ask);
    multiply(scope, stream);
  }
  return streams;
}

/** "Two prizes of £300 each, every year": so many times the amount is paid at a time. */
function multiply(scope: Scope, stream: PaymentsFact): void {
  const { amount, amountMark, marks } = stream;
  const counted = amountMark === null ? null : countedBy(scope, amountMark);
  const times = counted?.quantity;
  if (amount === null || counted === null || times?.is !== "number" || marks.includes(counted))
    return;
  stream.amount = Number((amount * times.value).toPrecision(15));
  marks.push(counted);
}

/** Of payments that grow, the first is told by itself: "£6,000 today … goes up by £250 each year". */
function addFirstAmount(scope: Scope, stream: PaymentsFact, ask: Ask | null): void {
  const isGrowthAsked = untoldGrowth(scope, ask) !== null;
  const grows = stream.growth !== null || isGrowthAsked;
  // "An equal amount, rising by £5 a year": it is the first that is asked for.
  const isAsked = (stream.isOpen || ask?.kind === "payment") && !isGrowthAsked;
  if (!grows || isAsked || stream.amount !== null) return;
  const named = firstNamed(scope);
  if (named?.quantity?.is === "money") {
    stream.amount = named.quantity.value;
    stream.amountMark = named;
    stream.marks.push(named);
    return;
  }
  const first = firstAmount(scope, null);
  if (first === null || stream.marks.includes(first.mark)) return;
  stream.amount = first.value;
  stream.amountMark = first.mark;
  stream.marks.push(first.mark, first.when);
  if (stream.timing === null) stream.first ??= first.first;
}

function openGrowth(streams: readonly PaymentsFact[], growth: "percent" | "amount"): void {
  const stream = streams.find((one) => one.growth === null);
  if (stream !== undefined)
    stream.growth = growth === "percent" ? { percent: null } : { amount: null };
}

/** The currency of the first amount that names one. */
function currencyIn(scope: Scope): string | null {
  for (const { quantity } of scope.marks.filter(isMoney)) {
    if (quantity?.is === "money" && quantity.currency !== null) return quantity.currency;
  }
  return null;
}
