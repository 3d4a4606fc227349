import type { Flow } from "../../engine/problem/schema";
import type { Scope } from "../facts/scope";
import type { Mark } from "../marks/mark";
import { durationOf } from "../marks/span";
import { usesOf, type Shape } from "./shape";

const DAYS = 360;
const DAYS_A_MONTH = 30;

/** "A 360-day year": the times that are told in days are parts of twelve months of thirty. */
export function inCommercialYear(scope: Scope, shape: Shape): Shape {
  const said = scope.marks.find((mark) => isCommercialYear(scope, mark));
  if (said === undefined || shape.problem === null) return shape;
  const { problem } = shape;
  return {
    ...shape,
    problem: { ...problem, flows: problem.flows.map(inMonths) },
    uses: [...shape.uses, ...usesOf([said], "time")],
  };
}

function isCommercialYear(scope: Scope, mark: Mark): boolean {
  const { quantity } = mark;
  const isDays =
    quantity?.is === "span" ? durationOf(quantity.iso).days === DAYS : mark.text === String(DAYS);
  const around = [...scope.after(mark, 2), ...scope.before(mark, 2)];
  return isDays && around.some(({ text }) => /^(?:a )?year$/i.test(text));
}

function inMonths(flow: Flow): Flow {
  if (flow.kind !== "single" || typeof flow.at !== "string" || !/^P[1-9]\d*D$/.test(flow.at))
    return flow;
  return { ...flow, at: `P${String(durationOf(flow.at).days / DAYS_A_MONTH)}M` };
}
