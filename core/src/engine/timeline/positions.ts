import { constant, plus, theUnknown, type Affine } from "../numbers/affine";
import type { FlowOf, Position, Problem } from "../problem/schema";
import { frequencyOf } from "../time/duration";
import { yearsOfMoment } from "../time/moment";
import { calendarOf } from "../problem/calendar-of";

/**
 * A place in time, in years from today, its references followed. It is linear in an unknown count or
 * start: what waits for the end of a stream moves with it.
 *
 * @param problem one that `readProblem` has passed: its references end
 */
export function resolvePosition(problem: Problem, position: Position): Affine {
  if (position === null) return theUnknown;
  if (typeof position === "string") return constant(yearsOfMoment(position, calendarOf(problem)));
  const stream = problem.flows.find(({ id }) => id === position.endOf);
  if (stream?.kind !== "stream") {
    throw new TypeError("A checked problem waits only for the end of a stream");
  }
  const frequency = frequencyOf(stream.every);
  const { known, perUnknown } = resolveCount(stream);
  // Divided, not scaled by an inverse: 93 weeks must be the same double as 93/52.
  const length = { known: known / frequency, perUnknown: perUnknown / frequency };
  return plus(resolvePosition(problem, stream.begins), length);
}

/** A number of payments; infinite for ever. */
export function resolveCount({ count }: FlowOf<"stream">): Affine {
  if (count === null) return theUnknown;
  return constant(count === "forever" ? Number.POSITIVE_INFINITY : count);
}
