import { rootInBracket } from "../roots/root-in-bracket";

/** The most terms valued in one search: about half a second of work. */
const MOST_TERMS_VALUED = 2_000_000;
/** An undecided piece this narrow, relative to its position, is taken to touch zero. */
const NARROWEST = 1e-12;

export interface Bounds {
  readonly low: number;
  readonly high: number;
}

/** A function of a percent that can be bounded over a stretch from what it is at the two ends. */
export interface EnclosedEquation {
  readonly value: (percent: number) => number;
  readonly balance: (low: number, high: number) => Bounds;
  readonly slope: (low: number, high: number) => Bounds;
}

/**
 * All roots of a function of one percent, over a range in which its bounds are known on any piece. If the bounds of
 * the function exclude zero, the piece has no root. If those of its slope exclude zero, it has at most one. Any other
 * piece is halved.
 *
 * @param terms how many terms the function has: what one look at it costs
 * @param floor percents above it are searched, up to `ceiling`
 * @returns ascending; `null` if the limit of work was reached
 * Source: R. E. Moore, Methods and Applications of Interval Analysis (1979), ch. 5
 */
export function rootsByMonotonePieces(
  equation: EnclosedEquation,
  terms: number,
  floor: number,
  ceiling: number,
): number[] | null {
  const roots: number[] = [];
  const reach = ceiling - floor;
  // Near the floor and far from it, rates are compared by ratio, not by difference.
  const percentAt = (place: number) => floor + reach * 1e-18 ** (1 - place);
  const stack: [number, number][] = [[0, 1]];
  let looked = 0;
  for (let piece = stack.pop(); piece !== undefined; piece = stack.pop()) {
    looked += 1;
    if (looked * terms > MOST_TERMS_VALUED) return null;
    const [from, to] = piece;
    const [low, high] = [percentAt(from), percentAt(to)];
    // No rate that can be written lies between them.
    if (low === high && to < 1) continue;
    if (leavesOutZero(equation.balance(low, high))) continue;
    if (leavesOutZero(equation.slope(low, high))) {
      const signs = Math.sign(equation.value(low)) * Math.sign(equation.value(high));
      const root = signs < 0 ? rootInBracket(equation.value, low, high) : null;
      if (root !== null) roots.push(root);
      else if (equation.value(low) === 0) roots.push(low);
      continue;
    }
    if (to - from < NARROWEST) {
      roots.push(low);
      continue;
    }
    const middle = (from + to) / 2;
    stack.push([middle, to], [from, middle]);
  }
  return roots;
}

function leavesOutZero({ low, high }: Bounds): boolean {
  return low > 0 || high < 0;
}
