import { describe, expect, test } from "@jest/globals";
import { marksUnknown, withUnknown } from "./entry-label";
import { namesOf } from "./names";
import { labelsIn, readAmounts } from "./read-amounts";
import { readDated } from "./read-dated";
import { tableToAmounts, tableToDated } from "./table-to-amounts";

const LENGTH = 99_000;

/** Texts over which a pattern that looks for an end goes again and again, and brackets that go too deep. */
const HOSTILE: readonly (readonly [string, string])[] = [
  ["spaces inside an entry", `1${" ".repeat(LENGTH)}x`],
  ["spaces behind a sign", `-${" ".repeat(LENGTH)}`],
  ["spaces before a number of times", `x${" ".repeat(LENGTH)}3y`],
  ["opening brackets", "(".repeat(LENGTH)],
  ["nested brackets", `${"(".repeat(LENGTH / 2)}1${")".repeat(LENGTH / 2)}`],
  ["signs", "-".repeat(LENGTH)],
  ["powers", `2${"^2".repeat(LENGTH / 2)}`],
  ["opening quotation marks", "“".repeat(LENGTH)],
  ["quotation marks without an end", `"${"a".repeat(LENGTH)}`],
  ["quotation marks and spaces", `1${' "'.repeat(LENGTH / 2)}`],
  ["digits", "1".repeat(LENGTH)],
  ["letters", "a".repeat(LENGTH)],
  ["multiples of something", "2 x ".repeat(LENGTH / 4)],
  ["comparisons", "1 more than ".repeat(LENGTH / 12)],
  ["question marks", "?".repeat(LENGTH)],
  ["a date and spaces", `2027-01-31${" ".repeat(LENGTH)}x`],
];

// A pattern that takes the square of the time needs minutes here, and the test runs out of its five seconds.
describe.each(HOSTILE)("%s", (_, text) => {
  const names = namesOf([{ id: "loan", label: "Loan", kind: "single" }]);

  test("are refused by a list, or read, and nothing breaks", () => {
    for (const read of [readAmounts(text, names), readDated(text, names)]) {
      if (!read.ok) expect(read.issues[0]?.code).toMatch(/not-understood|missing|too-many/);
    }
  });

  test("do no harm to what looks for labels, the unknown or a table", () => {
    expect(labelsIn(text).length).toBeLessThanOrEqual(LENGTH);
    expect(withUnknown(text, "1")).not.toContain(marksUnknown(text) ? "?" : "\0");
    for (const table of [tableToAmounts(text), tableToDated(text)]) {
      expect(table === null || table.length > 0).toBe(true);
    }
  });
});

test("the longest entry that somebody types is still read", () => {
  const names = namesOf([]);
  const label = "w".repeat(120);
  expect(readAmounts(`out 1,000 x 3 "${label}"; 1 ${"+ 1 ".repeat(90)}`, names)).toMatchObject({
    ok: true,
    value: [-1000, -1000, -1000, 91],
  });
});
