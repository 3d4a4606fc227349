import { describe, expect, test } from "@jest/globals";
import cases from "../../../reference/simple-and-dates.json";
import { convertRate } from "../rates/convert-rate";
import { quotationSchema, quotedRateSchema } from "../problem/schema";
import { expectAnswer, expectDigits } from "../../../test/reference-answer";

/* Expected values: brute force in 60-digit decimals, every payment moved on its own. */

const problems = cases.flatMap(({ id, problem, expect: wanted }) =>
  problem === undefined ? [] : { id, problem, wanted: wanted },
);

const conversions = cases.flatMap(({ id, from, to, expect: wanted }) =>
  from === undefined ? [] : { id, from, to, wanted: wanted },
);

test("the reference has every family", () => {
  expect(cases).toHaveLength(60);
  expect(new Set(cases.map(({ family }) => family)).size).toBe(12);
});

describe.each(problems)("$id", ({ problem, wanted }) => {
  test(`is ${wanted.value} ${wanted.unit}`, () => {
    expectAnswer(problem, wanted);
  });
});

describe.each(conversions)("$id", ({ from, to, wanted }) => {
  test(`is ${wanted.value} percent`, () => {
    const percent = convertRate(quotedRateSchema.parse(from), quotationSchema.parse(to));
    if (!percent.ok) throw new Error(JSON.stringify(percent.issues));
    expectDigits(percent.value, wanted.value);
  });
});
