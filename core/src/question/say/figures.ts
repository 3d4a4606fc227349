import type { Amount, Flow, Problem } from "../../engine/problem/schema";

/** The figures of a problem as they are told: an amount that is given by another is worked out where both are known. */

/** An amount that a line gives, or a multiple of the one that is unknown. */
export type Told =
  | { readonly is: "known"; readonly amount: number }
  | { readonly is: "unknown"; readonly times: number };

/** @returns `null` where it is more than a multiple of the unknown */
export function toldAmount(problem: Problem, amount: Amount, depth = 0): Told | null {
  if (amount === null) return { is: "unknown", times: 1 };
  if (typeof amount === "number") return { is: "known", amount };
  const base = problem.flows.find(({ id }) => id === amount.of);
  const own = base === undefined ? undefined : amountOf(base);
  if (own === undefined || depth > problem.flows.length) return null;
  const told = toldAmount(problem, own, depth + 1);
  if (told === null) return null;
  const plus = amount.plus ?? 0;
  if (told.is === "known") return { is: "known", amount: amount.times * told.amount + plus };
  return plus === 0 ? { is: "unknown", times: amount.times * told.times } : null;
}

function amountOf(flow: Flow): Amount | undefined {
  return "amount" in flow ? flow.amount : undefined;
}

/** The percentages of the rates, those given by another worked out; `null` for the unknown one. */
export function toldPercents({ rates }: Problem): readonly (number | null)[] | null {
  const told: (number | null)[] = [];
  for (const { percent } of rates) {
    if (percent === null || typeof percent === "number") told.push(percent);
    else {
      const base = told[percent.of];
      if (base === null || base === undefined) return null;
      told.push(base + percent.plus);
    }
  }
  return told;
}
