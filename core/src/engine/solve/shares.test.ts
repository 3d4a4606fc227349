import { describe, expect, test } from "@jest/globals";
import { effective, problemOf, single, solved, stream } from "../../../test/problems";
import { sharesAt } from "./shares";

const loan = solved(
  problemOf({
    rates: [effective(10)],
    flows: [
      single("loan", "in", 1000, "P0D"),
      stream("payments", "out", null, { every: "P1Y", count: 2, timing: "end" }),
      single("residual", "out", 121, "P2Y"),
    ],
  }),
);

describe("what each flow is worth at one date", () => {
  test.each([
    // 1,000 less 121/1.21 of the residual leave 900 for the payments.
    [0, [1000, -900, -100]],
    [1, [1100, -990, -110]],
    [2, [1210, -1089, -121]],
    [4, [1464.1, -1317.69, -146.41]],
  ])("after %p years", (years, worths) => {
    const { flows, together } = sharesAt(loan.settled, years);
    flows.forEach(({ worth }, index) => expect(worth).toBeCloseTo(worths[index] ?? NaN, 9));
    expect(together).toBeCloseTo(0, 9);
  });

  test("past the largest double there is no figure", () => {
    const steep = solved(
      problemOf({
        rates: [effective(900_000)],
        flows: [single("in", "in", 1e12, "P0D"), single("out", "out", null, "P1Y")],
      }),
    );
    expect(sharesAt(steep.settled, 900)).toEqual({
      flows: [
        { id: "in", worth: null },
        { id: "out", worth: null },
      ],
      together: null,
    });
  });
});
