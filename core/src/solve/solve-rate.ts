import { expandFlow } from "../flows/flow-kinds";
import type { DatedAmount } from "../flows/flow-kind";
import { issue, type Issue, type Path } from "../issues/issue";
import { exposures, logAccumulation } from "../rates/accumulation";
import { percentFromForce } from "../rates/force-of-interest";
import { fail, succeed, type Result } from "../result";
import { accumulationOf } from "../timeline/spells";
import type { Spell, Timeline } from "../timeline/timeline";
import { linkedPercent } from "./linked-percent";
import { exponentialSumRoots, gatherTerms, signChanges } from "./roots/exponential-sum-roots";
import type { Root, Solver } from "./solver";
import { whyNoRate } from "./why-no-rate";

/** Sign changes squared times flows: beyond this, one question would keep a server busy for seconds. */
const LARGEST_SEARCH = 2_000_000;

/**
 * Every percent above −100 % per period that balances the timeline.
 *
 * Where the unknown rate rules one spell alone, the balance is a sum of exponentials in its force of
 * interest, and all its roots are found with proof that there are no others. Where other spells are
 * quoted against it, the balance is solved when the money turns once, which makes the root unique.
 */
export const solveRate: Solver = ({ timeline, unknown }) => {
  const amounts = timeline.flows.flatMap((flow) => expandFlow(flow));
  const ruled = timeline.spells.filter(({ percent }) => percent.perUnknown !== 0);
  const [spell] = ruled;
  if (spell === undefined) throw new TypeError("No rate is unknown");
  const percents =
    ruled.length === 1
      ? percentsOfOneSpell(timeline, spell, amounts)
      : linkedPercent(timeline, amounts);
  if (!percents.ok) return fail(...percents.issues.map((found) => atUnknown(found, unknown.path)));
  const [first, ...others] = percents.value.filter(Number.isFinite).map(rootAt);
  return first === undefined
    ? fail(issue("answer-too-large", unknown.path, {}))
    : succeed([first, ...others]);
};

/** An issue about the search is shown at the unknown; one about another line keeps its place. */
function atUnknown(found: Issue, path: Path): Issue {
  return found.path.length === 0 ? { ...found, path } : found;
}

function rootAt(percent: number): Root {
  return { x: percent, answer: { value: percent, unit: "percent" } };
}

function percentsOfOneSpell(
  timeline: Timeline,
  spell: Spell,
  amounts: readonly DatedAmount[],
): Result<number[]> {
  const index = timeline.spells.indexOf(spell);
  // With a force of zero in the unknown spell, the others alone discount each amount.
  const known = accumulationOf({
    ...timeline,
    spells: timeline.spells.with(index, { ...spell, percent: { known: 0, perUnknown: 0 } }),
  });
  if (!known.ok) return known;
  const logs = amounts.map(({ at }) => -logAccumulation(known.value, at));
  // A common factor changes no root; the largest discount factor as 1 lets none overflow.
  const largest = Math.max(...logs);
  const terms = gatherTerms(
    amounts.map(({ amount, at }, place) => ({
      coefficient: amount.known * Math.exp((logs[place] ?? 0) - largest),
      exponent: exposures(known.value.starts, at)[index] ?? 0,
    })),
  );
  const changes = signChanges(terms);
  if (terms.length === 0) return fail(issue("every-rate-balances", [], {}));
  if (changes === 0) return fail(whyNoRate(terms.length, amounts, timeline));
  if (changes ** 2 * terms.length > LARGEST_SEARCH) {
    return fail(issue("rate-search-too-large", [], { limit: LARGEST_SEARCH }));
  }
  const forces = exponentialSumRoots(terms);
  if (forces.length === 0) return fail(issue("no-rate-balances", [], {}));
  return succeed(forces.map((force) => percentFromForce(force, spell.quotation)));
}
