import { constant, theUnknown, valueAt, type Affine } from "../numbers/affine";
import { issue } from "../issues/issue";
import type { Problem, Rate } from "../problem/schema";
import type { Accumulation } from "../rates/accumulation";
import { compoundingLaw, forceUnder, highestPercent } from "../rates/compounding-law";
import { isCompound, quotationOf } from "../rates/quotation";
import { fail, succeed, type Result } from "../result";
import { resolvePosition } from "./positions";
import type { Spell } from "./timeline";

/** The rate spells of a checked problem, their references followed. */
export function resolveSpells(problem: Problem): Spell[] {
  return problem.rates.map((rate) => {
    const quotation = quotationOf(rate);
    return {
      start: rate.from === undefined ? constant(0) : resolvePosition(problem, rate.from),
      quotation,
      law: compoundingLaw(quotation, problem.fraction),
      percent: resolvePercent(problem.rates, rate.percent),
    };
  });
}

function resolvePercent(rates: readonly Rate[], percent: Rate["percent"]): Affine {
  if (percent === null) return theUnknown;
  if (typeof percent === "number") return constant(percent);
  const referred = rates[percent.of];
  if (referred === undefined) throw new TypeError("A checked problem refers only to rates it has");
  const base = resolvePercent(rates, referred.percent);
  return { ...base, known: base.known + percent.plus };
}

/**
 * How money grows once the unknown, if the rates depend on it, is given a value.
 * Fails with `rate-too-low` where a rate is −100 % per period or less, with `discount-too-high` where a compound
 * discount takes everything, and with `rates-out-of-order` where a spell that waits for the end of a stream would start before the one in front of it.
 */
export function accumulationOf(spells: readonly Spell[], unknown: number): Result<Accumulation> {
  const starts: number[] = [];
  const forces: number[] = [];
  const accrual = spells[0]?.law.accrual ?? null;
  for (const { start, percent, law, quotation } of spells) {
    const index = starts.length;
    const figure = valueAt(percent, unknown);
    const force = isCompound(quotation) ? forceUnder(figure, law) : figure / 100;
    if (Number.isNaN(force)) {
      const path = ["rates", index, "percent"];
      const isTooHigh = figure >= highestPercent(law);
      const code = isTooHigh ? "discount-too-high" : "rate-too-low";
      return fail(issue(code, path, { percent: figure, quotation }));
    }
    const from = valueAt(start, unknown);
    if (index > 0 && from <= (starts[index - 1] ?? 0)) {
      return fail(issue("rates-out-of-order", ["rates", index, "from"], {}));
    }
    starts.push(from);
    forces.push(force);
  }
  return succeed(accrual === null ? { starts, forces } : { starts, forces, accrual });
}
