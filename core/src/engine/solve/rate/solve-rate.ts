import type { SettledFlow } from "../../flows/flow-kind";
import { issue, type Issue, type Path } from "../../issues/issue";
import { constant } from "../../numbers/affine";
import { forceUnder, percentUnder } from "../../rates/compounding-law";
import { fail, succeed, type Result } from "../../result";
import { focalOf } from "../../timeline/focal";
import { settleFlows } from "../../timeline/settle-timeline";
import { accumulationOf } from "../../timeline/spells";
import type { Spell, Timeline } from "../../timeline/timeline";
import type { Root, Roots, Solver } from "../solver";
import { checkConvergence } from "../worth";
import { accrualPercents } from "./accrual-percents";
import { allForces } from "./all-forces";
import { linkedPercents } from "./linked-percent";
import type { Percents } from "./percents";
import { rateEquation } from "./rate-equation";
import { whyNoRate } from "./why-no-rate";

/**
 * Every percent above −100% per period that balances the timeline, or the reason why there is none.
 *
 * If the unknown rate applies to only one spell, the balance is a sum of exponentials in its force of
 * interest: see `all-forces.ts`. If other spells are quoted relative to it: see `linked-percent.ts`. Where interest
 * is not compound: see `accrual-percents.ts`.
 *
 * Accuracy: relative 1e-12 if the problem itself has that many digits.
 */
export const solveRate: Solver<"percent"> = ({ timeline, unknown }) => {
  const flows = settleFlows(timeline.flows, 0);
  if (timeline.focal !== null) return percentsAtFocal(timeline, flows, unknown.path);
  const ruled = timeline.spells.filter(({ percent }) => percent.perUnknown !== 0);
  const [spell] = ruled;
  if (spell === undefined) throw new TypeError("No rate is unknown");
  const found =
    ruled.length === 1
      ? percentsOfOneSpell(timeline.spells, spell, flows)
      : linkedPercents(timeline.spells, flows);
  return rootsOf(found, unknown.path);
};

function percentsAtFocal(
  timeline: Timeline,
  flows: readonly SettledFlow[],
  path: Path,
): Result<Roots> {
  return rootsOf(accrualPercents(timeline.spells, flows, focalOf(timeline, 0)), path);
}

function rootsOf(found: Result<Percents>, path: Path): Result<Roots> {
  if (!found.ok) return fail(...found.issues.map((one) => atUnknown(one, path)));
  const { percents, completeness } = found.value;
  const [first, ...others] = percents
    .filter(Number.isFinite)
    .sort((one, other) => one - other)
    .map(rootAt);
  return first === undefined
    ? fail(issue("answer-too-large", path, {}))
    : succeed({ roots: [first, ...others], completeness });
}

/** Shows an issue about the search at the unknown; one about another line keeps its place. */
function atUnknown(found: Issue, path: Path): Issue {
  return found.path.length === 0 ? { ...found, path } : found;
}

function rootAt(percent: number): Root {
  return { x: percent, answer: { value: percent, unit: "percent" } };
}

function percentsOfOneSpell(
  spells: readonly Spell[],
  spell: Spell,
  flows: readonly SettledFlow[],
): Result<Percents> {
  const index = spells.indexOf(spell);
  // The unknown rate is not used if only the others discount, so any figure will do.
  const known = accumulationOf(spells.with(index, { ...spell, percent: constant(0) }), 0);
  if (!known.ok) return known;
  if (index < spells.length - 1) {
    const converges = checkConvergence(flows, known.value, 0);
    if (!converges.ok) return converges;
  }
  const runs = rateEquation(flows, known.value, index);
  const found = allForces(runs);
  if (!found.ok) return found;
  const { forces, completeness } = found.value;
  const percents = forces
    .map((force) => percentUnder(force, spell.law))
    // A root so low that its percent rounds to −100 is no answer.
    .filter((percent) => !Number.isNaN(forceUnder(percent, spell.law)));
  if (percents.length === 0) return fail(whyNoRate(runs, flows));
  return succeed({ percents, completeness });
}
