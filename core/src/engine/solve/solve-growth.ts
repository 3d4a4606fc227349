import { runsOf } from "../flows/flow-kinds";
import { issue } from "../issues/issue";
import { fail, succeed } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { focalOf } from "../timeline/focal";
import { accumulationOf } from "../timeline/spells";
import type { ResolvedStream } from "../timeline/timeline";
import { balanceAt } from "./balance";
import { rootInBracket } from "./roots/root-in-bracket";
import { onlyRoot, type Solver } from "./solver";
import { checkConvergence } from "./worth";

/** The largest ln(1 + g) whose growth rate fits in a double. */
const LARGEST_LOG_GROWTH = 16;

/** ln(1 + g) below minus this is −100% to the last bit. */
const LARGEST_SHRINKING = 36;

/**
 * The percentage by which payments grow. All payments of a stream have one sign, so their value only rises with
 * their growth and balances the rest at most once. Solved in γ = ln(1 + g), which has no lower end.
 *
 * Accuracy: relative 1e-12 if the problem itself has that many digits.
 */
export const solveGrowth: Solver<"growth"> = ({ timeline, unknown }) => {
  const growth = accumulationOf(timeline.spells, 0);
  if (!growth.ok) return growth;
  const stream = timeline.flows[unknown.field.line];
  if (stream?.kind !== "stream") throw new TypeError("The unknown growth has no stream");
  const others = timeline.flows.filter((flow) => flow !== stream);
  const converges = checkConvergence(settleFlows(others, 0), growth.value, focalOf(timeline, 0));
  if (!converges.ok) return converges;
  const highest = highestLogGrowth(stream, growth.value.forces.at(-1) ?? 0);
  const balance = (logGrowth: number) => balanceAt(timeline, Math.expm1(logGrowth) * 100);
  const side = Math.sign(stream.amount.known);
  const start = Math.min(0, highest - 0.1);
  const atStart = Math.sign(balance(start));
  if (Number.isNaN(atStart) || side === 0)
    return fail(issue("nothing-to-balance", unknown.path, {}));
  const upwards = atStart !== side;
  const bracket = upwards
    ? bracketAbove(balance, start, highest, side)
    : bracketBelow(balance, start, side);
  const root = bracket === null ? null : rootInBracket(balance, bracket[0], bracket[1]);
  if (root !== null) {
    const percent = Math.expm1(root) * 100;
    return succeed(onlyRoot(percent, { value: percent, unit: "percent" }, "monotone"));
  }
  if (!takesAStep(stream)) return fail(issue("growth-has-no-effect", unknown.path, {}));
  const flows = settleFlows(timeline.flows, 0);
  const signs = new Set(flows.flatMap(runsOf).map(({ amount }) => Math.sign(amount)));
  signs.delete(0);
  if (signs.size === 1) {
    const direction = signs.has(1) ? "in" : "out";
    return fail(issue("one-way-money", unknown.path, { direction }));
  }
  return fail(issue("no-growth-balances", unknown.path, { enough: !upwards }));
};

function takesAStep({ count, growth }: ResolvedStream): boolean {
  const { steps = 1, payments = 1 } = growth ?? {};
  return Math.floor(((Math.ceil(count.known) - 1) * steps) / payments) > 0;
}

/** The growth that a perpetuity must stay below to have a present value. */
function highestLogGrowth({ count, frequency, growth }: ResolvedStream, force: number): number {
  if (count.known !== Number.POSITIVE_INFINITY) return LARGEST_LOG_GROWTH;
  const { steps = 1, payments = 1 } = growth ?? {};
  return (force * payments) / (steps * frequency);
}

type Bracket = readonly [number, number];

function bracketAbove(
  balance: (logGrowth: number) => number,
  start: number,
  highest: number,
  side: number,
): Bracket | null {
  let near = start;
  for (let width = 0.1; highest - near > Number.EPSILON; width *= 2) {
    // In steps that double, then ever closer to the end once they would pass it.
    const far = start + width < highest ? start + width : (near + highest) / 2;
    const sign = Math.sign(balance(far));
    if (Number.isNaN(sign)) return null;
    if (sign !== -side) return [near, far];
    near = far;
  }
  return null;
}

function bracketBelow(
  balance: (logGrowth: number) => number,
  start: number,
  side: number,
): Bracket | null {
  let near = start;
  for (let width = 0.1; width < LARGEST_SHRINKING; width *= 2) {
    const far = start - width;
    const sign = Math.sign(balance(far));
    if (Number.isNaN(sign)) return null;
    if (sign !== side) return [far, near];
    near = far;
  }
  return null;
}
