import { expect, test } from "@jest/globals";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { isShort } from "./is-short";

const rate = { percent: 5, quoted: "effective" };
const unknownRate = { ...rate, percent: null };
const single = { kind: "single", amount: 100, at: "P0D" };
const stream = { kind: "stream", amount: 1, every: "P1M", count: 360 };
const times = <Value>(count: number, value: Value) => Array<Value>(count).fill(value);

test.each<[string, boolean, Parameters<typeof isShort>[0], unknown]>([
  ["a loan", true, "/solve", { rates: [rate], flows: [single, stream] }],
  ["an unknown rate of a loan", true, "/solve", { rates: [unknownRate], flows: [single, stream] }],
  [
    "of more flows, whose signs may change often",
    false,
    "/solve",
    { rates: [unknownRate], flows: [single, stream, single] },
  ],
  [
    "an unknown start under two rates",
    false,
    "/solve",
    { rates: [rate, rate], flows: [{ ...stream, begins: null }] },
  ],
  [
    "an amount under four rates",
    true,
    "/solve",
    { rates: times(4, rate), flows: [{ ...single, amount: null }, stream] },
  ],
  ["many flows", false, "/solve", { rates: [rate], flows: times(9, single) }],
  ["many rates", false, "/solve", { rates: times(5, rate), flows: [single] }],
  [
    "an unknown rate of two series",
    false,
    "/solve",
    { rates: [unknownRate], flows: [stream, { ...stream, every: "P50M" }] },
  ],
  [
    "of a list with an amount between",
    false,
    "/solve",
    { rates: [unknownRate], flows: [single, { amounts: [1, -1, 1] }] },
  ],
  ["of a list alone", true, "/solve", { rates: [unknownRate], flows: [{ amounts: [1, -1] }] }],
  ["many payments", true, "/solve", { rates: [rate], flows: [{ ...stream, count: 36_000 }] }],
  [
    "an unknown rate of payments that grow",
    false,
    "/solve",
    { rates: [unknownRate], flows: [single, { ...stream, growth: { amount: -5, every: "P1M" } }] },
  ],
  ["many amounts", false, "/solve", { rates: [rate], flows: [{ amounts: times(401, 1) }] }],
  ["many questions", false, "/solve", { rates: [rate], flows: [single], also: times(9, {}) }],
  ["a project", true, "/appraise", { amounts: times(12, 1) }],
  ["a long one", false, "/appraise", { entries: times(25, 1) }],
  [
    "an unknown rate of many amounts",
    false,
    "/solve",
    { rates: [unknownRate], flows: [{ amounts: times(25, 1) }] },
  ],
  [
    "a question of few parts",
    true,
    "/solve",
    { parts: times(4, { problem: { rates: [rate], flows: [single, stream] } }) },
  ],
  [
    "a question of many",
    false,
    "/solve",
    { parts: times(5, { problem: { rates: [rate], flows: [single, stream] } }) },
  ],
  [
    "a question with a part that is not short",
    false,
    "/solve",
    { parts: [{ problem: { rates: [rate], flows: times(9, single) } }] },
  ],
  [
    "payments with simple interest, moved one by one",
    false,
    "/solve",
    { rates: [{ percent: 5, quoted: "simple" }], flows: [{ ...stream, count: 401 }] },
  ],
  [
    "a few of them",
    true,
    "/solve",
    { rates: [{ percent: 5, quoted: "bank-discount" }], flows: [{ ...stream, count: 24 }] },
  ],
  [
    "an unknown number of them, for fractions of a period",
    false,
    "/solve",
    { fraction: "simple", rates: [rate], flows: [single, { ...stream, count: null }] },
  ],
  ["a conversion", true, "/rates/convert", {}],
  ["workings", false, "/workings", {}],
  ["nothing", true, "/solve", null],
])("%s: %p", (_, short, name, body) => {
  expect(isShort(name, body)).toBe(short);
});

test("nearly all problems of a course are short", () => {
  const file = join(__dirname, "../../../core/reference/problems.json");
  const cases = JSON.parse(readFileSync(file, "utf8")) as { readonly problem: unknown }[];
  const short = cases.filter(({ problem }) => isShort("/solve", problem));
  expect(short.length / cases.length).toBeGreaterThan(0.7);
});
