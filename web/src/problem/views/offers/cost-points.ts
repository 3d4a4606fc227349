import { momentsOf, whenHeld, type ScheduleRun } from "@kestrelmoor/core";
import { roundTicks, type RoundTicks } from "../../../charts/round-ticks";

/** A holding time, and what each loan costs a year then, by its place. */
export type CostPoint = Readonly<Record<`cost${number}`, number | null>> & {
  readonly years: number;
};

/** The effective yearly cost of each loan over the time for which it is held, at moments of a payment. */
export function costPoints(runs: readonly (ScheduleRun | null)[], frequency: number): CostPoint[] {
  const longest = Math.max(0, ...runs.map((run) => run?.schedule.rows.at(-1)?.time ?? 0));
  const last = Math.max(1, Math.round(longest * frequency));
  const step = Math.max(1, Math.ceil(last / momentsOf(last)));
  const payments = new Set([1]);
  for (let payment = step; payment < last; payment += step) payments.add(payment);
  payments.add(last);
  return [...payments].map((payment) => {
    const years = payment / frequency;
    const costs = runs.map((run, place) => [
      `cost${place}`,
      run === null ? null : (whenHeld(run, years)?.effectivePercent ?? null),
    ]);
    return { years, ...Object.fromEntries(costs) } as CostPoint;
  });
}

/**
 * How far up the picture goes: a fee makes the first months dearer than anything that follows, and would
 * press all else flat.
 */
export function costScale(points: readonly CostPoint[], count: number): RoundTicks {
  const costs = (of: readonly CostPoint[]) =>
    of.flatMap((point) =>
      Array.from({ length: count }, (_, place) => point[`cost${place}`] ?? null).filter(
        (cost) => cost !== null,
      ),
    );
  const all = costs(points);
  const later = costs(points.slice(Math.floor(points.length / 8)));
  const [low, high] = [Math.min(...all), Math.max(...later)];
  const room = Math.max(0.1, (high - low) / 8);
  return roundTicks(low - room, high + room);
}
