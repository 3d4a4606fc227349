import type { Problem } from "../../problem/schema";
import type { Solution } from "../../solve/solution";
import { yearsOf } from "../../time/duration";
import { resolveTimeline } from "../../timeline/resolve-timeline";
import { formatYears } from "../../wording/format-time";
import { growthFactorBetween } from "../growth-factor";
import { longMoneyLatex, moneyLatex, numberLatex, TIMES } from "../latex";
import { ownSingle, singlesOf, type SettledSingle } from "../singles";
import { spellPeriod, type SpellPeriod } from "../spell-period";
import type { Step } from "../step";

/** One amount on its way to the focal date. */
export interface Term {
  readonly flow: SettledSingle;
  /** Its size in symbols: a figure, or a multiple of X. */
  readonly size: string;
  readonly factorSymbols: string;
  readonly factorNumbers: string;
  readonly factor: number;
  /** Multiples of X that it is, in its own direction; 0 for a known amount. */
  readonly perUnknown: number;
}

export function periodsOf({ settled }: Solution): SpellPeriod[] {
  const only = settled.spells.length === 1;
  return settled.spells.map((spell, index) => spellPeriod(spell, only ? null : index + 1));
}

export function isUnknownSpell({ unknown }: Solution, index: number): boolean {
  return unknown.kind === "percent" && unknown.path[1] === index;
}

/** The date at which the equation is simplest: the unknown's own, the one asked about, or today. */
export function focalDate(problem: Problem, solution: Solution): number {
  if (solution.unknown.kind === "amount") return ownSingle(solution).at;
  const at = problem.ask?.at;
  return typeof at === "string" ? yearsOf(at) : 0;
}

export function dateWords(years: number): string {
  return years === 0 ? "today" : `the date ${formatYears(years, 4)} from today`;
}

/** Of each flow, how many times the unknown amount it is: 1 for the unknown itself, 0 for a known one. */
export function unknownShares(problem: Problem): number[] {
  const timeline = resolveTimeline(problem);
  if (!timeline.ok) throw new TypeError("Only a solved problem has workings");
  return timeline.value.flows.map((flow) =>
    flow.kind === "single" ? Math.abs(flow.amount.perUnknown) : 0,
  );
}

/** The size of a flow as the equation has it: `X`, a multiple of it, or a figure. */
export function sizeInSymbols(flow: SettledSingle, share: number): string {
  if (share === 0) return moneyLatex(Math.abs(flow.amount));
  return share === 1 ? "X" : `${numberLatex(share)}\\,X`;
}

export function termsOf(
  problem: Problem,
  solution: Solution,
  periods: readonly SpellPeriod[],
  focal: number,
): Term[] {
  const shares = unknownShares(problem);
  return singlesOf(solution).map((flow, index) => {
    const { symbols, numbers, value } = growthFactorBetween(periods, flow.at, focal);
    const perUnknown = shares[index] ?? 0;
    return {
      flow,
      size: sizeInSymbols(flow, perUnknown),
      factorSymbols: symbols,
      factorNumbers: numbers,
      factor: value,
      perUnknown,
    };
  });
}

export function termNumbers({ size, factorNumbers }: Term): string {
  return factorNumbers === "" ? size : `${size}${TIMES}${factorNumbers}`;
}

export function termSymbols({ size, factorSymbols }: Term): string {
  return factorSymbols === "" ? size : `${size}\\,${factorSymbols}`;
}

export function sides(terms: readonly Term[]): {
  readonly inward: Term[];
  readonly outward: Term[];
} {
  return {
    inward: terms.filter(({ flow }) => flow.amount >= 0),
    outward: terms.filter(({ flow }) => flow.amount < 0),
  };
}

export function movedStep(terms: readonly Term[], focal: number): Step {
  return {
    kind: "numbers",
    say: `Move every amount to ${dateWords(focal)}: later money is discounted, earlier money grows.`,
    latex: terms
      .filter(({ perUnknown, factorNumbers }) => perUnknown === 0 && factorNumbers !== "")
      .map(
        (term) =>
          `${termNumbers(term)} = ${longMoneyLatex(Math.abs(term.flow.amount) * term.factor)}`,
      ),
  };
}

/** One side of the equation of value in symbols. */
export function sideLatex(terms: readonly Term[]): string {
  return terms.length === 0 ? "0" : terms.map(termSymbols).join(" + ");
}
