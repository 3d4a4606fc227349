import { dateOfAmount } from "../flows/amount-date";
import { constant, valueAt, type Affine } from "../numbers/affine";
import type { Problem } from "../problem/schema";
import { listUnknowns } from "../problem/unknown";
import { resolvePosition } from "./positions";
import type { ResolvedFlow, Spell, Timeline } from "./timeline";

/**
 * The focal date of a problem whose answer depends on it: its own; else the date of the value that is asked for, or
 * of the unknown amount where that is a single one; else today.
 *
 * @returns `null` where interest is compound, and any date gives the same answer
 */
export function resolveFocal(
  problem: Problem,
  spells: readonly Spell[],
  flows: readonly ResolvedFlow[],
): Affine | null {
  if (spells[0]?.law.accrual === null) return null;
  if (problem.ask !== undefined) return resolvePosition(problem, problem.ask.at);
  if (problem.focal !== undefined) return resolvePosition(problem, problem.focal);
  const [unknown] = listUnknowns(problem);
  if (unknown?.kind !== "amount") return constant(0);
  const own = flows[unknown.field.line];
  if (own === undefined || own.kind === "stream") return constant(0);
  return constant(dateOfAmount(own, unknown.field.entry, ({ known }) => known));
}

/** The date at which the equation of value is set up: the focal date, or today where any date will do. */
export function focalOf({ focal }: Pick<Timeline, "focal">, unknown: number): number {
  return focal === null ? 0 : valueAt(focal, unknown);
}
