import {
  logarithm,
  minus,
  of,
  ONE,
  plus,
  product,
  quotient,
  factorOf,
  negative,
  type Expression,
  type Quantity,
} from "../../mathematics/expression";
import { growthFactor } from "../../mathematics/factors";
import type { Composition } from "../../compose/composition";
import { chain, part, positiveFirst } from "../../compose/equation";
import type { Step } from "../../step";
import { foundStep, rearranged, step } from "../../steps";
import { signed, type CountParts } from "./count-parts";
import { unknownCount } from "./unknown-count";
import { STEP_WORDS } from "../../../../wording/teaching/step-words";
import { PART_BETWEEN, isClose } from "../../../../engine/numbers/compare";

export interface Found {
  readonly steps: readonly Step[];
  readonly count: Quantity;
}

/** Level payments: one power of 1 + i is left, and logarithms isolate its exponent. */
export function forLevel(
  composition: Composition,
  { stream, rate, isDue, owed, goal }: CountParts,
): Found | null {
  const n = of(unknownCount(composition));
  const i = of(rate);
  const payment = isDue ? product(stream.size, plus(ONE, i)) : stream.size;
  const growth = (exponent: Expression) => factorOf(growthFactor, i, exponent);
  if (owed === null) {
    // PMT·((1+i)ⁿ − 1)/i + B = 0
    const left = growth(n);
    const share = quotient(positiveFirst(signed(goal, -1, i)), payment);
    return freed(composition, i, left, share, [
      chain(
        part(quotient(product(payment, minus(left, ONE)), i), "symbols"),
        part(positiveFirst(signed(goal, -1)), "symbols"),
      ),
      chain(part(left, "symbols"), part(plus(ONE, share), "symbols")),
    ]);
  }
  // PMT·(1 − (1+i)⁻ⁿ)/i + B·(1+i)⁻ⁿ = A
  const left = growth(negative(n));
  const under = positiveFirst([{ sign: 1, of: payment }, ...signed(goal, -1, i)]);
  const share = quotient(
    product(positiveFirst([...signed(owed, 1), ...signed(goal, -1)]), i),
    under,
  );
  return freed(composition, i, left, negative(share), [
    chain(
      part(
        positiveFirst([
          { sign: 1, of: quotient(product(payment, minus(ONE, left)), i) },
          ...signed(goal, 1, left),
        ]),
        "symbols",
      ),
      part(positiveFirst(signed(owed, 1)), "symbols"),
    ),
    chain(
      part(product(under, left), "symbols"),
      part(positiveFirst([{ sign: 1, of: payment }, ...signed(owed, -1, i)]), "symbols"),
    ),
    chain(part(left, "symbols"), part(minus(ONE, share), "symbols")),
  ]);
}

/** (1+i)ⁿ or (1+i)⁻ⁿ is isolated, as 1 plus a share: logarithms bring down the exponent. */
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
    [rearranged("every-step", STEP_WORDS.solve.isolatePowerStepwise, ...lines)],
    shareQ,
  );
}

/** Growing payments against one amount: the same, with (1+g)/(1+i) as the base of the power. */
export function forGrowing(
  composition: Composition,
  { stream, rate, isDue, owed, goal }: CountParts,
  growth: Quantity,
): Found | null {
  if (goal !== null || owed === null) return null;
  const { sheet } = composition;
  const n = of(unknownCount(composition));
  const [i, g] = [of(rate), of(growth)];
  const payment = isDue ? product(stream.size, plus(ONE, i)) : stream.size;
  if (isClose(rate.value, growth.value, PART_BETWEEN.steps)) {
    const result = quotient(product(positiveFirst(signed(owed, 1)), plus(ONE, i)), payment);
    return finished(composition, result, result, [], null);
  }
  const base = quotient(plus(ONE, g), plus(ONE, i));
  const left: Expression = { op: "power", base, exponent: n };
  const share = negative(quotient(product(positiveFirst(signed(owed, 1)), minus(i, g)), payment));
  const shareQ = sheet.work(null, "factor", share);
  const whole = plus(ONE, of(shareQ));
  return finished(
    composition,
    quotient(logarithm(plus(ONE, share)), logarithm(base)),
    quotient(logarithm(whole), logarithm(base)),
    [
      rearranged(
        "every-step",
        STEP_WORDS.solve.isolatePower,
        chain(part(left, "symbols"), part(plus(ONE, share), "symbols")),
      ),
    ],
    shareQ,
  );
}

/** At a rate of zero, the payments are added. */
export function withoutRate(
  composition: Composition,
  { stream, owed, goal }: CountParts,
): Found | null {
  const top = [...signed(owed, 1), ...signed(goal, -1)];
  if (top.length === 0) return null;
  const result = quotient(positiveFirst(top), stream.size);
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
  const { solve, count: words } = STEP_WORDS;
  return {
    count,
    steps: [
      ...before,
      rearranged(
        "short",
        share === null ? words.solve : words.logarithms,
        chain(letter, part(symbols, "symbols")),
      ),
      step("numbers", "short", solve.substitute, chain(letter, part(symbols, "numbers"))),
      foundStep(
        words.calculate,
        count,
        chain(letter, part(values, "values"), part(of(count), "values")),
      ),
    ],
  };
}
