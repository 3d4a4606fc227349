import { describe, expect, test } from "@jest/globals";
import { namesOf } from "./names";
import { readAmounts } from "./read-amounts";
import { tableToAmounts } from "./table-to-amounts";

describe("a table from elsewhere", () => {
  test.each<[string, string, number[]]>([
    ["a column", "1000\n-300\n450.50", [1000, -300, 450.5]],
    ["a column with a head", "Cash flow\r\n-1,000\r\n300\r\n", [-1000, 300]],
    ["with signs of currency", "Amount\n($1,000.00)\n$300.00\n€ 12.50", [-1000, 300, 12.5]],
    ["with the periods before it", "Year\tFlow\n0\t-5000\n1\t1200\n2\t0", [-5000, 1200, 0]],
    ["with names before it", "Today\t-5 000\nYear 1\t1 200", [-5000, 1200]],
    ["a row", "100\t200\t-300", [100, 200, -300]],
    ["a row under its heads", "First\tSecond\n100\t200", [100, 200]],
    ["a currency's letters", "USD 500\n600 EUR", [500, 600]],
  ])("%s becomes amounts", (_, pasted, amounts) => {
    const text = tableToAmounts(pasted);
    const read = readAmounts(text ?? "", namesOf([]));
    expect(read).toEqual({ ok: true, value: amounts });
  });

  test.each([
    ["one amount", "1000"],
    ["words", "out 1,000; 300 x 3"],
    ["a table of words", "Year\tWho\n1\tHilda\n2\tTam"],
    ["nothing", " \n "],
    ["heads alone", "Year\tFlow"],
    ["an amount that is missing", "1\t500\n2\t\n3\t700"],
  ])("%s is pasted as it is", (_, pasted) => {
    expect(tableToAmounts(pasted)).toBeNull();
  });
});
