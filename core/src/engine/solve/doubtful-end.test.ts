import { describe, expect, test } from "@jest/globals";
import { effective, problemOf, single, stream } from "../../../test/problems";
import { doubtfulEnd } from "./doubtful-end";
import { solve } from "./solve";

const loan = single("loan", "in", 64_000, "P0D");
const payments = stream("payments", "out", null, { count: 5 });
const residual = (direction: "in" | "out", at: unknown = { endOf: "payments" }) =>
  single("residual", direction, 21_000, at);

function doubtIn(flows: readonly object[]): string | null {
  const problem = problemOf({ rates: [effective(9.6)], flows });
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return doubtfulEnd(solution.value);
}

describe("an amount at the end of unknown payments", () => {
  test.each<[string, object[], string | null]>([
    ["a residual that comes in, as the loan does", [loan, payments, residual("in")], "residual"],
    ["the same by its date", [loan, payments, residual("in", "P5Y")], "residual"],
    ["a residual that is paid", [loan, payments, residual("out")], null],
    ["more money that comes in between", [loan, payments, residual("in", "P2Y")], null],
    ["no loan at the start", [payments, residual("in")], null],
    [
      "savings towards a goal",
      [single("start", "out", 900, "P0D"), payments, residual("in")],
      null,
    ],
    [
      "payments that are known",
      [
        single("loan", "in", null, "P0D"),
        stream("payments", "out", 900, { count: 5 }),
        residual("in"),
      ],
      null,
    ],
  ])("%s: %#", (_, flows, doubt) => {
    expect(doubtIn(flows)).toBe(doubt);
  });
});
