import { constant, theUnknown, valueAt, type Affine } from "../numbers/affine";
import { issue } from "../issues/issue";
import type { Problem, Rate } from "../problem/schema";
import type { Accumulation } from "../rates/accumulation";
import { forceOfInterest } from "../rates/force-of-interest";
import { quotationOf } from "../rates/quotation";
import { fail, succeed, type Result } from "../result";
import { yearsOf } from "../time/duration";
import type { Spell, Timeline } from "./timeline";

/** The rate spells of a checked problem, their references followed. */
export function resolveSpells(problem: Problem): Result<Spell[]> {
  const spells: Spell[] = [];
  for (const [index, rate] of problem.rates.entries()) {
    const { from } = rate;
    if (from !== undefined && typeof from !== "string") {
      return fail(issue("not-solved-yet", ["rates", index, "from"], { what: "stream" }));
    }
    spells.push({
      start: from === undefined ? 0 : yearsOf(from),
      quotation: quotationOf(rate),
      percent: resolvePercent(problem.rates, rate.percent),
    });
  }
  return succeed(spells);
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
 * How money grows on a timeline once its unknown percent, if it has one, is given a value.
 * Fails with `rate-too-low` where a rate is −100 % per period or less.
 */
export function accumulationOf(timeline: Timeline, unknownPercent = 0): Result<Accumulation> {
  const forces: number[] = [];
  for (const [index, { percent, quotation }] of timeline.spells.entries()) {
    const figure = valueAt(percent, unknownPercent);
    const force = forceOfInterest(figure, quotation);
    if (force === null) {
      const path = ["rates", index, "percent"];
      return fail(issue("rate-too-low", path, { percent: figure, quotation }));
    }
    forces.push(force);
  }
  return succeed({ starts: timeline.spells.map(({ start }) => start), forces });
}
