import { constant, plus, scale, theUnknown, type Affine } from "../numbers/affine";
import type { Amount, Direction, Flow, Problem } from "../problem/schema";

/** +1 for money in, −1 for money out. */
export function signOf(direction: Direction): 1 | -1 {
  return direction === "in" ? 1 : -1;
}

/**
 * An amount with its references followed, in its own direction (not signed), linear in the unknown.
 * An amount that refers to another takes a part of that other's size, whatever its direction, and some more or less.
 *
 * @param problem one that `readProblem` has passed: its references end
 */
export function resolveAmount(problem: Problem, amount: Amount): Affine {
  if (amount === null) return theUnknown;
  if (typeof amount === "number") return constant(amount);
  const other = problem.flows.find(({ id }) => id === amount.of);
  const multiple = scale(resolveAmount(problem, sizeOf(other)), amount.times);
  return amount.plus === undefined ? multiple : plus(multiple, constant(amount.plus));
}

/**
 * An entry of a list, which carries its own sign. One that refers to another flow has that flow's
 * direction: a list has none of its own to give it.
 */
export function resolveSignedAmount(problem: Problem, amount: Amount): Affine {
  if (amount === null || typeof amount === "number") return resolveAmount(problem, amount);
  const other = problem.flows.find(({ id }) => id === amount.of);
  const sign = other !== undefined && "direction" in other ? signOf(other.direction) : 1;
  return scale(resolveAmount(problem, amount), sign);
}

function sizeOf(flow: Flow | undefined): Amount {
  if (flow?.kind === "single" || flow?.kind === "stream") return flow.amount;
  throw new TypeError("A checked problem refers only to flows that have an amount");
}
