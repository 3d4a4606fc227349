import fc from "fast-check";
import type { Problem } from "../src/engine/problem/schema";
import { readProblem } from "../src/engine/problem/problem-file";
import { list, single, stream } from "./problems";

/** Problems of every kind that the application has, with one thing unknown, as a seed draws them. */

const money = fc.oneof(
  fc.integer({ min: 2, max: 900 }).map((hundreds) => hundreds * 100),
  fc.integer({ min: 100, max: 50_000_000 }).map((cents) => cents / 100),
);
const payment = fc.oneof(
  fc.integer({ min: 1, max: 60 }).map((tens) => tens * 10),
  fc.integer({ min: 1000, max: 200_000 }).map((cents) => cents / 100),
);
const percent = fc.integer({ min: 25, max: 1800 }).map((points) => points / 100);
const way = fc.constantFrom("in" as const, "out" as const);
const every = fc.constantFrom("P1M", "P1M", "P1Y", "P3M", "P6M", "P1W", "P2W", "P2M");
const compounding = fc.constantFrom("P1M", "P1M", "P3M", "P6M", "P1Y", "P1D", "P1W");
const quotation = fc.oneof(
  compounding.map((period) => ({ quoted: "nominal", compounding: period })),
  compounding.map((period) => ({ quoted: "nominal", compounding: period })),
  fc.constant({ quoted: "effective" }),
  fc.constant({ quoted: "continuous" }),
  compounding.map((period) => ({ quoted: "periodic", compounding: period })),
);
const rate = fc.tuple(percent, quotation).map(([figure, quoted]) => ({
  // A rate for a period is a part of a year's.
  percent: quoted.quoted === "periodic" ? Math.round(figure * 10) / 100 : figure,
  ...quoted,
}));
const time = fc.oneof(
  fc.integer({ min: 1, max: 30 }).map((years) => `P${String(years)}Y`),
  fc
    .integer({ min: 1, max: 12 })
    .chain((years) =>
      fc.integer({ min: 1, max: 11 }).map((months) => `P${String(years)}Y${String(months)}M`),
    ),
  fc.integer({ min: 1, max: 40 }).map((months) => `P${String(months)}M`),
  fc.integer({ min: 1, max: 200 }).map((weeks) => `P${String(weeks)}W`),
);
const growth = fc.oneof(
  { weight: 5, arbitrary: fc.constant({}) },
  {
    weight: 1,
    arbitrary: fc
      .constantFrom(2, 3, 1.5, -2)
      .map((grown) => ({ growth: { percent: grown, every: "P1Y" } })),
  },
  {
    weight: 1,
    arbitrary: fc
      .constantFrom(5, 12.5, -1)
      .map((step) => ({ growth: { amount: step, every: "P1Y" } })),
  },
);
const payments = fc
  .record({
    every,
    timing: fc.constantFrom("end", "end", "start"),
    count: fc.integer({ min: 2, max: 240 }),
    grown: growth,
  })
  .map(({ grown, ...parts }) => ({ ...parts, ...grown }));

interface File {
  readonly rates: readonly object[];
  readonly flows: readonly object[];
  readonly ask?: object;
}

const lump = fc
  .record({ rate, put: money, back: money, time, unknown: fc.nat(3) })
  .map(({ rate: quoted, put, back, time: at, unknown }): File => ({
    rates: [unknown === 2 ? { ...quoted, percent: null } : quoted],
    flows: [
      single("put", "out", unknown === 0 ? null : Math.min(put, back), "P0D"),
      single(
        "back",
        "in",
        unknown === 1 ? null : Math.max(put, back) * 1.5,
        unknown === 3 ? null : at,
      ),
    ],
  }));

const annuity = fc
  .record({
    rate,
    start: money,
    paid: payment,
    parts: payments,
    kind: fc.constantFrom("loan", "saving", "drawing", "residual", "opening"),
    unknown: fc.nat(3),
  })
  .map(({ rate: quoted, start, paid, parts, kind, unknown }): File => {
    const isIn = kind === "drawing";
    const hasEnd = kind !== "loan" && kind !== "drawing";
    const own = stream("pay", isIn ? "in" : "out", unknown === 0 ? null : paid, {
      ...parts,
      ...(unknown === 2 ? { count: null } : {}),
    });
    const total = paid * parts.count;
    const first =
      kind === "saving"
        ? []
        : [
            single(
              "start",
              isIn || kind === "opening" ? "out" : "in",
              unknown === 1 && !hasEnd ? null : kind === "opening" ? start : total * 0.7,
              "P0D",
            ),
          ];
    const last = hasEnd
      ? [
          single(
            "end",
            kind === "residual" ? "out" : "in",
            unknown === 1 ? null : kind === "residual" ? total * 0.1 : total * 1.4 + start,
            { endOf: "pay" },
          ),
        ]
      : [];
    return {
      rates: [unknown === 3 ? { ...quoted, percent: null } : quoted],
      flows: [...first, own, ...last],
    };
  });

const valued = fc
  .record({
    rate,
    paid: payment,
    parts: payments,
    isForever: fc.boolean(),
    begins: fc.constantFrom("P0D", "P0D", "P2Y", "P18M"),
    way,
  })
  .map(({ rate: quoted, paid, parts, isForever, begins, way: direction }): File => ({
    rates: [quoted],
    flows: [
      stream("pay", direction, paid, {
        ...parts,
        begins,
        ...(isForever ? { count: "forever", growth: undefined } : {}),
      }),
    ],
    ask: { find: "value", at: "P0D" },
  }));

const uneven = fc
  .record({
    rates: fc.tuple(
      rate,
      fc.option(fc.tuple(rate, fc.integer({ min: 1, max: 6 })), { nil: null, freq: 2 }),
    ),
    flows: fc.array(fc.tuple(way, money, time), { minLength: 2, maxLength: 7 }),
    at: time,
    unknown: fc.nat(2),
  })
  .map(({ rates: [quoted, changed], flows, at, unknown }): File => ({
    rates: [
      unknown === 2 ? { ...quoted, percent: null } : quoted,
      ...(changed === null ? [] : [{ ...changed[0], from: `P${String(changed[1])}Y` }]),
    ],
    flows: [
      single("first", "out", 1000, "P0D"),
      ...flows.map(([direction, amount, when], index) =>
        single(`f${String(index)}`, direction, amount, when),
      ),
      ...(unknown === 1 ? [single("asked", "in", null, at)] : []),
    ],
    ...(unknown === 0 ? { ask: { find: "value", at } } : {}),
  }));

const project = fc
  .record({
    rate,
    spent: money,
    amounts: fc.array(fc.oneof(money, payment), { minLength: 1, maxLength: 9 }),
    isRate: fc.boolean(),
  })
  .map(({ rate: quoted, spent, amounts, isRate }): File => ({
    rates: [isRate ? { ...quoted, percent: null } : quoted],
    flows: [list("project", [-spent, ...amounts])],
    ...(isRate ? {} : { ask: { find: "value", at: "P0D" } }),
  }));

const twoStreams = fc
  .record({ rate, paid: payment, saving: payments, spending: payments, unknown: fc.nat(1) })
  .map(({ rate: quoted, paid, saving, spending, unknown }): File => ({
    rates: [quoted],
    flows: [
      stream("save", "out", unknown === 0 ? null : paid, saving),
      stream("spend", "in", unknown === 1 ? null : paid, {
        ...spending,
        begins: { endOf: "save" },
      }),
    ],
  }));

const problems = fc
  .oneof(
    { weight: 3, arbitrary: lump },
    { weight: 5, arbitrary: annuity },
    { weight: 2, arbitrary: valued },
    { weight: 2, arbitrary: uneven },
    { weight: 1, arbitrary: project },
    { weight: 1, arbitrary: twoStreams },
  )
  .map((file): Problem | null => {
    const read = readProblem({ format: "kestrelmoor-problem", version: 2, ...file });
    return read.ok ? read.value : null;
  });

export function randomProblems(count: number, seed: number): readonly Problem[] {
  return fc.sample(problems, { numRuns: count, seed }).filter((problem) => problem !== null);
}
