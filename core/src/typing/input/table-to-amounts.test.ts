import { describe, expect, test } from "@jest/globals";
import { namesOf } from "./names";
import { labelsIn, readAmounts } from "./read-amounts";
import { readDated } from "./read-dated";
import { columnsPassedOver, faultInTable, tableToAmounts, tableToDated } from "./table-to-amounts";

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

  test("names before the amounts are their labels, and what only counts is none", () => {
    const text = tableToAmounts("Wax press\t-5,000\nYear 1\t1,200\n2\tHoney, sold; all\t1,300");
    expect(labelsIn(text ?? "")).toEqual(["Wax press", "", "Honey, sold all"]);
    expect(readAmounts(text ?? "", namesOf([]))).toEqual({ ok: true, value: [-5000, 1200, 1300] });
  });

  test("a thousand rows keep their places", () => {
    const rows = Array.from({ length: 1000 }, (_, index) => `${index}\t${index - 500}.25`);
    const read = readAmounts(tableToAmounts(rows.join("\n")) ?? "", namesOf([]));
    expect(read.ok && read.value.length).toBe(1000);
    expect(read.ok && read.value[3]).toBe(-497.25);
  });

  test("with dates before the amounts it becomes dated amounts", () => {
    const text = tableToDated("Date\tFor\tAmount\n2027-03-01\tPress\t-5,000\n2027-09-15\t\t300");
    expect(readDated(text ?? "", namesOf([]))).toEqual({
      ok: true,
      value: [
        { on: "2027-03-01", amount: -5000, label: "Press" },
        { on: "2027-09-15", amount: 300 },
      ],
    });
  });

  test.each([
    ["a date that the calendar has not", "2027-02-30\t5"],
    ["dates alone", "2027-03-01\n2027-04-01"],
    ["no dates", "1\t500\n2\t600"],
  ])("%s is no table of dated amounts", (_, pasted) => {
    expect(tableToDated(pasted)).toBeNull();
  });

  test.each([
    ["0\t-5000\n1\t1200", 0],
    ["2027\t-5000\n2028\t1200", 0],
    ["Year\tPress\tShed\n0\t-5000\t-80\n1\t1200\t90", 1],
    ["Press\t-5000\nHoney\t1200", 0],
    [`${"5\t".repeat(199)}7\n${"6\t".repeat(199)}8`, 199],
    ["1\t2\t3", 0],
  ])("%.30j passes over %d columns of amounts", (pasted, columns) => {
    expect(columnsPassedOver(pasted)).toBe(columns);
  });

  test("figures that are passed over do not become labels", () => {
    expect(tableToAmounts("Press\t17\t-80\nHoney\t18\t90")).toBe('-80 "Press"; 90 "Honey"');
  });

  test.each([
    ["Year\tFlow\n0\t-5000\n1\tmuch", { row: 3, cell: "much" }],
    ["0\t=1+2\n1\t5", { row: 1, cell: "=1+2" }],
    ["0\t5\n1\t6", null],
  ])("what is wrong with %j", (pasted, fault) => {
    expect(faultInTable(pasted)).toEqual(fault);
  });
});
