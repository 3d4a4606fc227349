import { describe, expect, test } from "@jest/globals";
import cases from "../../../../reference/schedules.json";
import { effective, problemOf, single, stream } from "../../../../test/problems";
import { placeOf, recalculate } from "../../../../test/recalculate";
import type { LoanChange } from "../../../engine/schedule/changes/change";
import { runSchedule, type ScheduleRun } from "../../../engine/schedule/schedule";
import type { Cell, Workbook } from "./cells";
import { scheduleWords } from "../../../wording/teaching/schedule-words";
import { scheduleWorkbook } from "./schedule-workbook";

function ran(
  parts: object,
  changes: readonly LoanChange[] = [],
  rounding: "none" | "cent" = "none",
): ScheduleRun {
  const made = runSchedule(problemOf(parts), { flow: "pay", rounding, changes });
  if (!made.ok) throw new Error(JSON.stringify(made.issues));
  return made.value;
}

const bookOf = (run: ScheduleRun) =>
  scheduleWorkbook(run, {
    title: "Sheet",
    whenOf: ({ payment }) => `payment ${payment}`,
  });

function cellAt({ sheets: [sheet] }: Workbook, cell: string): Cell | null {
  const { column, row } = placeOf(cell);
  return sheet?.rows[row - 1]?.[column - 1] ?? null;
}

/** What a cell comes to when all is worked out anew, with other figures in some of the given ones. */
function reckoned(
  book: Workbook,
  cell: string,
  given: Readonly<Record<string, number>> = {},
): number {
  return recalculate(
    {
      at: (_, one) => {
        const held = cellAt(book, one);
        if (held?.kind === "input") return given[one] ?? held.value;
        return held?.kind === "formula" ? { formula: held.formula } : null;
      },
    },
    "Schedule",
    cell,
  );
}

/** The cell of a column in the row of a payment, and of a figure that is given. */
function placesIn(book: Workbook) {
  const rows = book.sheets[0]?.rows ?? [];
  const isText = (cell: Cell | null | undefined, words: string) =>
    cell?.kind === "text" && cell.text.startsWith(words);
  const heads = rows.findIndex(([, second]) => isText(second, "Time"));
  return {
    of: (name: string, payment: number) => {
      const column = (rows[heads] ?? []).findIndex((cell) => isText(cell, name));
      return `${String.fromCharCode(65 + column)}${heads + 1 + payment}`;
    },
    given: (name: string) => `C${rows.findIndex(([first]) => isText(first, name)) + 1}`,
  };
}

function expectSame(run: ScheduleRun): void {
  const book = bookOf(run);
  const places = placesIn(book);
  const size = run.schedule.rows.reduce((most, row) => Math.max(most, Math.abs(row.balance)), 1);
  // A balance that is the sum of a hundred others is asked for last, so that each is worked out once.
  for (const row of run.schedule.rows) {
    for (const [name, wanted] of [
      ["Closing balance", row.balance],
      ["Interest", row.interest],
      [scheduleWords(run.schedule).paid, row.paid],
    ] as const) {
      const found = reckoned(book, places.of(name, row.payment));
      expect(Math.abs(found - wanted)).toBeLessThan(1e-9 * size);
    }
  }
  expect(reckoned(book, book.answer.cell)).toBeCloseTo(
    run.schedule.rows.reduce((sum, { interest }) => sum + interest, 0),
    6,
  );
}

const loan = (rates: readonly object[], parts: object = {}, more: readonly object[] = []) => ({
  rates,
  flows: [
    single("loan", "in", 9000, "P0D"),
    stream("pay", "out", null, { every: "P1M", count: 24, ...parts }),
    ...more,
  ],
});
const MONTHLY = { percent: 6, quoted: "nominal", compounding: "P1M" };

test.each(cases.filter(({ count }) => count <= 60).map((one) => [one.id, one] as const))(
  "%s of the reference, worked out anew to the cent",
  (_, { loan: amount, rate, every, count, extra, expect: wanted }) => {
    const parts = {
      rates: [rate],
      flows: [single("loan", "in", amount, "P0D"), stream("pay", "out", null, { every, count })],
    };
    const changes: LoanChange[] =
      extra === undefined ? [] : [{ kind: "extra", often: "payment", ...extra }];
    const run = ran(parts, changes, "cent");
    const book = bookOf(run);
    const places = placesIn(book);
    for (const row of wanted.rows) {
      expect(reckoned(book, places.of("Closing balance", row.payment)).toFixed(2)).toBe(
        row.balance,
      );
      expect(reckoned(book, places.of("Interest", row.payment)).toFixed(2)).toBe(row.interest);
    }
  },
);

describe("every row is what the schedule has, worked out anew", () => {
  const pause = (kind: "holiday" | "interest-only", then: "kept" | "reset"): LoanChange => ({
    ...{ kind, fromPayment: 3, toPayment: 6, then },
  });
  test.each<[string, object, LoanChange[]]>([
    ["a loan", loan([MONTHLY]), []],
    ["no interest", loan([effective(0)]), []],
    ["two rates", loan([MONTHLY, effective(9, "P1Y")]), []],
    ["a rate that changes within a period", loan([MONTHLY, effective(9, "P1Y10D")]), []],
    ["a residual", loan([MONTHLY], {}, [single("left", "out", 3000, { endOf: "pay" })]), []],
    ["payments that grow", loan([MONTHLY], { growth: { percent: 4, every: "P1Y" } }), []],
    ["payments in advance", loan([MONTHLY], { timing: "start" }), []],
    [
      "a second draw within a period",
      loan([MONTHLY], {}, [single("more", "in", 500, "P100D")]),
      [],
    ],
    ["extras", loan([MONTHLY]), [{ kind: "extra", often: "year", amount: 700, fromPayment: 5 }]],
    ["rounding up", loan([MONTHLY]), [{ kind: "round-up", multiple: 25 }]],
    ["a holiday", loan([MONTHLY]), [pause("holiday", "kept")]],
    ["interest alone", loan([MONTHLY]), [pause("interest-only", "reset")]],
    [
      "another rate",
      loan([MONTHLY]),
      [
        {
          ...{ kind: "rate", fromPayment: 9, percent: 7, then: "reset" },
          quotation: { quoted: "effective" },
        },
      ],
    ],
    [
      "savings",
      {
        rates: [MONTHLY],
        flows: [
          stream("pay", "out", 50, { every: "P1M", count: 18 }),
          single("goal", "in", null, { endOf: "pay" }),
        ],
      },
      [],
    ],
    [
      "savings that reach their goal",
      {
        rates: [MONTHLY],
        flows: [
          stream("pay", "out", null, { every: "P1M", count: 18 }),
          single("goal", "in", 1000, { endOf: "pay" }),
        ],
      },
      [{ kind: "extra", often: "once", amount: 70, fromPayment: 5 }],
    ],
  ])("%s", (_, parts, changes) => {
    expectSame(ran(parts, changes));
    expectSame(ran(parts, changes, "cent"));
  });
});

test("what is given can be changed, and every row follows", () => {
  const book = bookOf(ran(loan([MONTHLY])));
  const { of, given } = placesIn(book);
  const changed = { [given("Opening balance")]: 18_000, [given("Periodic rate")]: 0.01 };
  // 18,000 over two years at 1 % a month.
  const payment = (18_000 * 0.01) / (1 - 1.01 ** -24);
  expect(reckoned(book, of("Paid", 1), changed)).toBeCloseTo(payment, 9);
  expect(reckoned(book, of("Closing balance", 24), changed)).toBeCloseTo(0, 6);
  expect(reckoned(book, of("Interest", 2), changed)).toBeCloseTo(
    0.01 * (18_000 * 1.01 - payment),
    9,
  );
  expect(reckoned(book, of("Paid", 1), { [given("Periodic rate")]: 0 })).toBeCloseTo(375, 9);
});
