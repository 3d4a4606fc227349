import { describe, expect, test } from "@jest/globals";
import { againstPlan } from "@kestrelmoor/core";
import { accountIn, loanOf, problemOf } from "../../../../../test/loans";
import { againstWords } from "./against-words";
import { amountIn, dateOf } from "../../../../files/cell-values";
import { paymentsIn } from "./payments-in";
import { readTable, type Row, type Separator } from "../../../../files/read-table";
import { asOneColumn, recognise, type Understanding } from "./recognise";
import { USUAL_FORMAT } from "@kestrelmoor/core";

/** 1,200 in twelve monthly payments of 100, without interest. */
const loan = () =>
  accountIn(
    problemOf(loanOf(1200, { percent: 0, quoted: "effective" }, { every: "P1M", count: 12 })),
  );

function rowsOf(text: string): readonly Row[] {
  const table = readTable(text, null, USUAL_FORMAT);
  if (!table.ok) throw new Error(table.sentence);
  return asOneColumn(table.rows, table.separator, text);
}

function read(
  text: string,
  firstDate: string | null = "2027-01-31",
  chosen: Partial<Understanding> = {},
) {
  const rows = rowsOf(text);
  return paymentsIn(rows, { ...recognise(rows), ...chosen }, loan(), firstDate);
}

function amountsOf(found: ReturnType<typeof read>): readonly number[] | string {
  return found.ok ? found.payments.map(({ amount }) => amount) : found.sentence;
}

describe("an amount in a cell", () => {
  test.each<[string, number | null, number | null]>([
    ["1,234.56", 1234.56, null],
    ["1.234,56", null, 1234.56],
    ["1 234,5", null, 1234.5],
    ["12.5", 12.5, null],
    ["1.234", 1.234, 1234],
    ["1,234", 1234, 1.234],
    ["500", 500, 500],
    ["€ 12.50", 12.5, null],
    ["12.50 EUR", 12.5, null],
    ["-$7.25", -7.25, null],
    ["(200)", -200, -200],
    ["−3", -3, -3],
    ["1,23,456.00", null, null],
    ["=SUM(A1:A9)", null, null],
    ["=1+1", null, null],
    ["+cmd|' /C calc'!A0", null, null],
    ["lots", null, null],
    ["", null, null],
    ["1e5", null, null],
    ["12-13", null, null],
  ])("“%s” is %s with a point and %s with a comma", (cell, point, comma) => {
    expect(amountIn(cell, "point")).toBe(point);
    expect(amountIn(cell, "comma")).toBe(comma);
  });
});

test.each<[string, string | null, string | null, string | null]>([
  ["2027-02-28", "2027-02-28", null, null],
  ["2027-02-30", null, null, null],
  ["3.4.2027", null, "2027-04-03", "2027-03-04"],
  ["03/14/2027", null, null, "2027-03-14"],
  ["2027-03-01T09:30:00", "2027-03-01", null, null],
  ["1/2/27", null, null, null],
  ["2027-13-01", null, null, null],
  ["soon", null, null, null],
])("“%s” as a date is %s, %s or %s", (cell, ymd, dmy, mdy) => {
  expect([dateOf(cell, "ymd"), dateOf(cell, "dmy"), dateOf(cell, "mdy")]).toEqual([ymd, dmy, mdy]);
});

describe("how a file is understood", () => {
  test.each<[string, string, object]>([
    [
      "commas and points",
      "Date,Amount\n2027-01-31,100.50\n2027-02-28,99.50",
      { hasHeads: true, dates: 0, amounts: 1, mark: "point", order: "ymd" },
    ],
    [
      "semicolons, decimal commas and a byte-order mark",
      "\uFEFFDatum;Text;Betrag\r\n31.01.2027;Rate;100,50\r\n28.02.2027;Rate;1.099,50\r\n",
      { hasHeads: true, dates: 0, amounts: 2, mark: "comma", order: "dmy" },
    ],
    [
      "tabs, no heads, and a column that counts",
      "1\t100\n2\t100\n3\t100",
      { hasHeads: false, dates: null, amounts: 1, mark: "point" },
    ],
    [
      "quoted cells with line ends and separators in them",
      'Paid on,Note,Paid\n2027-01-31,"late, again\nsorry","1,100.00"',
      { hasHeads: true, dates: 0, amounts: 2, mark: "point" },
    ],
    ["American dates", "2/28/2027,5.5\n3/1/2027,5.5", { order: "mdy", dates: 0 }],
    ["dates that say nothing of their order", "1/2/2027,5.5\n3/4/2027,5.5", { order: null }],
    [
      "amounts that say nothing of their mark",
      "Paid;Note\n1,234;x\n2,345;y",
      { mark: null, amounts: 0 },
    ],
    [
      "two columns of amounts with names alike",
      "a;b\n5.5;6.5\n7.5;8.5",
      { amounts: null, mark: null },
    ],
  ])("%s", (_, text, wanted) => {
    expect(recognise(rowsOf(text))).toMatchObject(wanted);
  });

  test.each<[string, Separator | null]>([
    ["Datum;Betrag\n31.01.2027;808,75\n28.02.2027;700,00", ";"],
    ["Paid\n808,75\n700,00", null],
    ["No,Paid\n1,100\n2,100", ","],
    ["2027-01-31|100", "|"],
    ["2027-01-31\t1,100.00", "\t"],
    ["31.01.2027 808.75\n28.02.2027   700.00", " "],
    ["31.01.2027 808.75\n28.02.2027 700.00\n31.03.2027 x", " "],
    ["1,234.56\n2,345.67", null],
    ["808,75\n700,00", null],
    ["1 234.50\n1 100.00", null],
  ])("%j is parted by %j", (text, separator) => {
    const table = readTable(text, null, USUAL_FORMAT);
    if (!table.ok) throw new Error(table.sentence);
    expect(table.rows.map(({ cells }) => cells.length)).toEqual(
      table.rows.map(() => (separator === null ? 1 : 2)),
    );
    if (separator !== null) expect(table.separator).toBe(separator);
  });

  test("what cannot be told is asked, and nothing is read until it is", () => {
    expect(amountsOf(read("Paid;Note\n1,234;x\n2,345;y", null))).toMatch(
      /decimal point or a decimal comma/,
    );
    expect(amountsOf(read("1/2/2027,5.5\n3/4/2027,5.5"))).toMatch(/order of day and month/);
    expect(amountsOf(read("a;b\n5.5;6.5\n7.5;8.5"))).toMatch(/^Choose the column/);
    expect(amountsOf(read("2027-01-31,5.5\n2027-02-28,5.5", null))).toMatch(/first payment above/);
    expect(amountsOf(read("Paid;Note\n1,234;x\n2,345;y", null, { mark: "point" }))).toEqual([
      1234, 2345,
    ]);
    expect(amountsOf(read("1/2/2027,5.5\n3/4/2027,5.5", "2027-01-31", { order: "dmy" }))).toEqual([
      5.5, 5.5,
    ]);
  });

  test("nothing, and more than can be read", () => {
    expect(readTable(" \n\n", null, USUAL_FORMAT)).toMatchObject({ ok: false });
    const many = "2027-01-31,1.50\n".repeat(100_000);
    expect(rowsOf(many)).toHaveLength(100_000);
    expect(readTable(`${many}2027-01-31,1.50`, null, USUAL_FORMAT)).toMatchObject({
      ok: false,
      sentence: expect.stringContaining("100,001 rows"),
    });
  });
});

describe("payments of a file", () => {
  test("rows that cannot be read are told, and the others count", () => {
    const found = read(
      "Date,Paid\n2027-01-31,100\n2027-02-30,100\n2027-03-31,=1+1\n2027-04-30,\n,100\n2027-05-31,100",
    );
    expect(found.ok && found.bad).toEqual([
      { number: 3, sentence: "“2027-02-30” is not a date in that order." },
      { number: 4, sentence: "“=1+1” is not an amount." },
      { number: 5, sentence: "no amount." },
      { number: 6, sentence: "no date." },
    ]);
    expect(amountsOf(found)).toEqual([100, 100]);
    expect(found.ok && found.payments[1]?.time).toBeCloseTo(5 / 12, 9);
  });

  test("without dates they follow each other, and a bad one keeps its place", () => {
    const found = read("100\nnothing\n120", null);
    expect(amountsOf(found)).toEqual([100, 0, 120]);
    expect(found.ok && found.payments[2]?.time).toBeCloseTo(3 / 12, 9);
  });

  test.each<[string, readonly number[] | string]>([
    ["31.01.2027 808.75\n28.02.2027 700.00", [808.75, 700]],
    ["808.75; 700; 808.75", [808.75, 700, 808.75]],
    ["808,75; 700,50", [808.75, 700.5]],
    ["808.75, 700, 808.75", [808.75, 700, 808.75]],
    ["808.75 700.00 808.75", [808.75, 700, 808.75]],
    ["808.75\t700.00", [808.75, 700]],
    ["808.75", [808.75]],
    ["1,234.56", [1234.56]],
    ["1,234.56\n2,345.67", [1234.56, 2345.67]],
    ["1,234.56, 900", "This is not a list of payments. Put each payment on its own line."],
    ["1,234", "The amounts are ambiguous. Choose a decimal point or a decimal comma."],
    ["=1+1\nlots\n-5", "This is not a list of payments. Put each payment on its own line."],
    ["one two", "This is not a list of payments. Put each payment on its own line."],
  ])("typed or pasted as %j", (text, wanted) => {
    expect(amountsOf(read(text))).toEqual(wanted);
  });

  test("what goes out at a bank stands below zero, and is taken as paid", () => {
    const out = read("2027-01-31,-100.00\n2027-02-28,-100.00");
    expect([amountsOf(out), out.ok && out.isTurned]).toEqual([[100, 100], true]);
    const mixed = read("2027-01-31,100.00\n2027-02-28,-20.00");
    expect([amountsOf(mixed), mixed.ok && mixed.isTurned]).toEqual([[100, -20], false]);
  });
});

describe("plan and reality in words", () => {
  const account = loan();
  const told = (amounts: readonly number[], from = 1) =>
    againstWords(
      againstPlan(
        account.run,
        amounts.map((amount, index) => ({ amount, time: (from + index) / 12 })),
      ),
      account.schedule,
      (amount) => amount.toFixed(2),
      USUAL_FORMAT,
    );

  test.each<[string, string, string]>([
    [
      "as planned",
      told([100, 100]),
      "The first 2 payments match the plan: the balance is 1000.00.",
    ],
    [
      "less",
      told([100, 60]),
      "Paid up to payment 2: 160.00 instead of 200.00. Interest: 0.00 instead of 0.00. Balance: 1040.00 instead of 1000.00.",
    ],
    ["too late", told([5], 13), "None of these payments falls within the plan."],
    [
      "after the end",
      told([100, 7], 12),
      "Paid up to payment 12: 100.00 instead of 1200.00. Interest: 0.00 instead of 0.00. Balance: 1100.00 instead of 0.00. 7.00 was paid after the last planned payment and is not included.",
    ],
  ])("%s", (_, sentence, wanted) => {
    expect(sentence.replace(/−/g, "-")).toBe(wanted);
  });
});
