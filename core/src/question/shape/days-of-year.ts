import type { Flow } from "../../engine/problem/schema";
import type { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { durationOf } from "../marks/span";
import { usesOf, type Shape } from "./shape";

/** Of the year of bankers, and of the year that days are counted by here. */
const [COMMERCIAL, USUAL] = [360, 365];
const DAYS_A_MONTH = 30;

/** "A 360-day year": the times that are told in days are parts of twelve months of thirty. One of 365 days changes nothing. */
export function withDaysOfYear(scope: Scope, shape: Shape): Shape {
  const said = (days: number) => scope.marks.find((mark) => isYearOf(days, scope, mark));
  const [commercial, usual] = [said(COMMERCIAL), said(USUAL)];
  const { problem } = shape;
  const mark = commercial ?? usual;
  if (mark === undefined || problem === null) return shape;
  const flows = commercial === undefined ? problem.flows : problem.flows.map(inMonths);
  return {
    ...shape,
    problem: { ...problem, flows },
    uses: [...shape.uses, ...usesOf([mark], "time")],
  };
}

function isYearOf(days: number, scope: Scope, mark: Mark): boolean {
  const { quantity } = mark;
  const isDays =
    quantity?.is === "span" ? durationOf(quantity.iso).days === days : mark.text === String(days);
  const around = [...scope.after(mark, 2), ...scope.before(mark, 2)];
  // "(365 days)"
  const isApart = scope.before(mark, 1)[0]?.word === "(" && scope.after(mark, 1)[0]?.word === ")";
  return isDays && (isApart || around.some(({ text }) => /^(?:in )?(?:a )?year$/i.test(text)));
}

function inMonths(flow: Flow): Flow {
  if (flow.kind !== "single" || typeof flow.at !== "string" || !/^P[1-9]\d*D$/.test(flow.at))
    return flow;
  return { ...flow, at: `P${String(durationOf(flow.at).days / DAYS_A_MONTH)}M` };
}
