import type { CalculationName } from "../src/calculations/calculations";

/** Bodies of a few kB that ask for much work: each once stopped the server for seconds. */

type Json = Readonly<Record<string, unknown>>;

const times = <Value>(count: number, make: (index: number) => Value) =>
  Array.from({ length: count }, (_, index) => make(index));

function problem(rates: readonly Json[], flows: readonly Json[], more: Json = {}): Json {
  return { format: "kestrelmoor-problem", version: 1, rates, flows, ...more };
}

const unknownRate = { percent: null, quoted: "effective" };

const single = (id: string, direction: string, amount: number | null, at: string | null): Json => ({
  ...{ id, kind: "single", direction, amount, at },
});

const list = (id: string, amounts: readonly number[], every: string): Json => ({
  ...{ id, kind: "list", every, begins: "P0D", amounts },
});

const stream = (id: string, amount: number | null, every: string, count: number | null): Json => ({
  ...{ id, kind: "stream", direction: "out", amount, every, count, timing: "end", begins: "P0D" },
});

const spells = times(60, (years) => ({
  percent: 3 + (years % 7) / 2,
  quoted: "effective",
  ...(years === 0 ? {} : { from: `P${years}Y` }),
}));

const growth = { percent: 0.01, every: "P1D" };

const manyDaily = (count: number) =>
  times(count, (index) => ({ ...stream(`daily${index}`, 5 + index, "P1D", 200_000), growth }));

/** Amounts that are the square of a polynomial: every rate is there twice. */
function squared(degree: number): number[] {
  const root = times(degree + 1, (power) =>
    power === 0 ? -100 : Math.round(300 / degree) + ((power * 7) % 5),
  );
  const amounts = Array<number>(2 * degree + 1).fill(0);
  root.forEach((one, i) => {
    root.forEach((other, j) => {
      amounts[i + j] = (amounts[i + j] ?? 0) + one * other;
    });
  });
  return amounts;
}

const questions = times(60, (years) => ({
  ...{ find: "interest", from: `P${years}Y`, to: `P${years + 40}Y` },
}));

export const HEAVY: Readonly<Record<string, readonly [CalculationName, Json]>> = {
  "a double root": ["/solve", problem([unknownRate], [list("square", squared(90), "P1Y")])],
  "a project with a double root": ["/appraise", { amounts: squared(90), every: "P1Y" }],
  "an unknown start under sixty rates": [
    "/solve",
    problem(spells, [
      single("now", "in", 1e6, "P0D"),
      { ...stream("moves", 50, "P1D", 100_000), growth, begins: null },
      ...manyDaily(20),
    ]),
  ],
  "an unknown count under sixty rates": [
    "/solve",
    problem(spells, [
      single("now", "out", 1000, "P0D"),
      { ...single("goal", "in", 1e12, ""), at: { endOf: "moves" } },
      { ...stream("moves", 50, "P1D", null), growth },
      ...manyDaily(20),
    ]),
  ],
  "sixty linked rates": [
    "/solve",
    problem(
      [
        unknownRate,
        ...times(59, (index) => ({
          quoted: "nominal",
          compounding: "P1D",
          percent: { plus: index % 3, of: 0 },
          from: `P${index + 1}Y`,
        })),
      ],
      [
        list(
          "one",
          times(5000, (index) => (index % 2 === 0 ? -1 : 1) * (100 + (index % 13))),
          "P1M",
        ),
        list(
          "two",
          times(5000, (index) => (index % 2 === 0 ? 1 : -1) * (100 + (index % 17))),
          "P11D",
        ),
      ],
    ),
  ],
  "workings of sixty questions": [
    "/workings",
    {
      level: "every-step",
      problem: problem(spells, [single("now", "in", null, "P0D"), ...manyDaily(12)], {
        also: questions,
      }),
    },
  ],
  "a hundred resets": [
    "/schedule",
    {
      flow: "pay",
      changes: times(100, (index) => ({
        kind: "rate",
        fromPayment: 2 + index * 18,
        percent: 4 + (index % 5),
        quotation: { quoted: "effective" },
        then: "reset",
      })),
      problem: problem(
        [{ percent: 6, quoted: "effective" }],
        [single("loan", "in", 200_000, "P0D"), stream("pay", null, "P1D", 19_000)],
      ),
    },
  ],
  "marking of forty streams": [
    "/mark",
    {
      claimed: "1,199.11",
      problem: problem(spells, [
        single("loan", "in", 200_000, "P0D"),
        ...times(40, (index) => ({
          ...stream(`pay${index}`, index === 0 ? null : index, "P1W", 1000 + index),
          growth: { percent: 2, every: "P1Y" },
        })),
      ]),
    },
  ],
};

export function heavy(name: keyof typeof HEAVY): { name: CalculationName; body: Json } {
  const found = HEAVY[name];
  if (found === undefined) throw new Error(`There is no heavy body “${name}”`);
  return { name: found[0], body: found[1] };
}
