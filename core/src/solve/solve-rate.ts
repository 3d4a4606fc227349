import { expandFlow } from "../flows/flow-kinds";
import type { DatedAmount } from "../flows/flow-kind";
import { issue, type Issue, type Path } from "../issues/issue";
import { exposures, logAccumulation } from "../rates/accumulation";
import { percentFromForce } from "../rates/force-of-interest";
import { fail, succeed, type Result } from "../result";
import { accumulationOf } from "../timeline/spells";
import type { Spell, Timeline } from "../timeline/timeline";
import {
  exponentialSumRoots,
  gatherTerms,
  signChanges,
  type ExponentialTerm,
} from "./roots/exponential-sum-roots";
import { rootInBracket } from "./roots/root-in-bracket";
import type { Root, Solver } from "./solver";

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
  const terms = gatherTerms(
    amounts.map(({ amount, at }) => ({
      coefficient: amount.known * Math.exp(-logAccumulation(known.value, at)),
      exponent: exposures(known.value.starts, at)[index] ?? 0,
    })),
  );
  const changes = signChanges(terms);
  if (terms.length === 0) return fail(issue("every-rate-balances", [], {}));
  if (changes === 0) return fail(whyNone(terms, amounts, timeline));
  if (changes ** 2 * terms.length > LARGEST_SEARCH) {
    return fail(issue("rate-search-too-large", [], { limit: LARGEST_SEARCH }));
  }
  const forces = exponentialSumRoots(terms);
  if (forces.length === 0) return fail(issue("no-rate-balances", [], {}));
  return succeed(forces.map((force) => percentFromForce(force, spell.quotation)));
}

function whyNone(
  terms: readonly ExponentialTerm[],
  amounts: readonly DatedAmount[],
  timeline: Timeline,
) {
  const signs = new Set(amounts.map(({ amount }) => Math.sign(amount.known)).filter(Boolean));
  if (signs.size === 1) {
    const latest = timeline.flows.reduce((late, flow) =>
      (flow.at ?? 0) > (late.at ?? 0) ? flow : late,
    );
    const direction = signs.has(1) ? ("in" as const) : ("out" as const);
    return issue("one-way-money", [], {
      direction,
      ...(timeline.flows.length > 1 ? { turn: latest.id } : {}),
    });
  }
  return terms.length === 1
    ? issue("rate-has-no-effect", [], {})
    : issue("no-rate-balances", [], {});
}

/**
 * One unknown percent in several spells. Every force rises with it; if the money changes direction
 * once, then seen from that moment what lies before only grows with the rate and what lies after only
 * shrinks: the balance is monotone and its root the only one.
 */
function linkedPercent(timeline: Timeline, amounts: readonly DatedAmount[]): Result<number[]> {
  const ordered = gatherTerms(
    amounts.map(({ amount, at }) => ({ coefficient: amount.known, exponent: at })),
  );
  const changes = signChanges(ordered);
  if (changes === 0) return fail(whyNone(ordered, amounts, timeline));
  if (changes > 1) return fail(issue("rates-too-entangled", [], {}));
  const balance = (percent: number): number => {
    const growth = accumulationOf(timeline, percent);
    if (!growth.ok) return Number.NaN;
    const logs = ordered.map(({ exponent }) => -logAccumulation(growth.value, exponent));
    const largest = Math.max(...logs);
    return ordered.reduce(
      (total, { coefficient }, index) =>
        total + coefficient * Math.exp((logs[index] ?? 0) - largest),
      0,
    );
  };
  const bracket = linkedBracket(balance, lowestPercent(timeline));
  const root = bracket === null ? null : rootInBracket(balance, bracket[0], bracket[1]);
  return root === null ? fail(issue("no-rate-balances", [], {})) : succeed([root]);
}

/** The percent at which the first of the linked spells would lose everything. */
function lowestPercent(timeline: Timeline): number {
  const floors = timeline.spells
    .filter(({ percent }) => percent.perUnknown !== 0)
    .map(({ percent, quotation }) => floorOf(quotation) - percent.known);
  return Math.max(...floors);
}

function floorOf(quotation: Spell["quotation"]): number {
  if (quotation.quoted === "continuous") return -1e5;
  // The nominal floor is −100 % times the periods in a year: what a force of −∞ comes to.
  return percentFromForce(Number.NEGATIVE_INFINITY, quotation);
}

const HIGHEST_LINKED_PERCENT = 1e7;

/** Walks outwards from 0 % until the balance has changed its sign, never reaching the floor. */
function linkedBracket(
  balance: (percent: number) => number,
  floor: number,
): readonly [number, number] | null {
  const start = Math.max(0, floor + 1);
  const sign = Math.sign(balance(start));
  if (sign === 0) return [start, start];
  for (let gap = 1, low = start; ; gap *= 2) {
    const high = start + gap;
    if (Math.sign(balance(high)) !== sign) return [low, high];
    if (high > HIGHEST_LINKED_PERCENT) break;
    low = high;
  }
  for (let share = 0.5, high = start; share > 1e-12; share /= 2) {
    const low = floor + (start - floor) * share;
    if (Math.sign(balance(low)) !== sign) return [low, high];
    high = low;
  }
  return null;
}
