import type { DatedAmount } from "../../flows/flow-kind";
import type { JudgedProject } from "./compare-projects";

/** What to do where only some of the projects can be had. */
export interface Choice {
  /** Places of the projects that are taken, ascending. */
  readonly taken: readonly number[];
  readonly outlay: number;
  readonly npv: number;
}

/**
 * The project with the highest net present value above nothing; of those that are alike the first.
 *
 * @returns `null` where none is worth more than doing nothing
 */
export function bestOne(projects: readonly JudgedProject[]): Choice | null {
  const choices = projects.flatMap((_, place) => choiceOf(projects, [place]) ?? []);
  return bestOf(choices);
}

/** Cents are added in binary: a budget that is met to the cent is met. */
const ROUNDING = 1e-9;

/**
 * The projects that are worth the most together and whose first outlays a budget covers. All sets are looked
 * at, so that the answer is the best and not only a good one; each project is taken whole or not at all.
 *
 * @param budget zero or more
 * @returns `null` where none that fits is worth more than doing nothing
 */
export function bestWithin(projects: readonly JudgedProject[], budget: number): Choice | null {
  const sets = Array.from({ length: 2 ** projects.length - 1 }, (_, index) =>
    projects.flatMap((__, place) => (((index + 1) >> place) & 1 ? [place] : [])),
  );
  return bestOf(
    sets
      .flatMap((set) => choiceOf(projects, set) ?? [])
      .filter(({ outlay }) => outlay <= budget + ROUNDING * Math.max(1, budget)),
  );
}

/** What a project costs on its first day, zero or more. */
export function outlayOf(flows: readonly DatedAmount[]): number {
  return Math.max(0, -(flows[0]?.amount ?? 0));
}

function choiceOf(projects: readonly JudgedProject[], taken: readonly number[]): Choice | null {
  let outlay = 0;
  let npv = 0;
  for (const place of taken) {
    const project = projects[place];
    if (project?.judged.ok !== true) return null;
    outlay += outlayOf(project.flows);
    npv += project.judged.value.npv;
  }
  return { taken, outlay, npv };
}

function bestOf(choices: readonly Choice[]): Choice | null {
  return choices.reduce<Choice | null>(
    (best, choice) => (choice.npv > (best?.npv ?? 0) ? choice : best),
    null,
  );
}
