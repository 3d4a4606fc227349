import type { Flow, KnownPosition } from "../../engine/problem/schema";
import type { AmountFact } from "../facts/amounts";
import type { Facts } from "../facts/facts";
import type { PaymentsFact } from "../facts/payments-fact";
import { isMoney, until, wordsOf } from "../facts/scope";
import { spareTimes } from "../facts/times";
import type { Mark } from "../marks/mark";
import { periodsIn } from "../marks/span";
import { ratesOf } from "./rates";
import { EARNING } from "./sides";
import {
  amountUses,
  complete,
  lacking,
  problemOf,
  type Assumption,
  type Choices,
  type Shape,
  type Use,
  usesOf,
} from "./shape";
import { countOf, streamOf } from "./streams";
import { wayOf } from "./uneven/ways";

/**
 * A project with payments that are repeated: outlays, what it brings in and costs each year, and what it is sold for.
 *
 * @returns `null` where neither its net present value nor its internal rate of return is asked for
 */
export function appraisal(facts: Facts, choices: Choices): Shape | null {
  const isRate =
    facts.ask?.kind === "rate" && / (?:irr|internal rate of return) /.test(askedWords(facts));
  const isValue = facts.ask?.kind === "net-value";
  const streams = facts.streams.filter(({ amount }) => amount !== null);
  const [first] = streams;
  if ((!isRate && !isValue) || first === undefined) return null;
  if (streams.some(({ growth }) => growth !== null)) return null;
  const every = first.every ?? "P1Y";
  const rates = ratesOf(facts, every, null, choices);
  const uses: Use[] = [...rates.uses];
  if (rates.isMissing) return lacking(["rate"], { uses });
  const assumptions: Assumption[] = [...rates.assumptions];
  // Of the amounts without a time the first is spent now; what another is for nobody says.
  const isLast = (amount: AmountFact) => amount.role === "final" || isSale(facts, amount);
  const [start] = facts.amounts.filter((amount) => amount.at === null && !isLast(amount));
  const amounts = facts.amounts
    .filter((amount) => amount.times.length <= 1)
    .map((amount) => (isLast(amount) ? { ...amount, role: "final" as const } : amount))
    .filter(({ at, role, mark }) => at !== null || role === "final" || mark === start?.mark);
  const flows: Flow[] = [];
  for (const [index, fact] of streams.entries()) {
    const count = countIn(facts, streams, fact, every, uses);
    if (count === null) return lacking(["time"], { uses });
    const id = `stream${String(index + 1)}`;
    const begins = beginsOf(fact, streams[index - 1] === undefined ? null : flows.at(-1), amounts);
    const plan = {
      id,
      direction: streamWay(facts, fact),
      begins,
      every: fact.every ?? every,
      count,
    };
    const read = streamOf(fact, plan, choices);
    flows.push(read.flow);
    uses.push(...read.uses);
    if (assumptions.every(({ code }) => code !== "timing")) assumptions.push(...read.assumptions);
  }
  const last = flows.at(-1)?.id ?? "";
  amounts.forEach((amount, index) => {
    const id = `amount${String(index + 1)}`;
    const at = placeOf(amount, last);
    const direction =
      amount.role === "final"
        ? "in"
        : wayOf(facts, { ...amount, at: typeof at === "string" ? at : "end" }, index);
    flows.push({ id, kind: "single", direction, amount: Math.abs(amount.amount), at });
    uses.push(...amountUses(amount, id));
  });
  const problem = problemOf({
    rates: rates.rates,
    flows,
    ...(isValue ? { ask: { find: "value", at: "P0D" } } : {}),
    currency: facts.currency,
  });
  return complete(problem, uses, assumptions);
}

function askedWords({ ask }: Facts): string {
  return wordsOf(ask?.marks ?? []);
}

/** "Then the animal is sold for £1,100." */
function isSale({ scope }: Facts, { mark }: AmountFact): boolean {
  return scope
    .before(mark, 4)
    .some(({ word }) => /^(?:sold|sale|resale|scrap|salvage)$/.test(word));
}

/** "Running costs of £500 a year" are paid; what else is told by the year comes in. */
function streamWay({ scope }: Facts, { amountMark }: PaymentsFact): "in" | "out" {
  const before = amountMark === null ? [] : until(scope.before(amountMark, 5), isMoney);
  const behind = amountMark === null ? [] : scope.after(amountMark, 3);
  const isSpent = [...before, ...behind].some(({ word }) =>
    /^(?:costs?|costing|upkeep|maintenance|expenses?|outgoings|pays?|spends?|repairs|running|fuel|insurance|rent)$/.test(
      word,
    ),
  );
  if (EARNING.test(scope.words)) return "in";
  const isSaved = before.some(({ word }) =>
    /^(?:saves?|saving|savings|less|net|receives?|income)$/.test(word),
  );
  return isSpent && !isSaved ? "out" : "in";
}

/** How many payments, told for themselves, for another stream, or by the life of the project. */
function countIn(
  facts: Facts,
  streams: readonly PaymentsFact[],
  fact: PaymentsFact,
  every: string,
  uses: Use[],
): number | "forever" | null {
  const own = countOf(fact, fact.every ?? every);
  if (own !== null) return own;
  const taken = new Set<Mark>(uses.map(({ mark }) => mark));
  const [spare] = spareTimes(facts, taken);
  if (spare !== undefined) {
    uses.push(...usesOf(spare.marks, "time"));
    return periodsIn(spare.iso, fact.every ?? every);
  }
  const other = streams.find((one) => one !== fact && countOf(one, one.every ?? every) !== null);
  return other === undefined ? null : countOf(other, fact.every ?? every);
}

/** After the payments before, or after what is spent last, where the words say that it follows. */
function beginsOf(
  { isNext, amountMark }: PaymentsFact,
  before: Flow | null | undefined,
  amounts: readonly AmountFact[],
): KnownPosition {
  if (!isNext) return "P0D";
  if (before !== null && before !== undefined) return { endOf: before.id };
  const later = amounts.findLast(
    ({ at, mark }) => at !== null && at !== "end" && mark.index < (amountMark?.index ?? 0),
  );
  return later?.at ?? "P0D";
}

/** At its own time; what is got at the end comes with the last payment. */
function placeOf({ at, role }: AmountFact, last: string): KnownPosition {
  if (at === "end" || (at === null && role === "final")) return { endOf: last };
  return at ?? "P0D";
}
