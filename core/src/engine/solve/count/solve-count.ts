import { issue } from "../../issues/issue";
import { LIMITS } from "../../problem/limits";
import { fail, succeed } from "../../result";
import { settleFlows } from "../../timeline/settle-timeline";
import { focalOf } from "../../timeline/focal";
import { accumulationOf } from "../../timeline/spells";
import type { ResolvedStream, Timeline } from "../../timeline/timeline";
import { balanceByMoving } from "../balance";
import { movesWith } from "../moves-with";
import { crossingsOnGrid } from "../roots/crossings-on-grid";
import { affordableLooks } from "../roots/looks";
import { rootInBracket } from "../roots/root-in-bracket";
import { onlyRoot, type Solver } from "../solver";
import { checkConvergence } from "../worth";
import { whyNoCount } from "./why-no-count";

/** The most payments checked one by one if the balance may turn: 50 years of daily payments. */
const MOST_SCANNED = 18_250;

/**
 * The number of payments, as the real n of the closed form. `whole-payments.ts` has the whole payments.
 *
 * The balance is monotone in n, so its root is the only one, in two cases: only the payments depend on n; or
 * they are level, and everything that moves with n does so under one rate. Otherwise each number of payments
 * is checked in turn, and the first n that balances is the answer.
 */
export const solveCount: Solver<"count"> = ({ timeline, unknown, effort }) => {
  const index = unknown.field.line;
  const stream = timeline.flows[index];
  if (stream?.kind !== "stream") throw new TypeError("The unknown count has no stream");
  // Spells that start at the end of the stream are in order only once its length is known.
  const growth = accumulationOf(timeline.spells, 1);
  if (!growth.ok) return growth;
  const converges = checkConvergence(
    settleFlows(timeline.flows, 1),
    growth.value,
    focalOf(timeline, 1),
  );
  if (!converges.ok) return converges;
  const balance = balanceByMoving(timeline);
  const atStart = Math.sign(balance(LEAST_COUNT));
  if (atStart === 0 || Number.isNaN(atStart))
    return fail(issue("nothing-to-balance", unknown.path, {}));
  const monotone = isMonotone(timeline, index, stream);
  const most = timeline.focal === null ? LIMITS.payments : MOST_SCANNED;
  const looks = monotone ? most : affordableLooks(timeline, MOST_SCANNED, effort);
  const count = monotone ? onlyCount(balance, atStart, most) : firstCount(balance, looks);
  if (count === null) return fail(whyNoCount(timeline, unknown.path, stream, atStart, looks));
  const answer = { value: count, unit: "payments" } as const;
  return succeed(onlyRoot(count, answer, monotone ? "monotone" : "every-payment"));
};

const LEAST_COUNT = 1e-9;

function isMonotone(timeline: Timeline, index: number, stream: ResolvedStream): boolean {
  const { spells, flows, focal } = timeline;
  const othersMove =
    (focal?.perUnknown ?? 0) !== 0 ||
    flows.some((flow, place) => place !== index && movesWith(flow)) ||
    spells.some(({ start }) => start.perUnknown !== 0);
  const { growth } = stream;
  // Rising payments never change sign. Falling ones may, and then undo what the earlier ones paid.
  const turns = growth?.by === "amount" && growth.figure.known * stream.amount.known < 0;
  if (!othersMove) return !turns;
  return focal === null && spells.length === 1 && stream.growth === null;
}

function onlyCount(
  balance: (count: number) => number,
  atStart: number,
  most: number,
): number | null {
  let near = LEAST_COUNT;
  for (let far = 1; near < most; far *= 2) {
    const count = Math.min(far, most);
    const sign = Math.sign(balance(count));
    if (Number.isNaN(sign)) return null;
    if (sign !== atStart) return rootInBracket(balance, near, count);
    near = count;
  }
  return null;
}

function firstCount(balance: (count: number) => number, looks: number): number | null {
  const [first] = crossingsOnGrid(
    (count) => balance(count === 0 ? LEAST_COUNT : count),
    looks,
    1,
    1,
  );
  return first ?? null;
}
