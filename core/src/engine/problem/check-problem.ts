import { issue, type Issue, type Path } from "../issues/issue";
import { isCalendarDate } from "../time/calendar";
import { isCompound, isCompoundDiscount, type Quotation } from "../rates/quotation";
import { isDate, yearsOfMoment } from "../time/moment";
import { calendarOf } from "./calendar-of";
import { timesOf } from "./problem-times";
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
    ...unusableDates(problem),
    ...unusableLaws(problem),
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
  const calendar = calendarOf(problem);
  const yearsOf = (from: string) => {
    // A date that cannot be counted is told as such.
    const isUsable = !isDate(from) || (calendar !== null && isCalendarDate(from));
    return isUsable ? yearsOfMoment(from, calendar) : Number.NaN;
  };
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
      if (years > latest) latest = years;
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

/** Dates that do not exist, dates that nothing is counted from, and dates before the first of their flow. */
function unusableDates(problem: Problem): Issue[] {
  const { today } = problem;
  const calendar = calendarOf(problem);
  const judge = (on: string, path: Path): Issue[] => {
    if (!isCalendarDate(on)) return [issue("date-impossible", path, { on })];
    return calendar === null ? [issue("date-without-today", path, { on })] : [];
  };
  return [
    ...(today === undefined || isCalendarDate(today)
      ? []
      : [issue("date-impossible", ["today"], { on: today })]),
    ...timesOf(problem).flatMap(({ time, path }) => (isDate(time) ? judge(time, path) : [])),
    ...problem.flows.flatMap((flow, index) => {
      if (flow.kind !== "dated") return [];
      const first = today === undefined ? (flow.entries[0]?.on ?? "") : "";
      return flow.entries.flatMap(({ on }, entry): Issue[] => {
        const path = ["flows", index, "entries", entry, "on"];
        // ISO 8601 dates sort as text.
        return on < first && isCalendarDate(on)
          ? [issue("date-before-first", path, { on, first })]
          : judge(on, path);
      });
    }),
  ];
}

/** Laws of interest that do not go together, or are not defined. */
function unusableLaws({ rates, fraction }: Problem): Issue[] {
  const [first] = rates;
  const issues: Issue[] = [];
  rates.forEach((rate, index) => {
    const isOther = first !== undefined && kindOfLaw(rate) !== kindOfLaw(first);
    if (isOther) issues.push(issue("rates-of-two-kinds", ["rates", index, "quoted"], {}));
  });
  if (fraction !== "simple" || issues.length > 0) return issues;
  const discount = rates.findIndex(isCompoundDiscount);
  if (discount >= 0) return [issue("fraction-of-discount", ["rates", discount, "quoted"], {})];
  const isBroken = rates.some((rate) => isCompound(rate) && rate.quoted !== "continuous");
  return isBroken && rates.length > 1 ? [issue("fraction-of-several-rates", ["fraction"], {})] : [];
}

function kindOfLaw(rate: Quotation): string {
  return isCompound(rate) ? "compound" : rate.quoted;
}
