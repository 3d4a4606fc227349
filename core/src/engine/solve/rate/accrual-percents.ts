import { expandFlow, runsOf } from "../../flows/flow-kinds";
import type { SettledFlow } from "../../flows/flow-kind";
import { issue } from "../../issues/issue";
import { LIMITS } from "../../problem/limits";
import { brokenPeriods, forceBetween, NO_GROWTH, type Accrual } from "../../rates/accumulation";
import { sum } from "../../numbers/sum";
import { fail, succeed, type Result } from "../../result";
import type { Spell } from "../../timeline/timeline";
import { checkConvergence } from "../worth";
import { rootsByMonotonePieces, type Bounds, type EnclosedEquation } from "./monotone-pieces";
import type { Percents } from "./percents";
import { whyNoRate } from "./why-no-rate";

/** What one amount is worth at the focal date, as a function of the rate, and how fast that rises with it. */
interface Factor {
  readonly value: (rate: number) => number;
  readonly slope: (rate: number) => number;
  /** Rates at or below it leave nothing, or worse. */
  readonly floor: number;
}

interface Term {
  readonly amount: number;
  readonly factor: Factor;
}

/**
 * Every percent that balances flows whose interest is not compound. Each amount is moved to the focal date by a factor
 * that only rises or only falls with the rate, and so does its slope: the ends of any stretch bound both.
 *
 * Bank discount is solved for as −d: what it takes off when money goes back is then what simple interest adds.
 *
 * @param focal the focal date, in years
 */
export function accrualPercents(
  spells: readonly Spell[],
  flows: readonly SettledFlow[],
  focal: number,
): Result<Percents> {
  const accrual = spells[0]?.law.accrual ?? null;
  if (accrual === null) throw new TypeError("Compound interest has no need of a focal date");
  const still = { ...NO_GROWTH, accrual };
  const movable = checkConvergence(flows, still, focal);
  if (!movable.ok) return movable;
  const isDiscount = accrual.kind === "bank-discount";
  const terms: Term[] = flows
    .flatMap((flow) => expandFlow(flow, still))
    .filter(({ amount }) => amount !== 0)
    .map(({ amount, at }) => ({ amount, factor: factorOf(spells, accrual, at, focal) }));
  const lowest = Math.max(-HIGHEST, ...terms.map(({ factor }) => factor.floor));
  const floor = lowest + Math.abs(lowest) * LEAST_ABOVE;
  const found = rootsByMonotonePieces(equationOf(terms), terms.length, floor, HIGHEST);
  if (found === null) return fail(issue("rates-too-entangled", [], {}));
  const percents = found.map((rate) => (isDiscount ? -rate : rate));
  return percents.length === 0
    ? fail(whyNoRate(flows.flatMap(runsOf), flows))
    : succeed({ percents, completeness: "monotone-pieces" });
}

/** How far above the floor the search begins, as a part of it: at the floor itself an amount has no worth. */
const LEAST_ABOVE = 1e-9;

/** The highest figure that is searched, in percent. */
const HIGHEST = LIMITS.percent;

function factorOf(spells: readonly Spell[], accrual: Accrual, at: number, focal: number): Factor {
  const isForward = at <= focal;
  const [early, late] = isForward ? [at, focal] : [focal, at];
  if (accrual.kind === "simple-fraction") {
    const periods = brokenPeriods((late - early) * accrual.frequency);
    const factor = brokenFactor(periods, percentsPerPeriod(spells[0], accrual.frequency));
    return isForward ? factor : inverseOf(factor);
  }
  const factor = simpleFactor(linearBetween(spells, accrual, early, late));
  return isForward === (accrual.kind === "simple") ? factor : inverseOf(factor);
}

/** Interest on 1 over a stretch: a known part, and what each percent of the unknown rate adds. */
interface Linear {
  readonly known: number;
  readonly perPercent: number;
}

function linearBetween(
  spells: readonly Spell[],
  accrual: Accrual,
  early: number,
  late: number,
): Linear {
  const starts = spells.map(({ start }) => start.known);
  const between = (forces: number[]) => forceBetween({ starts, forces }, early, late);
  const sign = accrual.kind === "bank-discount" ? -1 : 1;
  return {
    known: sign * between(spells.map(({ percent }) => percent.known / 100)),
    perPercent: between(spells.map(({ percent }) => percent.perUnknown / 100)),
  };
}

/** 1 + known + perPercent·x. */
function simpleFactor({ known, perPercent }: Linear): Factor {
  return {
    value: (rate) => 1 + (known + perPercent * rate),
    slope: () => perPercent,
    floor: perPercent === 0 ? Number.NEGATIVE_INFINITY : -(1 + known) / perPercent,
  };
}

/** (1 + i)^w·(1 + i·f), with i = x over the percents that make 1 a period. */
function brokenFactor(
  { whole, fraction }: { readonly whole: number; readonly fraction: number },
  percents: number,
): Factor {
  return {
    value: (rate) => {
      const i = rate / percents;
      return Math.exp(whole * Math.log1p(i)) * (1 + i * fraction);
    },
    slope: (rate) => {
      const i = rate / percents;
      const byWhole = whole === 0 ? 0 : whole * (1 + i) ** (whole - 1) * (1 + i * fraction);
      return (byWhole + (1 + i) ** whole * fraction) / percents;
    },
    floor: whole === 0 && fraction === 0 ? Number.NEGATIVE_INFINITY : -percents,
  };
}

/** How many percent, as the rate is quoted, are a rate of 1 for each compounding period. */
function percentsPerPeriod(spell: Spell | undefined, frequency: number): number {
  return spell?.quotation.quoted === "nominal" ? 100 * frequency : 100;
}

function inverseOf({ value, slope, floor }: Factor): Factor {
  return {
    value: (rate) => 1 / value(rate),
    slope: (rate) => -slope(rate) / value(rate) ** 2,
    floor,
  };
}

function equationOf(terms: readonly Term[]): EnclosedEquation {
  const enclose = (low: number, high: number, part: "value" | "slope"): Bounds => {
    let [least, most] = [0, 0];
    for (const { amount, factor } of terms) {
      const [one, other] = [amount * factor[part](low), amount * factor[part](high)];
      least += Math.min(one, other);
      most += Math.max(one, other);
    }
    return { low: least, high: most };
  };
  return {
    value: (rate) => sum(terms.map(({ amount, factor }) => amount * factor.value(rate))),
    balance: (low, high) => enclose(low, high, "value"),
    slope: (low, high) => enclose(low, high, "slope"),
  };
}
