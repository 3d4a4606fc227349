import { rootInBracket } from "./root-in-bracket";

/**
 * The roots of a function at every change of sign from one point of an even grid to the next. Two roots within
 * one step of the grid are missed: callers say so.
 *
 * @param f not a number if it has no value
 * @param steps number of steps of the grid, from 0
 * @param width of each step
 * @param most how many roots are wanted
 * @returns ascending
 */
export function crossingsOnGrid(
  f: (x: number) => number,
  steps: number,
  width: number,
  most = Number.POSITIVE_INFINITY,
): number[] {
  const roots: number[] = [];
  let before = Math.sign(f(0));
  if (before === 0) roots.push(0);
  for (let step = 1; step <= steps && roots.length < most; step += 1) {
    const x = step * width;
    const sign = Math.sign(f(x));
    if (sign === 0) roots.push(x);
    else if (sign * before < 0) {
      const root = rootInBracket(f, (step - 1) * width, x);
      if (root !== null) roots.push(root);
    }
    before = sign;
  }
  return roots;
}
