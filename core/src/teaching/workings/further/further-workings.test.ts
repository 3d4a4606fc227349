import { describe, expect, test } from "@jest/globals";
import cases from "../../../../reference/problems.json";
import { problemOf, single, stream, effective, list } from "../../../../test/problems";
import { expectToHold, fromLatex } from "../../../../test/reckoner";
import { readProblem } from "../../../engine/problem/problem-file";
import type { FollowUp, Problem } from "../../../engine/problem/schema";
import { solve } from "../../../engine/solve/solve";
import type { SolvedProblem } from "../../../engine/solve/solved-problem";
import { isoYears } from "../../../engine/time/moment";
import { BALANCE_METHODS } from "../../../wording/workings-style";
import { workings, type WorkingsOptions } from "../workings";
import { lineLatex, linePlain } from "../write-line";
import { furtherWorkings } from "./further-workings";

function solved(problem: Problem): SolvedProblem {
  const solution = solve(problem);
  if (!solution.ok) throw new Error(JSON.stringify(solution.issues));
  return solution.value;
}

function furtherOf(problem: Problem, options: WorkingsOptions = {}) {
  const solution = solved(problem);
  return furtherWorkings(solution, workings(solution), options).map((made, index) => ({
    made,
    answer: solution.also[index] ?? null,
  }));
}

/** Questions at the beginning, on the way, between two payments, at the end and beyond. */
function questionsFor({ flows }: Problem, { settled }: SolvedProblem): FollowUp[] {
  const times = settled.flows.map((flow) => {
    if (flow.kind === "single") return flow.at;
    if (flow.kind === "dated") return Math.max(...flow.entries.map(({ at }) => at));
    const count = flow.kind === "list" ? flow.amounts.length : flow.count;
    return Number.isFinite(count) ? flow.begins + count / flow.frequency : flow.begins + 12;
  });
  const end = Math.min(900, Math.ceil(Math.max(...times)));
  const [early, late] = [isoYears(Math.ceil(end / 3)), isoYears(Math.ceil((2 * end) / 3))];
  const [start, odd, beyond] = ["P0D", isoYears(end * 0.4137), isoYears(end + 1)];
  return [
    ...[start, early, odd, late, isoYears(end), beyond].map(
      (at) => ({ find: "balance", at }) as const,
    ),
    { find: "value", at: late },
    { find: "principal", from: early, to: late },
    { find: "interest", from: early, to: late },
    { find: "interest", from: start, to: beyond },
    { find: "total", of: "in" },
    { find: "total", of: "out" },
    ...flows.slice(0, 4).map(({ id }) => ({ find: "total", of: id }) as const),
  ];
}

describe.each(cases)("$id", ({ problem: file }) => {
  const read = readProblem(file);
  if (!read.ok) throw new Error(JSON.stringify(read.issues));
  const plain = read.value;
  const questions = questionsFor(plain, solved(plain));

  const holds =
    "further questions end at the engine's answers, and every line holds: the %s method of balances";
  test.each(BALANCE_METHODS)(holds, (balances) => {
    const all = furtherOf({ ...plain, also: questions }, { balances });
    expect(all).toHaveLength(questions.length);
    for (const { made, answer } of all) {
      expect(made === null).toBe(answer === null);
      if (made === null || answer === null) continue;
      const { steps, result, quantities } = made;
      const sizes = quantities.flatMap(({ kind, value }) =>
        kind === "money" ? [Math.abs(value)] : [],
      );
      expect(Math.abs(result.value - answer)).toBeLessThanOrEqual(1e-9 * Math.max(1, ...sizes));
      expect(steps.at(-1)).toMatchObject({ kind: "answer", value: answer });
      expect(steps.filter(({ say }) => !/^[A-Z“\d].*[.]$/.test(say))).toEqual([]);
      // The longer way may cancel to fewer digits than stand in its lines.
      for (const { lines } of balances === "shorter" ? steps : []) {
        for (const line of lines) {
          for (const notation of ["fractions", "factors"] as const) {
            expectToHold(linePlain(line, { notation }));
          }
          expectToHold(fromLatex(lineLatex(line)));
        }
      }
    }
  });
});

const monthly = { percent: 6.9, quoted: "nominal", compounding: "P1M" };
const loan = {
  rates: [monthly],
  flows: [
    single("loan", "in", 52000, "P0D"),
    stream("pay", "out", null, { every: "P1M", count: 60 }),
  ],
};

function linesOf(file: object): string[] {
  const [first] = furtherOf(problemOf(file));
  const steps = first?.made?.steps ?? [];
  return steps.flatMap(({ say, lines }) => [say, ...lines.map((line) => linePlain(line))]);
}

describe("the textbook's ways", () => {
  test.each<[string, object, readonly string[]]>([
    [
      "what is owed is what the rest of the payments is worth",
      { ...loan, also: [{ find: "balance", at: "P2Y" }] },
      ["k = 12 × 2 = 24", "B = PMT × (1 - (1 + i)^(-(n - k))) / i"],
    ],
    [
      "with a residual both ways have two terms, and what is still to come is valued",
      {
        ...loan,
        flows: [...loan.flows, single("residual", "out", 9000, "P5Y")],
        also: [{ find: "balance", at: "P2Y" }],
      },
      ["B = PMT × (1 - (1 + i)^(-(n - k))) / i + FV × (1 + i)^(-(n - k))"],
    ],
    [
      "savings with an opening balance have two terms both ways, and are accumulated",
      {
        rates: [monthly],
        flows: [
          single("start", "out", 1000, "P0D"),
          stream("deposits", "out", 100, { every: "P1M", count: 60 }),
          single("fund", "in", null, "P5Y"),
        ],
        also: [{ find: "balance", at: "P2Y" }],
      },
      ["B = PV × (1 + i)^k + PMT × ((1 + i)^k - 1) / i"],
    ],
    [
      "the interest of one payment is the opening balance times the rate",
      { ...loan, also: [{ find: "interest", from: "P29M", to: "P30M" }] },
      ["I = B × i = 29,090.5208533 × 0.00575 = 167.270494906"],
    ],
    [
      "the principal of one payment is what its interest leaves",
      { ...loan, also: [{ find: "principal", from: "P29M", to: "P30M" }] },
      ["P = PMT - I = 1,027.21072323 - 167.270494906 = 859.940228319"],
    ],
    [
      "interest is what is paid and does not bring the balance down",
      { ...loan, also: [{ find: "interest", from: "P1Y", to: "P2Y" }] },
      ["M = (k2 - k1) × PMT = (24 - 12) × 1,027.21072323 = 12,326.5286787"],
    ],
    [
      "interest earned is what the balance rose by and nobody put in",
      {
        rates: [effective(10)],
        flows: [
          single("first", "out", 100, "P0D"),
          single("second", "out", 50, "P1Y"),
          single("back", "in", null, "P3Y"),
        ],
        also: [{ find: "interest", from: "P0D", to: "P2Y" }],
      },
      ["I = B2 - B1 - M = 176.00 - 100.00 - 50.00 = 26.00"],
    ],
    [
      "payments that rise with each year are added year by year",
      {
        rates: [effective(5)],
        flows: [
          single("price", "out", null, "P0D"),
          stream("rent", "in", 500, {
            every: "P1M",
            count: 30,
            growth: { amount: 10, every: "P1Y" },
          }),
        ],
        also: [{ find: "total", of: "rent" }],
      },
      ["T = 12 × 500.00 + 12 × 510.00 + 6 × 520.00 = 15,240.00"],
    ],
    [
      "payments that rise by a step each time have the sum of a row of numbers",
      {
        rates: [effective(5)],
        flows: [
          single("price", "out", null, "P0D"),
          stream("rent", "in", 500, { growth: { amount: 10, every: "P1Y" } }),
        ],
        also: [{ find: "total", of: "rent" }],
      },
      ["T = n × PMT + G × n × (n - 1) / 2 = 10 × 500.00 + 10.00 × 10 × (10 - 1) / 2 = 5,450.00"],
    ],
    [
      "interest over a part of payments that rise by a step",
      {
        rates: [effective(5)],
        flows: [
          single("price", "out", null, "P0D"),
          stream("rent", "in", 500, { growth: { amount: 10, every: "P1Y" } }),
        ],
        also: [{ find: "interest", from: "P3Y", to: "P5Y" }],
      },
      [
        "M = (k2 - k1) × (PMT + k1 × G) + G × (k2 - k1) × (k2 - k1 - 1) / 2 = (5 - 3) × (500.00 + 3 × 10.00) + 10.00 × (5 - 3) × (5 - 3 - 1) / 2 = 1,070.00",
      ],
    ],
    [
      "an account with an unknown number of payments runs with whole ones",
      {
        rates: [monthly],
        flows: [
          single("loan", "in", 52000, "P0D"),
          stream("pay", "out", 1000, { every: "P1M", count: null }),
        ],
        also: [{ find: "total", of: "pay" }],
      },
      ["n = 61", "T = n × PMT + L = 61 × 1,000.00 + 959.720098969 = 61,959.720099"],
    ],
    [
      "payments for ever that shrink have a sum",
      {
        rates: [effective(5)],
        flows: [
          single("price", "out", null, "P0D"),
          stream("rent", "in", 300, {
            every: "P3M",
            count: "forever",
            growth: { percent: -4, every: "P1Y" },
          }),
        ],
        also: [{ find: "total", of: "rent" }],
      },
      ["T = PMT × 4 / (1 - (1 + g)) = 300.00 × 4 / (1 - (1 - 0.04)) = 30,000.00"],
    ],
    [
      "payments for ever that fall by a step are added until they would turn",
      {
        rates: [effective(5)],
        flows: [
          stream("rent", "in", 300, {
            every: "P3M",
            count: "forever",
            growth: { amount: -100, every: "P1Y" },
          }),
        ],
        ask: { find: "value", at: "P0D" },
        also: [{ find: "total", of: "in" }],
      },
      // 4 × (300 + 200 + 100)
      [
        "T = 4 × (3 × PMT + G × 3 × (3 - 1) / 2) = 4 × (3 × 300.00 + (-100.00) × 3 × (3 - 1) / 2) = 2,400.00",
      ],
    ],
    [
      "what balances is worth nothing at any date",
      { ...loan, also: [{ find: "value", at: "P2Y" }] },
      ["V = 0.00"],
    ],
    [
      "before the story begins nothing has moved",
      {
        rates: [effective(5)],
        flows: [single("in", "in", 100, "P1Y"), single("out", "out", null, "P3Y")],
        also: [{ find: "balance", at: "P0D" }],
      },
      ["Today, nothing has been paid yet."],
    ],
    [
      "once all is paid nothing is left",
      { ...loan, also: [{ find: "balance", at: "P5Y" }] },
      ["After 5 years, the balance is zero."],
    ],
  ])("%s", (_, file, wanted) => {
    const lines = linesOf(file);
    for (const line of wanted) expect(lines).toContain(line);
  });

  test("what was converted before is not converted again", () => {
    const rates = furtherOf(problemOf({ ...loan, also: [{ find: "balance", at: "P2Y" }] }));
    expect(rates[0]?.made?.steps.map(({ kind }) => kind)).not.toContain("rate-per-period");
  });

  test("a balance that an earlier question has found is not worked out again", () => {
    const [, interest] = furtherOf(
      problemOf({
        ...loan,
        also: [
          { find: "balance", at: "P2Y" },
          { find: "interest", from: "P0D", to: "P2Y" },
        ],
      }),
    );
    expect(interest?.made?.steps.map(({ say }) => say)).toContain(
      "The balance 2 years from today: see above.",
    );
  });

  test("an amount that balances on the other side counts there", () => {
    const [balance] = furtherOf(
      problemOf({
        rates: [effective(0)],
        flows: [single("a", "in", 300, "P0D"), single("b", "in", null, "P2Y")],
        also: [{ find: "balance", at: "P1Y" }],
      }),
    );
    expect(balance?.made?.result.value).toBeCloseTo(300, 9);
  });

  test("an amount that was rounded on the way goes on as it was rounded, also turned round", () => {
    const file = {
      rates: [effective(5)],
      flows: [single("debt", "in", 9000, "P0D"), stream("pay", "in", null, { count: 7 })],
      also: [{ find: "total", of: "pay" }],
    };
    const problem = problemOf(file);
    const rounding = { factor: 4, rate: null };
    const solution = solved(problem);
    const before = workings(solution, { rounding });
    const [total] = furtherWorkings(solution, before, { rounding });
    // 9,000 ÷ 5.7864 for each of 7 years, out and not in.
    expect(total?.result.value).toBeCloseTo((7 * 9000) / 5.7864, 6);
    expect(total?.steps.map(({ kind }) => kind)).toContain("rounding");
  });

  test("questions without a finite answer have no workings", () => {
    const [total] = furtherOf(
      problemOf({
        rates: [effective(5)],
        flows: [
          single("price", "out", null, "P0D"),
          stream("rent", "in", 500, { count: "forever" }),
        ],
        also: [{ find: "total", of: "rent" }],
      }),
    );
    expect(total).toEqual({ made: null, answer: null });
  });

  test("an entry of a list that was found counts with its sign", () => {
    const [balance] = furtherOf(
      problemOf({
        rates: [effective(10)],
        flows: [list("project", [-1000, null, 500])],
        also: [{ find: "balance", at: "P1Y" }],
      }),
    );
    expect(balance?.answer).toBeCloseTo(500 / 1.1, 9);
    expect(balance?.made?.result.value).toBeCloseTo(500 / 1.1, 9);
  });
});

test("where there is too much to write, the later questions have their values alone", () => {
  const rates = Array.from({ length: 40 }, (_, years) => ({
    ...effective(4),
    ...(years === 0 ? {} : { from: `P${years}Y` }),
  }));
  const flows = [
    single("now", "out", null, "P0D"),
    ...Array.from({ length: 10 }, (_, index) =>
      stream(`pay${index}`, "in", 100, { every: "P1M", count: 480 }),
    ),
  ];
  const also = Array.from({ length: 12 }, (_, years) => ({
    find: "balance",
    at: `P${years + 1}Y`,
  }));
  const all = furtherOf(problemOf({ rates, flows, also }));
  const isLong = all.map(({ made }) => (made?.steps ?? []).length > 2);
  expect(isLong).toEqual([...Array<boolean>(2).fill(true), ...Array<boolean>(10).fill(false)]);
  for (const { made, answer } of all) {
    expect(made?.steps.at(-1)?.value).toBe(answer);
    if (made?.steps.length === 2) expect(made.steps[0]?.say).toMatch(/too long to write out/);
  }
});

test.each([
  ["prospective", "B = PMT × (1 - (1 + i)^(-(n - k))) / i"],
  ["retrospective", "B = PV × (1 + i)^k - PMT × ((1 + i)^k - 1) / i"],
] as const)("a balance by the %s method, where somebody asks for it", (balances, wanted) => {
  const solution = solved(problemOf({ ...loan, also: [{ find: "balance", at: "P2Y" }] }));
  const own = workings(solution);
  const [made] = furtherWorkings(solution, own, { balances });
  const lines = made?.steps.flatMap((step) => step.lines.map((line) => linePlain(line))) ?? [];
  expect(lines).toContain(wanted);
  expect(made?.result.value).toBeCloseTo(solution.also[0] ?? NaN, 6);
});
