import type { SettledFlow } from "../flows/flow-kind";
import { issue } from "../issues/issue";
import { LIMITS } from "../problem/limits";
import type { Accumulation } from "../rates/accumulation";
import { fail, succeed, type Result } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { focalOf } from "../timeline/focal";
import { accumulationOf } from "../timeline/spells";
import { balanceByMoving } from "./balance";
import { datesThatBalance } from "./dates-that-balance";
import { movesWith } from "./moves-with";
import { crossingsOnGrid } from "./roots/crossings-on-grid";
import { affordableLooks } from "./roots/looks";
import type { Question, Roots, Solver } from "./solver";
import { checkConvergence, worthAt } from "./worth";

/** The grid on which starts are searched if several rates apply: every month. */
const STARTS_A_YEAR = 12;

/** When a stream or a list must begin, and with it everything that starts at its end. */
export const solveBegins: Solver<"begins"> = (question) => {
  const { spells, flows } = question.timeline;
  const growth = accumulationOf(spells, 0);
  if (!growth.ok) {
    // A spell that starts after these payments may be too early for a start today, but not for a later one.
    const never = growth.issues.some(({ code }) => code === "rate-too-low");
    return never ? growth : underSeveralRates(question);
  }
  const settled = settleFlows(flows, 0);
  const converges = checkConvergence(settled, growth.value, focalOf(question.timeline, 0));
  if (!converges.ok) return converges;
  return spells.length === 1 && growth.value.accrual === undefined
    ? underOneRate(question, settled, growth.value)
    : underSeveralRates(question);
};

/** Everything that moves together keeps its value M at its own start; M·e^(−δb) balances the rest at one b. */
function underOneRate(
  { timeline, unknown }: Question,
  settled: readonly SettledFlow[],
  growth: Accumulation,
): Result<Roots> {
  const worthOf = (moves: boolean) =>
    worthAt(
      settled.filter((_, index) => movesWith(timeline.flows[index]) === moves),
      growth,
      0,
    );
  return datesThatBalance(growth, worthOf(true), worthOf(false), unknown.path);
}

/**
 * Checks the balance month by month and finds every start at which it changes sign from one month to the next.
 */
function underSeveralRates({ timeline, unknown, effort }: Question): Result<Roots> {
  const looks = affordableLooks(timeline, LIMITS.years * STARTS_A_YEAR, effort);
  const starts = crossingsOnGrid(balanceByMoving(timeline), looks, 1 / STARTS_A_YEAR);
  const [first, ...others] = starts.map((years) => ({
    x: years,
    answer: { value: years, unit: "years" as const },
  }));
  return first === undefined
    ? fail(issue("start-not-found", unknown.path, { limitYears: looks / STARTS_A_YEAR }))
    : succeed({ roots: [first, ...others], completeness: "every-month" });
}
