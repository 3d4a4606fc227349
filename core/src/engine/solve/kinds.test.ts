import { describe, expect, test } from "@jest/globals";
import { everything } from "../../../test/everything";
import { naiveWorth } from "../../../test/naive";
import { effective, filled, list, problemOf, single, solved, stream } from "../../../test/problems";
import { expandFlow } from "../flows/flow-kinds";
import type { Flow } from "../problem/schema";
import { listUnknowns, type Unknown } from "../problem/unknown";
import { answerText } from "../../wording/answer-sentence";
import { worthAt } from "./worth";

/** One of each kind. The type asks for a new one here; the tests ask the rest of the recipe of it. */
const flows: Readonly<Record<Flow["kind"], object>> = {
  single: single("own", "in", 500, "P2Y6M"),
  stream: stream("own", "out", 70, {
    every: "P1M",
    count: 40,
    begins: "P1Y",
    growth: { percent: 4, every: "P1Y" },
  }),
  list: list("own", [-20, 0, 35.5, 90], { every: "P3M", begins: "P1Y6M" }),
  dated: {
    id: "own",
    kind: "dated",
    entries: [
      { on: "2027-03-01", amount: -40 },
      { on: "2029-02-28", amount: 95 },
      { on: "2028-02-29", amount: 7 },
    ],
  },
};
const rates = [effective(7), effective(3, "P2Y")];

describe.each(Object.entries(flows))("a flow of the kind %s", (_, flow) => {
  const problem = problemOf({ rates, flows: [flow], ask: { find: "value", at: "P3Y" } });
  const solution = solved(problem);
  const growth = { starts: [0, 2], forces: [Math.log(1.07), Math.log(1.03)] };

  test("is worth what its file says, read the slow and obvious way", () => {
    expect(solution.answers[0].value).toBeCloseTo(naiveWorth(problem, 3).value, 9);
  });

  test("expands into payments of the same worth, in time order", () => {
    const payments = solution.settled.flows.flatMap((own) => expandFlow(own, growth));
    const times = payments.map(({ at }) => at);
    expect(times).toEqual([...times].sort((one, other) => one - other));
    const singles = payments.map(
      ({ amount, at }) => ({ kind: "single", id: "p", amount, at }) as const,
    );
    expect(worthAt(singles, growth, 3).value).toBeCloseTo(solution.answers[0].value, 9);
  });
});

test("every kind of flow is tried with bad input", () => {
  const tried = new Set(everything.flows.map((flow) => flow.kind));
  expect([...tried].sort()).toEqual(Object.keys(flows).sort());
});

const savings = (parts: object, rate: unknown = 5) => ({
  rates: [effective(rate)],
  flows: [
    stream("saving", "out", 100, { growth: { percent: 2, every: "P1Y" }, ...parts }),
    single("goal", "in", 1400, { endOf: "saving" }),
  ],
});

/** A problem for each kind of unknown, and how to put its answer back; the type asks for a new one here. */
const unknowns: Readonly<Record<Unknown["kind"], object>> = {
  amount: savings({ amount: null }),
  percent: savings({}, null),
  growth: savings({ growth: { percent: null, every: "P1Y" } }),
  count: savings({ growth: undefined, count: null }),
  begins: {
    rates: [effective(5)],
    flows: [stream("rent", "in", 100, { begins: null }), single("price", "out", 500, "P0D")],
  },
  at: {
    rates: [effective(5)],
    flows: [stream("rent", "in", 100), single("price", "out", 900, null)],
  },
  value: { ...savings({}), ask: { find: "value", at: "P0D" } },
};

describe.each(Object.entries(unknowns))("an unknown %s", (kind, parts) => {
  const problem = problemOf(parts);
  const solution = solved(parts);

  test("is found where the file leaves it open", () => {
    expect(listUnknowns(problem).map((unknown) => unknown.kind)).toEqual([kind]);
    expect(solution.unknown.kind).toBe(kind);
  });

  test("balances the problem when it is put back", () => {
    if (kind === "value") return;
    const { value } = solution.answers[0];
    const known =
      kind === "at" || kind === "begins"
        ? filled(problem, solution.unknown.path, `P${value}Y`)
        : filled(problem, solution.unknown.path, kind === "count" ? Math.round(value) : value);
    const { value: balance, size } = naiveWorth(known, 0);
    // A whole number of payments comes only near to the goal.
    expect(Math.abs(balance)).toBeLessThan((kind === "count" ? 0.1 : 1e-9) * size);
  });

  test("is answered in a sentence", () => {
    expect(answerText(solution)).toMatch(/^[A-Z].*\d.*\.$/);
  });
});
