import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { formatYears } from "../../wording/format-time";
import { quotationWords } from "../../wording/quotation-words";
import { percentLatex, textLatex, UNKNOWN_LATEX } from "../latex";
import { singlesOf } from "../singles";
import type { SpellPeriod } from "../spell-period";
import type { Step } from "../step";
import { isUnknownSpell, sizeInSymbols, unknownShares } from "./terms";

/** Every amount with its direction and time, and every rate with how it is quoted. */
export function givenStep(
  problem: Problem,
  solution: Solution,
  periods: readonly SpellPeriod[],
): Step {
  const { unknown } = solution;
  const shares = unknownShares(problem);
  const money = singlesOf(solution).map((flow, index) => {
    const line = problem.flows[index];
    const label = line?.label === undefined ? "" : String.raw`\;${textLatex(`(${line.label})`)}`;
    const isDate = unknown.kind === "at" && unknown.path[1] === index;
    const direction = flow.amount < 0 ? "out" : "in";
    const size = sizeInSymbols(flow, shares[index] ?? 0);
    const when = isDate
      ? "at a time t"
      : flow.at === 0
        ? "today"
        : `after ${formatYears(flow.at, 6)}`;
    return `${size}\\;${textLatex(` ${direction} ${when}`)}${label}`;
  });
  const rates = periods.map(({ spell }, index) => {
    const figure = isUnknownSpell(solution, index) ? UNKNOWN_LATEX : percentLatex(spell.percent);
    const from = index === 0 ? "" : ` from ${formatYears(spell.start, 6)} on`;
    return `${figure}\\;${textLatex(` ${quotationWords(spell.quotation)}${from}`)}`;
  });
  return {
    kind: "given",
    say: "What is known, and what is asked.",
    latex: [...money, ...rates],
  };
}
