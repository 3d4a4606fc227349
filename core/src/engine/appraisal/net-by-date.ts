import type { DatedAmount } from "../flows/flow-kind";
import { isBefore } from "../numbers/compare";

/** What moves at one time of a project: everything in less everything out. */
export interface ProjectFlow extends DatedAmount {
  /** What it is for; empty where nothing is said. */
  readonly label: string;
}

/**
 * One amount a date, in time order: what comes in and what goes out on the same day is one flow of a project.
 * Dates on which all cancels stay, with nothing moving.
 */
export function netByDate(
  flows: readonly (DatedAmount & { readonly label?: string })[],
): ProjectFlow[] {
  const ordered = [...flows].sort((one, other) => one.at - other.at);
  const netted: ProjectFlow[] = [];
  for (const { at, amount, label = "" } of ordered) {
    const last = netted.at(-1);
    if (last === undefined || isBefore(last.at, at)) {
      netted.push({ at, amount, label });
      continue;
    }
    netted[netted.length - 1] = {
      at: last.at,
      amount: last.amount + amount,
      label: [last.label, label].filter((text) => text !== "").join(", "),
    };
  }
  return netted;
}
