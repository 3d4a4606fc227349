import { issue } from "../issues/issue";
import { LIMITS } from "../problem/limits";
import { fail, succeed } from "../result";
import { settleFlows } from "../timeline/settle-timeline";
import { accumulationOf } from "../timeline/spells";
import { balanceAt } from "./balance";
import { movesWith } from "./moves-with";
import { affordableLooks } from "./roots/looks";
import { crossingsOnGrid } from "./roots/crossings-on-grid";
import { datesAnswer, logRatio } from "./solve-date";
import type { Solver } from "./solver";
import { checkConvergence, worthAt } from "./worth";

/** How finely starts are looked for where several rates make the balance wind: every month. */
const STARTS_A_YEAR = 12;

/**
 * When a stream or a list must begin. Under one rate everything that moves with it keeps its worth at its
 * own start, M, so that M·e^(−λb) balances the rest at just one b. Under several rates the balance is
 * searched month by month, and every start is found at which it changes its sign from one month to the
 * next.
 */
export const solveBegins: Solver = ({ timeline, unknown, effort }) => {
  const { spells, flows } = timeline;
  const growth = accumulationOf(spells, 0);
  if (spells.length === 1) {
    if (!growth.ok) return growth;
    const settled = settleFlows(flows, 0);
    const converges = checkConvergence(settled, growth.value);
    if (!converges.ok) return converges;
    const moving = worthAt(
      settled.filter((_, index) => movesWith(flows[index])),
      growth.value,
      0,
    );
    const rest = worthAt(
      settled.filter((_, index) => !movesWith(flows[index])),
      growth.value,
      0,
    );
    if (moving.mantissa === 0 || rest.mantissa === 0) {
      return fail(issue("nothing-to-balance", unknown.path, {}));
    }
    if (Math.sign(moving.mantissa) === Math.sign(rest.mantissa)) {
      const direction = moving.mantissa > 0 ? "in" : "out";
      return fail(issue("one-way-money", unknown.path, { direction }));
    }
    const wanted =
      logRatio(Math.abs(moving.mantissa), Math.abs(rest.mantissa)) +
      moving.logarithm -
      rest.logarithm;
    return datesAnswer(growth.value, wanted, unknown.path);
  }
  const starts = crossingsOnGrid(
    (begins) => balanceAt(timeline, begins),
    affordableLooks(flows, LIMITS.years * STARTS_A_YEAR, effort),
    1 / STARTS_A_YEAR,
  );
  const [first, ...others] = starts.map((years) => ({
    x: years,
    answer: { value: years, unit: "years" as const },
  }));
  return first === undefined
    ? fail(issue("date-never-reached", unknown.path, {}))
    : succeed({ roots: [first, ...others], completeness: "every-month" });
};
