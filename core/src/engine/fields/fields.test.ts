import { describe, expect, test } from "@jest/globals";
import fc from "fast-check";
import { effective, list, problemOf, single, solved, stream } from "../../../test/problems";
import type { Path } from "../issues/issue";
import type { Problem } from "../problem/schema";
import { findUnknown } from "../problem/unknown";
import { readProblem } from "../problem/problem-file";
import { ASK_FIELD, fieldKey, flowField, isSameField, rateField, type FieldRef } from "./field-ref";
import { figureOf, figuresOf, numberAt, numberOnTimeline, withNumber } from "./problem-figures";

/** Every kind of flow with every field that it can have. */
const everything = problemOf({
  rates: [effective(5), effective(6, "P2Y")],
  flows: [
    single("loan", "in", 1000, "P1Y"),
    stream("payments", "out", 140, {
      begins: "P6M",
      count: 7.5,
      growth: { percent: 2, every: "P1Y" },
    }),
    stream("steps", "out", 90, { growth: { amount: -3, every: "P1Y" } }),
    list("extra", [-10, 20, 0], { begins: "P3Y" }),
    {
      id: "dates",
      kind: "dated",
      entries: [
        { on: "2027-01-01", amount: -5 },
        { on: "2028-01-01", amount: 6 },
      ],
    },
  ],
  ask: { find: "value", at: "P4Y" },
});

const FIELDS: readonly (readonly [FieldRef, string, string | null, Path, number])[] = [
  [rateField(0, "percent"), "percent", "percent", ["rates", 0, "percent"], 5],
  [rateField(1, "percent"), "percent", "percent", ["rates", 1, "percent"], 6],
  [rateField(1, "from"), "years", null, ["rates", 1, "from"], 2],
  [flowField(0, "amount"), "money", "amount", ["flows", 0, "amount"], 1000],
  [flowField(0, "at"), "years", "at", ["flows", 0, "at"], 1],
  [flowField(1, "amount"), "money", "amount", ["flows", 1, "amount"], 140],
  [flowField(1, "count"), "payments", "count", ["flows", 1, "count"], 7.5],
  [flowField(1, "begins"), "years", "begins", ["flows", 1, "begins"], 0.5],
  [flowField(1, "growth"), "percent", "growth", ["flows", 1, "growth", "percent"], 2],
  [flowField(2, "amount"), "money", "amount", ["flows", 2, "amount"], 90],
  [flowField(2, "count"), "payments", "count", ["flows", 2, "count"], 10],
  [flowField(2, "begins"), "years", "begins", ["flows", 2, "begins"], 0],
  [flowField(2, "growth"), "money", "amount", ["flows", 2, "growth", "amount"], -3],
  [flowField(3, "begins"), "years", "begins", ["flows", 3, "begins"], 3],
  [flowField(3, "amounts", 0), "money", "amount", ["flows", 3, "amounts", 0], -10],
  [flowField(3, "amounts", 1), "money", "amount", ["flows", 3, "amounts", 1], 20],
  [flowField(3, "amounts", 2), "money", "amount", ["flows", 3, "amounts", 2], 0],
  [flowField(4, "entries", 0), "money", "amount", ["flows", 4, "entries", 0, "amount"], -5],
  [flowField(4, "entries", 1), "money", "amount", ["flows", 4, "entries", 1, "amount"], 6],
  [ASK_FIELD, "years", null, ["ask", "at"], 4],
];

/** What stands at a path, or that with something else put there. */
function at(problem: unknown, path: Path): unknown {
  return path.reduce((place, key) => (place as Record<string | number, unknown>)[key], problem);
}

function withAt(problem: Problem, path: Path, value: unknown): Problem {
  const copy = JSON.parse(JSON.stringify(problem)) as Problem;
  const place = at(copy, path.slice(0, -1)) as Record<string | number, unknown>;
  place[path.at(-1) ?? ""] = value;
  return copy;
}

describe("the figures of a problem", () => {
  test("are all listed, in the order of the file", () => {
    const found = figuresOf(everything).map((figure) => [
      figure.field,
      figure.unit,
      figure.unknown,
      figure.path,
      numberAt(everything, figure.field),
    ]);
    expect(found).toEqual(FIELDS.map((field) => [...field]));
  });

  test.each(FIELDS)("%j holds what stands at its place in the file", (field, _, __, path) => {
    expect(figureOf(everything, field)?.filed).toEqual(at(everything, path));
  });

  test.each(FIELDS)("%j takes another number, and nothing else changes", (field, unit, _, path) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40_000 }), (eighths) => {
        const number = eighths / 8;
        const changed = withNumber(everything, field, number);
        expect(numberAt(changed, field)).toBeCloseTo(number, 9);
        const filed = unit === "years" ? `P${number}Y` : number;
        expect(changed).toEqual(withAt(everything, path, filed));
      }),
      { numRuns: 20 },
    );
  });

  test("a field of another line, kind or entry is none", () => {
    for (const field of [
      flowField(9, "amount"),
      flowField(0, "count"),
      flowField(0, "direction"),
      flowField(3, "amounts"),
      flowField(3, "amounts", 3),
      rateField(0, "from"),
      rateField(5, "percent"),
      rateField(0, "quotation"),
    ]) {
      expect([field, figureOf(everything, field)]).toEqual([field, undefined]);
      expect(() => withNumber(everything, field, 1)).toThrow(TypeError);
    }
  });

  test("an unknown and a reference are no numbers", () => {
    const waiting = problemOf({
      rates: [effective(null), effective({ plus: 1, of: 0 }, { endOf: "payments" })],
      flows: [
        stream("payments", "out", 5),
        single("end", "in", { times: 2, of: "payments" }, "P1Y"),
      ],
    });
    const numbers = figuresOf(waiting).map(({ field }) => numberAt(waiting, field));
    expect(numbers).toEqual([null, null, null, 5, 10, 0, null, 1]);
  });
});

describe("a figure that is unknown", () => {
  const unknowns = FIELDS.filter(([, , kind]) => kind !== null);
  test.each(unknowns)("%j is found as what it is", (field, _, kind, path) => {
    const read = readProblem(withAt({ ...everything, ask: undefined }, path, null));
    if (!read.ok) throw new Error(JSON.stringify(read.issues));
    expect(findUnknown(read.value)).toEqual({ ok: true, value: { kind, field, path } });
  });
});

describe("a figure on the timeline", () => {
  const { settled } = solved(everything);
  test.each(FIELDS.filter(([field]) => field.on !== "ask"))(
    "%j is there, signed like the money of its line",
    (field, unit, _, __, number) => {
      if (field.on === "ask") throw new Error("It has no line");
      const line = field.on === "flow" ? everything.flows[field.line] : undefined;
      const isOut = line !== undefined && "direction" in line && line.direction === "out";
      const found = numberOnTimeline(everything, settled, field);
      expect(found).toBeCloseTo(unit === "money" && isOut ? -number : number, 9);
    },
  );

  test("is none where there is no such line", () => {
    expect(numberOnTimeline(everything, settled, flowField(7, "amount"))).toBeNull();
    expect(numberOnTimeline(everything, settled, rateField(7, "percent"))).toBeNull();
  });
});

test("a reference is the same as one with the same line, field and entry", () => {
  const refs = FIELDS.map(([field]) => field);
  refs.forEach((one, place) => {
    const alike = refs.filter((other) => isSameField(one, other));
    expect(alike).toEqual([refs[place]]);
  });
  expect(new Set(refs.map(fieldKey)).size).toBe(refs.length);
});
