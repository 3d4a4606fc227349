import { readProblem, type Problem, type ScheduleOptions } from "@kestrelmoor/core";
import { accountOf, type ScheduleAccount } from "../src/problem/views/schedule/account-of";

/** A problem of which only the rates and the flows are told. */
export function problemOf(parts: object): Problem {
  const read = readProblem({ format: "kestrelmoor-problem", version: 1, ...parts });
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  return read.value;
}

export function accountIn(
  problem: Problem,
  rounding: ScheduleOptions["rounding"] = "none",
): ScheduleAccount {
  const found = accountOf(problem, "repayments", { rounding });
  if (!found.ok) throw new Error(JSON.stringify(found.issues));
  return found.account;
}

/** A loan that is paid back at the end of each period; its payment is the unknown. */
export const loanOf = (
  amount: number,
  rate: object,
  parts: object,
  more: readonly object[] = [],
) => ({
  rates: [rate],
  flows: [
    { id: "loan", kind: "single", direction: "in", amount, at: "P0D" },
    {
      ...{ id: "repayments", kind: "stream", direction: "out", amount: null },
      ...{ timing: "end", begins: "P0D", ...parts },
    },
    ...more,
  ],
});
