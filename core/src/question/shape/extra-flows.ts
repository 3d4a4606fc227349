import type { Flow } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { Mark } from "../marks/mark";
import { TIMES } from "./multiples";
import type { Places } from "./places";
import type { Plan } from "./plans";

/** "Three rents are paid at signing": so many payments at once; `null` where there are none. */
export function advanceOf({ fact, side, id }: Plan): Flow | null {
  const { advance: times, amount } = fact;
  if (times === 0) return null;
  const direction = side === "spending" ? "in" : "out";
  const said = amount === null ? { times, of: id } : Number((amount * times).toPrecision(15));
  return { id: "advance", kind: "single", direction, amount: said, at: "P0D" };
}

/** "He wants to see it doubled": how many times the opening balance the goal is, and the word that says so. */
export function multipleIn({ scope }: Facts): { mark: Mark; times: number } | null {
  const mark = scope.marks.find((one) => one.phrase === undefined && TIMES[one.word] !== undefined);
  return mark === undefined ? null : { mark, times: TIMES[mark.word] ?? 1 };
}

/**
 * "A payment due in four years is exchanged for equal payments", "… equivalent to €10,000 now": the two go opposite
 * ways.
 */
export function isExchanged(
  { scope }: Facts,
  { start, down }: Places,
  plans: readonly Plan[],
): boolean {
  const isEqual = down.length === 0 || / (?:equivalent|equal in value) to /.test(scope.words);
  return start === null && isEqual && plans.every(({ fact }) => fact.amount === null);
}
