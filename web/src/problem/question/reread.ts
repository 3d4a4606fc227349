import type { Draft } from "@kestrelmoor/core/typing";
import { replaceEqualDeep } from "@tanstack/react-query";

const isEqual = (one: unknown, other: unknown) => replaceEqualDeep(one, other) === one;

/** What a changed text would change of the lines. */
export interface Reread {
  /** With the changes. */
  readonly draft: Draft;
  /** What is changed, in words. */
  readonly changes: readonly string[];
  /** What was set by hand, and stays as it is. */
  readonly kept: readonly string[];
}

type Line = Readonly<Record<string, unknown>>;

/** What is chosen, not typed, by its name; what follows from another choice has none. */
const CHOICES: Readonly<Record<string, string>> = {
  quoted: "quotation",
  compounding: "compounding",
  compoundedBy: "",
  timing: "timing",
  direction: "direction",
  growth: "growth",
  kind: "kind of line",
};

/**
 * Takes what a change of the text changes in the lines, and only where they are still as the text before had them:
 * whatever has been set by hand stays.
 *
 * @param mine as the lines are now
 * @param before as the text before was read; `null` where it was not, so that nothing of the lines comes from it
 * @param after as the text is read now
 * @returns `null` where the lines need no change, or have nothing that a text gave them
 */
export function reread(mine: Draft, before: Draft | null, after: Draft): Reread | null {
  if (hasLinesOf(mine, after)) return null;
  const isUntouched = before !== null && hasLinesOf(mine, before);
  if (isUntouched && !hasSameLines(before, after)) return whole(mine, after);
  if (before === null || !hasSameLines(before, after) || !hasSameLines(before, mine)) return null;
  const changes: string[] = [];
  const kept: string[] = [];
  const merge = <Own extends Line>(own: Own, was: Line, is: Line): Own => {
    const merged: Record<string, unknown> = { ...own };
    for (const key of Object.keys(is)) {
      if (key === "id" || isEqual(was[key], is[key]) || isEqual(own[key], is[key])) continue;
      if (isEqual(own[key], was[key])) {
        merged[key] = is[key];
        changes.push(changeWords(key, was[key], is[key]));
      } else kept.push(keptWords(key, own[key]));
    }
    return merged as Own;
  };
  const draft: Draft = {
    ...mine,
    rates: mine.rates.map((rate, at) => merge(rate, before.rates[at] ?? {}, after.rates[at] ?? {})),
    flows: mine.flows.map((flow, at) => merge(flow, before.flows[at] ?? {}, after.flows[at] ?? {})),
  };
  const told = changes.filter((words) => words !== "");
  const toldKept = kept.filter((words) => words !== "");
  return told.length + toldKept.length === 0 ? null : { draft, changes: told, kept: toldKept };
}

/** The lines of a text in the place of those that are there. */
export function whole(mine: Draft, { rates, flows, ask, today }: Draft): Reread {
  const draft = { ...mine, rates, flows, ask, today };
  return { draft, changes: ["other lines"], kept: [] };
}

/** Whether two drafts have the same lines. */
export function hasLinesOf(one: Draft, other: Draft): boolean {
  return isEqual(linesOf(one), linesOf(other)) && isEqual(one.ask, other.ask);
}

/** Two texts may have named their rate lines apart. */
function linesOf({ rates, flows }: Draft): readonly Line[] {
  return [...rates.map((rate) => ({ ...rate, id: "" })), ...flows];
}

function hasSameLines(one: Draft, other: Draft): boolean {
  return (
    one.rates.length === other.rates.length &&
    isEqual(
      one.flows.map(({ id, kind }) => [id, kind]),
      other.flows.map(({ id, kind }) => [id, kind]),
    )
  );
}

function changeWords(key: string, was: unknown, is: unknown): string {
  const choice = CHOICES[key];
  if (choice !== undefined) return choice === "" ? "" : `another ${choice}`;
  return `${String(is)} instead of ${String(was)}`;
}

function keptWords(key: string, own: unknown): string {
  const choice = CHOICES[key];
  if (choice !== undefined) return choice === "" ? "" : `the ${choice}`;
  return String(own);
}
