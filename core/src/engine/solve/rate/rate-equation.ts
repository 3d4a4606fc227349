import { runsOf } from "../../flows/flow-kinds";
import type { SettledFlow } from "../../flows/flow-kind";
import { addWorthOfRun, paymentsBefore, type PaymentRun } from "../../flows/payment-run";
import { runOfOne } from "../../flows/run-of-one";
import { sliceRun } from "../../flows/slice-run";
import { smallest } from "../../numbers/extremes";
import { ScaledSum } from "../../numbers/scaled-sum";
import type { Accumulation } from "../../rates/accumulation";

/**
 * The balance of a timeline as a function of the force of interest in one spell: runs of payments, each timed
 * by how long it is discounted at that force. Flows before the spell are not discounted at it, and flows after
 * it all equally, so each side reduces to a single amount.
 *
 * @param growth the forces of the other spells; that of the unknown spell is ignored
 * @param index which spell is unknown
 */
export function rateEquation(
  flows: readonly SettledFlow[],
  growth: Accumulation,
  index: number,
): PaymentRun[] {
  const runs = flows.flatMap(runsOf);
  if (growth.starts.length === 1) return fromFirst(runs);
  // The first spell also holds before today.
  const start =
    index === 0
      ? Math.min(0, smallest(runs.map(({ first }) => first)))
      : (growth.starts[index] ?? 0);
  const end = growth.starts[index + 1] ?? Number.POSITIVE_INFINITY;
  const others = { ...growth, forces: growth.forces.with(index, 0) };
  const before = new ScaledSum();
  const after = new ScaledSum();
  const within: PaymentRun[] = [];
  for (const run of runs) {
    const [from, to] = [start, end].map((border) => Math.min(run.count, borderIn(run, border)));
    for (const part of sliceRun(run, 0, from ?? 0)) addWorthOfRun(part, others, start, before);
    for (const part of sliceRun(run, from ?? 0, to ?? run.count)) {
      within.push({ ...part, first: part.first - start });
    }
    for (const part of sliceRun(run, to ?? run.count, run.count)) {
      addWorthOfRun(part, others, end, after);
    }
  }
  return [
    ...(before.mantissa === 0 ? [] : [runOfOne(before.value, 0)]),
    ...within,
    ...(after.mantissa === 0 ? [] : [runOfOne(after.value, end - start)]),
  ];
}

/** What lies before today is past all the same for every force: times are counted from the first payment then. */
function fromFirst(runs: PaymentRun[]): PaymentRun[] {
  const first = smallest(runs.map((run) => run.first));
  return first < 0 ? runs.map((run) => ({ ...run, first: run.first - first })) : runs;
}

function borderIn(run: PaymentRun, border: number): number {
  return border === Number.POSITIVE_INFINITY ? border : paymentsBefore(run, border);
}

/** The balance at one force of interest, divided by its largest term: sign and roots are the same. */
export function balanceUnder(runs: readonly PaymentRun[], force: number): number {
  const growth = { starts: [0], forces: [force] };
  const sum = new ScaledSum();
  for (const run of runs) addWorthOfRun(run, growth, 0, sum);
  return sum.mantissa;
}
