import { describe, expect, test } from "@jest/globals";
import firstVersion from "../../../reference/problems.json";
import { effective, single, solved, stream } from "../../../test/problems";
import { linePlain } from "../workings/write-line";
import { HINTS, hintsFor } from "./hints";

const textOf = (hint: ReturnType<typeof hintsFor>[number] | undefined) =>
  (hint ?? []).flatMap(({ say, lines }) => [say, ...lines.map((line) => linePlain(line))]);

test("a loan: what to look at, the line, the line with numbers", () => {
  const [look, line, numbers] = hintsFor(
    solved({
      rates: [{ percent: 6.9, quoted: "nominal", compounding: "P1M" }],
      flows: [
        single("a", "in", 52000, "P0D"),
        stream("b", "out", null, { every: "P1M", count: 60 }),
      ],
    }),
  );
  expect(textOf(look)).toEqual([
    "Focal date: today. On that date, the value of the money in (the amount you receive today) equals the value of the money out (the monthly payments you pay).",
    "Look for: present value of an ordinary annuity.",
  ]);
  expect(textOf(line)).toEqual(["Write this line.", "PMT = PV / ((1 - (1 + i)^(-n)) / i)"]);
  expect(textOf(numbers)).toEqual([
    "Periodic rate: divide the nominal rate by its 12 compounding periods a year.",
    "i = j / m = 0.069 / 12 = 0.00575",
    "Substitute the numbers.",
    "PMT = 52,000.00 / ((1 - 1.00575^(-60)) / 0.00575)",
  ]);
});

test("a rate without a formula says so, and gives the equation with its numbers", () => {
  const [, line, numbers] = hintsFor(
    solved({
      rates: [effective(null)],
      flows: [single("a", "in", 1000, "P0D"), stream("b", "out", 250, { count: 5 })],
    }),
  );
  expect(textOf(line)).toContain("PV = PMT × (1 - (1 + i)^(-n)) / i");
  expect(textOf(numbers)).toContain("1,000.00 = 250.00 × (1 - (1 + i)^(-5)) / i");
});

describe("no hint of a reference case has its answer", () => {
  test.each(firstVersion.map(({ id, problem }) => ({ id, problem })))("$id", ({ problem }) => {
    const solution = solved({ ...(problem as object), version: 2 });
    const hints = hintsFor(solution);
    expect(hints).toHaveLength(HINTS);
    for (const hint of hints) expect(textOf(hint)).not.toEqual([]);
    const { value } = solution.answers[0];
    const digits = Math.abs(value).toPrecision(9).replace(".", "").replace(/^0+/, "");
    // Round answers, such as 10, may be numbers of the question too.
    const given = JSON.stringify(problem).replaceAll(".", "");
    if (digits.endsWith("0000") || given.includes(digits.slice(0, 7))) return;
    for (const text of hints.flatMap(textOf)) {
      expect(text.replace(/[,.]/g, "")).not.toContain(digits.slice(0, 7));
    }
  });
});
