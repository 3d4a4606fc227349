import type { Flow, Position } from "../../../engine/problem/schema";
import { amountFact } from "../../facts/amounts";
import { isMoney, type Scope } from "../../facts/scope";
import type { Mark } from "../../marks/mark";
import { usesOf, type Use } from "../shape";
import { lastEnd, type Item, type ItemRead } from "./item";
import { momentSaid, whenIn } from "./moment";
import { saysUnknown } from "./unknown";

/** Amounts that are paid once, each with its time: "£1,200 in 1 year, £1,300 in 2 years". */
export function singlesOf(item: Item, scope: Scope): ItemRead {
  const amounts = scope.marks.filter(isMoney);
  if (amounts.length === 0) return openSingle(item, scope);
  const isTimeOpen = saysUnknown(scope, "time");
  const read = amounts.map((mark, index) => {
    const { amount } = amountFact(scope, mark, new Set());
    // Its time stands between it and the next amount.
    const own = scope.marks.slice(scope.marks.indexOf(mark));
    const next = own.findIndex((other, at) => at > 0 && isMoney(other));
    return single(item, index, { amount, marks: [mark] }, next === -1 ? own : own.slice(0, next));
  });
  const isUntold = read.some(({ flow }) => flow.at === null) && !isTimeOpen;
  return {
    flows: read.map(({ flow }) => flow),
    uses: read.flatMap(({ uses }) => uses),
    assumptions: [],
    missing: isUntold ? ["time"] : [],
  };
}

/** "An unknown amount in 5 years", "1.5 times the unknown amount in 6 years". */
function openSingle(item: Item, scope: Scope): ItemRead {
  const share = shareOfUnknown(scope.marks, item.before);
  const told = share ?? { amount: null, marks: [] };
  const { flow, uses } = single(item, 0, told, scope.marks);
  const isUntold = flow.at === null || !saysUnknown(scope, "amount");
  return { flows: [flow], uses, assumptions: [], missing: isUntold ? ["amount"] : [] };
}

interface ToldAmount {
  readonly amount: Extract<Flow, { kind: "single" }>["amount"];
  readonly marks: readonly Mark[];
}

function single(
  { direction, before }: Item,
  index: number,
  { amount, marks }: ToldAmount,
  around: readonly Mark[],
): { flow: Extract<Flow, { kind: "single" }>; uses: readonly Use[] } {
  const id = `amount${String(before.length + index + 1)}`;
  const last = around.find(({ phrase }) => phrase?.kind === "at-end-of-flows");
  const when = last ?? whenIn(around);
  const at: Position =
    last !== undefined ? lastEnd(before) : when === undefined ? null : momentSaid(when);
  return {
    flow: { id, kind: "single", direction, amount, at },
    uses: [
      ...usesOf(marks, "amount", { flow: id, field: "amount" }),
      ...usesOf(when === undefined ? [] : [when], "time", { flow: id, field: "when" }),
    ],
  };
}

/** "1.5 times the unknown amount": of the one that was told as unknown before. */
function shareOfUnknown(marks: readonly Mark[], before: readonly Flow[]): ToldAmount | null {
  const first = before.find((flow) => "amount" in flow && flow.amount === null);
  const times = marks.some(({ word }) => word === "times");
  const figure = marks.find(({ quantity }) => quantity?.is === "number");
  if (first === undefined || !times || figure?.quantity?.is !== "number") return null;
  return { amount: { times: figure.quantity.value, of: first.id }, marks: [figure] };
}
