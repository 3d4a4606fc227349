import { issue } from "../../issues/issue";
import { LIMITS } from "../../problem/limits";
import { fail, succeed } from "../../result";
import { settleFlows } from "../../timeline/settle-timeline";
import { accumulationOf } from "../../timeline/spells";
import type { ResolvedStream, Timeline } from "../../timeline/timeline";
import { balanceAt } from "../balance";
import { movesWith } from "../moves-with";
import { crossingsOnGrid } from "../roots/crossings-on-grid";
import { affordableLooks } from "../roots/looks";
import { rootInBracket } from "../roots/root-in-bracket";
import { onlyRoot, type Solver } from "../solver";
import { checkConvergence } from "../worth";
import { whyNoCount } from "./why-no-count";

/** Payments looked at one by one where the balance may turn: 50 years of daily ones. */
const MOST_SCANNED = 18_250;

/**
 * The number of payments, as the real n of the closed form; the whole payments that go with it are in
 * `whole-payments.ts`.
 *
 * Where only the payments themselves depend on n, or all that moves does so under one rate and they are
 * level, the balance is monotone in n and its root the only one. Otherwise it is looked at payment by
 * payment, and the first n at which it balances is the answer.
 */
export const solveCount: Solver = ({ timeline, unknown, effort }) => {
  const index = Number(unknown.path[1]);
  const stream = timeline.flows[index];
  if (stream?.kind !== "stream") throw new TypeError("The unknown count has no stream");
  // Spells that wait for the end of the stream start in order only once it has a length.
  const growth = accumulationOf(timeline.spells, 1);
  if (!growth.ok) return growth;
  const converges = checkConvergence(settleFlows(timeline.flows, 1), growth.value);
  if (!converges.ok) return converges;
  const balance = (count: number) => balanceAt(timeline, count);
  const atStart = Math.sign(balance(LEAST_COUNT));
  if (atStart === 0 || Number.isNaN(atStart))
    return fail(issue("nothing-to-balance", unknown.path, {}));
  const monotone = isMonotone(timeline, index, stream);
  const looks = monotone ? LIMITS.payments : affordableLooks(timeline.flows, MOST_SCANNED, effort);
  const count = monotone ? onlyCount(balance, atStart) : firstCount(balance, looks);
  if (count === null) return fail(whyNoCount(timeline, unknown.path, stream, atStart, looks));
  const answer = { value: count, unit: "payments" } as const;
  return succeed(onlyRoot(count, answer, monotone ? "monotone" : "every-payment"));
};

const LEAST_COUNT = 1e-9;

function isMonotone({ spells, flows }: Timeline, index: number, stream: ResolvedStream): boolean {
  const othersMove =
    flows.some((flow, place) => place !== index && movesWith(flow)) ||
    spells.some(({ start }) => start.perUnknown !== 0);
  const { growth } = stream;
  // Payments that rise never turn; those that fall may, and then take away again what they brought.
  const turns = growth?.by === "amount" && growth.figure.known * stream.amount.known < 0;
  if (!othersMove) return !turns;
  return spells.length === 1 && stream.growth === null;
}

function onlyCount(balance: (count: number) => number, atStart: number): number | null {
  let near = LEAST_COUNT;
  for (let far = 1; near < LIMITS.payments; far *= 2) {
    const count = Math.min(far, LIMITS.payments);
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
