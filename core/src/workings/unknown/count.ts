import { formatFigure } from "../../wording/format-number";
import {
  logarithm,
  minus,
  number,
  of,
  ONE,
  plus,
  product,
  quotient,
  factorOf,
  negative,
  type Expression,
  type Quantity,
  type SignedTerm,
} from "../mathematics/expression";
import { growingFuture, growthFactor, levelFuture } from "../mathematics/factors";
import type { Composition } from "../compose/composition";
import { balanceInWords, chain, equationStep, otherSide, part, tidy } from "../compose/equation";
import { lineOf } from "../compose/sheet";
import { fixedAt } from "../compose/moves";
import { termsAt, type Term } from "../compose/terms";
import type { Line, Step } from "../step";
import { numericSteps } from "./numeric";

/** An unknown number of payments: by logarithms where the equation has one power, else by search. */
export function countSteps(composition: Composition): Step[] {
  const closed = byLogarithms(composition);
  if (closed !== null) return closed;
  const { solution } = composition;
  const { facts } = solution;
  const steps = numericSteps(composition, soughtCount);
  const value = solution.answers[0].value;
  const found = composition.sheet.work(unknownCount(composition).letter, "count", number(value));
  return [
    ...steps,
    {
      kind: "value",
      level: "short",
      say: "The number of payments that was found.",
      lines: [chain(part(of(found), "symbols"), part(of(found), "values"))],
      value,
    },
    ...(facts.wholePayments?.smallerLast === undefined
      ? []
      : [
          {
            kind: "value" as const,
            level: "short" as const,
            say: `Payments cannot be split: ${formatFigure(facts.wholePayments.full)} are paid in full, and one more that settles the rest.`,
            lines: [],
          },
        ]),
  ];
}

function unknownCount({ counts }: Composition): Quantity {
  const count = counts.find((one) => one?.isUnknown === true);
  if (count === null || count === undefined) throw new TypeError("An unknown count has a letter");
  return count;
}

function soughtCount(composition: Composition) {
  return {
    quantity: unknownCount(composition),
    head: "n",
    shown: (count: number) => count,
    toX: (count: number) => count,
    why: "The number of payments stands in several powers at once, and no rearrangement has it by itself: it has to be searched for.",
  };
}

/** An amount that is added or taken away. */
interface Signed {
  readonly sign: 1 | -1;
  readonly of: Quantity;
}

/** The parts of the equation at the beginning of the stream's first period. */
interface Parts {
  readonly begin: number;
  readonly stream: Term;
  /** Rate for one payment period. */
  readonly rate: Quantity;
  readonly growth: Quantity | null;
  readonly isDue: boolean;
  /** What stands against the payments at their beginning, and what waits for their end beside them. */
  readonly owed: Signed | null;
  readonly goal: Signed | null;
  readonly steps: readonly Step[];
  readonly list: readonly Term[];
}

function byLogarithms(composition: Composition): Step[] | null {
  const parts = partsOf(composition);
  if (parts === null) return null;
  const { begin, rate, growth, list, steps } = parts;
  const found =
    growth !== null
      ? forGrowing(composition, parts, growth)
      : rate.value === 0
        ? withoutRate(composition, parts)
        : forLevel(composition, parts);
  if (found === null) return null;
  return [
    balanceInWords(composition, begin),
    ...steps,
    equationStep(list, begin),
    ...found.steps,
    ...wholeSteps(composition, parts),
  ];
}

function partsOf(composition: Composition): Parts | null {
  const { solution, resolved, problem, sheet } = composition;
  const index = Number(solution.unknown.path[1]);
  const stream = solution.settled.flows[index];
  const line = problem.flows[index];
  if (stream?.kind !== "stream" || line?.kind !== "stream" || solution.settled.spells.length > 1)
    return null;
  if (stream.growth?.by === "amount" || (stream.growth !== null && stream.growth.payments > 1))
    return null;
  const begin = stream.begins;
  const moving = resolved.map((flow, place) => place !== index && movesWithCount(flow));
  const { list, steps } = termsAt(composition, fixedAt(begin));
  const own = list.find(({ flow }) => flow === index);
  if (own === undefined) return null;
  const still = list.filter(({ flow }) => flow !== index && moving[flow] !== true);
  const owed = amountOf(composition, otherSide(still, own.sign), still, "A");
  const end = { years: begin + stream.count / stream.frequency, isOpen: true };
  const atEnd = termsAt(composition, end, (place) => moving[place] === true);
  const beside = atEnd.list.map((term) => ({
    sign: (term.sign * own.sign) as 1 | -1,
    of: term.worth === null ? number(NaN) : of(term.worth),
  }));
  const goal = amountOf(composition, beside, atEnd.list, "B");
  if (atEnd.list.some(({ worth }) => worth === null) || still.some(({ worth }) => worth === null))
    return null;
  const percent = stream.growth === null ? null : (composition.growths[index] ?? null);
  const growth =
    percent === null ? null : growthEach(composition, percent, stream.growth?.steps ?? 1);
  const extra = [...madeLine(owed), ...madeLine(goal)];
  sheet.takeLines();
  return {
    begin,
    stream: own,
    rate: composition.rates.perPeriod(0, stream.frequency),
    growth,
    isDue: line.timing === "start",
    owed,
    goal,
    list,
    steps: [
      ...steps,
      ...atEnd.steps,
      ...(extra.length === 0
        ? []
        : [
            {
              kind: "term" as const,
              level: "every-step" as const,
              say: "Everything else together: A is what the payments must be worth at their beginning, B what waits for their end.",
              lines: extra,
            },
          ]),
    ],
  };
}

/** The line of an amount that several were put together in. */
function madeLine(one: Signed | null): Line[] {
  if (one === null) return [];
  const { letter, expression } = one.of;
  return letter === null || expression === null ? [] : [lineOf(one.of)];
}

function movesWithCount(flow: Composition["resolved"][number]): boolean {
  switch (flow.kind) {
    case "single":
      return flow.at.perUnknown !== 0;
    case "stream":
    case "list":
      return flow.begins.perUnknown !== 0;
    case "dated":
      return false;
  }
}

function growthEach({ sheet }: Composition, growth: Quantity, steps: number): Quantity {
  if (steps === 1) return growth;
  return sheet.define(
    sheet.letter("g", "p"),
    "rate",
    minus(factorOf(growthFactor, of(growth), number(steps)), ONE),
  );
}

/** Several amounts together get a letter of their own; one keeps its own, none is `null`. */
function amountOf(
  { sheet }: Composition,
  parts: readonly SignedTerm[],
  terms: readonly Term[],
  letter: string,
): Signed | null {
  if (terms.length === 0) return null;
  const [only] = parts;
  if (parts.length === 1 && only?.of.op === "quantity" && only.of.quantity.letter !== null) {
    return { sign: only.sign, of: only.of.quantity };
  }
  return { sign: 1, of: sheet.define(sheet.letter(letter), "money", tidy(parts)) };
}

/** Terms of a sum from amounts that may not be there. */
function signed(amount: Signed | null, sign: 1 | -1, times?: Expression): SignedTerm[] {
  if (amount === null) return [];
  const whole = times === undefined ? of(amount.of) : product(of(amount.of), times);
  return [{ sign: (amount.sign * sign) as 1 | -1, of: whole }];
}

interface Found {
  readonly steps: readonly Step[];
  readonly count: Quantity;
}

const step = (
  kind: Step["kind"],
  level: Step["level"],
  say: string,
  ...lines: Step["lines"]
): Step => ({ kind, level, say, lines });

/** Level payments: one power of 1 + i is left, and logarithms free its exponent. */
function forLevel(
  composition: Composition,
  { stream, rate, isDue, owed, goal }: Parts,
): Found | null {
  const n = of(unknownCount(composition));
  const i = of(rate);
  const payment = isDue ? product(stream.size, plus(ONE, i)) : stream.size;
  const growth = (exponent: Expression) => factorOf(growthFactor, i, exponent);
  if (owed === null) {
    // PMT·((1+i)ⁿ − 1)/i + B = 0
    const left = growth(n);
    const share = quotient(tidy(signed(goal, -1, i)), payment);
    return freed(composition, i, left, share, [
      chain(
        part(quotient(product(payment, minus(left, ONE)), i), "symbols"),
        part(tidy(signed(goal, -1)), "symbols"),
      ),
      chain(part(left, "symbols"), part(plus(ONE, share), "symbols")),
    ]);
  }
  // PMT·(1 − (1+i)⁻ⁿ)/i + B·(1+i)⁻ⁿ = A
  const left = growth(negative(n));
  const under = tidy([{ sign: 1, of: payment }, ...signed(goal, -1, i)]);
  const share = quotient(product(tidy([...signed(owed, 1), ...signed(goal, -1)]), i), under);
  return freed(composition, i, left, negative(share), [
    chain(
      part(
        tidy([
          { sign: 1, of: quotient(product(payment, minus(ONE, left)), i) },
          ...signed(goal, 1, left),
        ]),
        "symbols",
      ),
      part(tidy(signed(owed, 1)), "symbols"),
    ),
    chain(
      part(product(under, left), "symbols"),
      part(tidy([{ sign: 1, of: payment }, ...signed(owed, -1, i)]), "symbols"),
    ),
    chain(part(left, "symbols"), part(minus(ONE, share), "symbols")),
  ]);
}

/** (1+i)ⁿ or (1+i)⁻ⁿ stands alone, as 1 and a share: logarithms bring the exponent down. */
function freed(
  composition: Composition,
  i: Expression,
  left: Expression,
  share: Expression,
  lines: Step["lines"],
): Found {
  const { sheet } = composition;
  const shareQ = sheet.work(null, "factor", share);
  const discounts = left.op === "factor" && left.args[1]?.op === "sum";
  const direct = (one: Expression) => {
    const logs = quotient(logarithm(plus(ONE, one)), logarithm(plus(ONE, i)));
    return discounts ? negative(logs) : logs;
  };
  return finished(
    composition,
    direct(share),
    direct(of(shareQ)),
    [
      step(
        "rearranged",
        "every-step",
        "Bring everything but the power to the other side, one step at a time.",
        ...lines,
      ),
    ],
    shareQ,
  );
}

/** Growing payments against one amount: the same with (1+g)/(1+i) as the power's base. */
function forGrowing(
  composition: Composition,
  { stream, rate, isDue, owed, goal }: Parts,
  growth: Quantity,
): Found | null {
  if (goal !== null || owed === null) return null;
  const { sheet } = composition;
  const n = of(unknownCount(composition));
  const [i, g] = [of(rate), of(growth)];
  const payment = isDue ? product(stream.size, plus(ONE, i)) : stream.size;
  if (Math.abs(rate.value - growth.value) < 1e-11 * Math.abs(rate.value)) {
    const result = quotient(product(tidy(signed(owed, 1)), plus(ONE, i)), payment);
    return finished(composition, result, result, [], null);
  }
  const base = quotient(plus(ONE, g), plus(ONE, i));
  const left: Expression = { op: "power", base, exponent: n };
  const share = negative(quotient(product(tidy(signed(owed, 1)), minus(i, g)), payment));
  const shareQ = sheet.work(null, "factor", share);
  const whole = plus(ONE, of(shareQ));
  return finished(
    composition,
    quotient(logarithm(plus(ONE, share)), logarithm(base)),
    quotient(logarithm(whole), logarithm(base)),
    [
      step(
        "rearranged",
        "every-step",
        "Bring everything but the power to the other side.",
        chain(part(left, "symbols"), part(plus(ONE, share), "symbols")),
      ),
    ],
    shareQ,
  );
}

/** At a rate of nothing payments only add up. */
function withoutRate(composition: Composition, { stream, owed, goal }: Parts): Found | null {
  const top = [...signed(owed, 1), ...signed(goal, -1)];
  if (top.length === 0) return null;
  const result = quotient(tidy(top), stream.size);
  return finished(composition, result, result, [], null);
}

function finished(
  composition: Composition,
  symbols: Expression,
  values: Expression,
  before: readonly Step[],
  share: Quantity | null,
): Found {
  const { sheet } = composition;
  const letter = part(of(unknownCount(composition)), "symbols");
  const count = sheet.work(unknownCount(composition).letter, "count", values);
  return {
    count,
    steps: [
      ...before,
      step(
        "rearranged",
        "short",
        share === null
          ? "Solve for the number of payments."
          : "Take logarithms on both sides, which brings the exponent down.",
        chain(letter, part(symbols, "symbols")),
      ),
      step("numbers", "short", "Put the numbers in.", chain(letter, part(symbols, "numbers"))),
      {
        ...step(
          "value",
          "short",
          "Work it out: the number of payments.",
          chain(letter, part(values, "values"), part(of(count), "values")),
        ),
        value: count.value,
      },
    ],
  };
}

/** What the count comes to in whole payments: what is left after the full ones, with its interest. */
function wholeSteps(
  composition: Composition,
  { stream, rate, growth, isDue, owed, goal }: Parts,
): Step[] {
  const { solution, sheet } = composition;
  const whole = solution.facts.wholePayments;
  if (whole === undefined) return [];
  if (whole.smallerLast === undefined) {
    return [
      step(
        "value",
        "short",
        `These are ${formatFigure(whole.full)} whole payments, and nothing is left over.`,
      ),
    ];
  }
  const full = number(whole.full);
  const i = of(rate);
  // At the time of the last payment, which is one period after the last full one.
  const periods = isDue ? whole.full : whole.full + 1;
  const paid =
    whole.full === 0
      ? null
      : product(
          stream.size,
          growth === null
            ? factorOf(levelFuture, i, full)
            : factorOf(growingFuture, i, of(growth), full),
          factorOf(growthFactor, i, ONE),
        );
  const grown = (count: number) =>
    count === 0 ? undefined : factorOf(growthFactor, i, number(count));
  const expression = tidy([
    ...signed(owed, 1, grown(periods)),
    ...(paid === null ? [] : [{ sign: -1 as const, of: paid }]),
    ...signed(goal, -1, grown(isDue ? -1 : 0)),
  ]);
  sheet.takeLines();
  const last = sheet.define(sheet.letter("L"), "money", expression);
  const lines = sheet.takeLines();
  return [
    {
      kind: "value",
      level: "short",
      say: `Payments cannot be split: ${formatFigure(whole.full)} are paid in full, and payment ${formatFigure(whole.full + 1)} is what is still missing then.`,
      lines,
      value: last.value,
    },
  ];
}
