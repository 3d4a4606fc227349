import { issue, type Issue } from "../issues/issue";
import { isCalendarDate } from "../time/calendar";
import { yearsOf } from "../time/duration";
import { checkReferences } from "./references";
import type { Problem } from "./schema";

/**
 * Checks what the parts of a problem say about each other, which the schema alone cannot: unique
 * ids, references that lead somewhere, rate spells in order, dates that exist.
 * How many unknowns there are is not judged here: a problem may be kept before it asks anything.
 *
 * @param problem one that has passed the schema
 * @returns every issue found; none means that the problem makes sense
 */
export function checkProblem(problem: Problem): Issue[] {
  return [
    ...duplicateIds(problem),
    ...checkReferences(problem),
    ...rateOrder(problem),
    ...impossibleDates(problem),
    ...labelsOfNothing(problem),
  ];
}

function duplicateIds(problem: Problem): Issue[] {
  const seen = new Set<string>();
  const issues: Issue[] = [];
  problem.flows.forEach(({ id }, index) => {
    if (seen.has(id)) issues.push(issue("duplicate-id", ["flows", index, "id"], { id }));
    seen.add(id);
  });
  return issues;
}

function rateOrder(problem: Problem): Issue[] {
  const issues: Issue[] = [];
  let latest = 0;
  problem.rates.forEach(({ from }, index) => {
    const path = ["rates", index, "from"];
    if (index === 0) {
      const late = from !== undefined && (typeof from !== "string" || yearsOf(from) !== 0);
      if (late) issues.push(issue("first-rate-starts-late", path, {}));
      return;
    }
    if (from === undefined) {
      issues.push(issue("rate-start-missing", path, {}));
    } else if (typeof from === "string") {
      const years = yearsOf(from);
      if (years <= latest) issues.push(issue("rates-out-of-order", path, {}));
      latest = Math.max(latest, years);
    }
  });
  return issues;
}

function labelsOfNothing({ flows }: Problem): Issue[] {
  return flows.flatMap((flow, index) =>
    flow.kind === "list" && (flow.labels?.length ?? 0) > flow.amounts.length
      ? [issue("labels-too-many", ["flows", index, "labels"], { amounts: flow.amounts.length })]
      : [],
  );
}

function impossibleDates(problem: Problem): Issue[] {
  return problem.flows.flatMap((flow, index) => {
    if (flow.kind !== "dated") return [];
    const first = flow.entries[0]?.on ?? "";
    return flow.entries.flatMap(({ on }, entry): Issue[] => {
      const path = ["flows", index, "entries", entry, "on"];
      if (!isCalendarDate(on)) return [issue("date-impossible", path, { on })];
      // ISO 8601 dates sort as text.
      return on < first ? [issue("date-before-first", path, { on, first })] : [];
    });
  });
}
