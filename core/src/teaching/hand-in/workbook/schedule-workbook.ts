import type { ScheduleRun } from "../../../engine/schedule/schedule";
import type { ScheduleRow } from "../../../engine/schedule/schedule-types";
import { columnName, text, type Cell, type Workbook } from "./cells";
import { otherInterest, periodRates, type PeriodRate } from "./period-rates";
import {
  SCHEDULE_MONEY,
  scheduleColumns,
  scheduleWords,
  type ScheduleColumn,
} from "../../../wording/teaching/schedule-words";
import { WORKBOOK_WORDS } from "../../../wording/teaching/workbook-words";
import { PART_BETWEEN, isClose } from "../../../engine/numbers/compare";

export interface ScheduleWorkbookHead {
  readonly title: string;
  /** When each payment falls, in words or as a date. */
  readonly whenOf: (row: ScheduleRow) => string;
}

const WORDS = WORKBOOK_WORDS.schedule;
const SHEET = WORKBOOK_WORDS.scheduleSheet;

/**
 * A schedule as a workbook with live formulas: what is there at the beginning, the rate of each period, the
 * payments and whatever comes beside them stand in cells to be changed, and every row follows.
 *
 * @returns one sheet; money in the problem's currency, rates for each payment as decimals
 * Accuracy: recalculated in double precision each balance agrees with the schedule's to a relative 1e-9, in
 *   cents to the cent
 */
export function scheduleWorkbook(run: ScheduleRun, head: ScheduleWorkbookHead): Workbook {
  return new ScheduleSheet(run).write(head);
}

class ScheduleSheet {
  private readonly rows: (Cell | null)[][] = [];
  private readonly columns: ReadonlyMap<Column, ScheduleColumn & { readonly letters: string }>;
  private readonly rates: readonly PeriodRate[];
  private readonly rateCells: string[] = [];
  private readonly levelCells: string[] = [];
  private openingCell = "";
  private leftCell = "";

  constructor(private readonly run: ScheduleRun) {
    const { schedule } = run;
    this.columns = new Map(
      scheduleColumns(schedule, COLUMNS).map((column, place) => [
        column.key,
        { ...column, letters: columnName(place) },
      ]),
    );
    this.rates = periodRates(run);
  }

  write({ title, whenOf }: ScheduleWorkbookHead): Workbook {
    const { schedule } = this.run;
    this.rows.push([text(title, "title")], []);
    this.writeGiven(scheduleWords(schedule).before);
    const totals = this.rows.length + 1;
    const first = totals + 2;
    const columns = [...this.columns.keys()];
    this.rows.push(columns.map((column) => this.total(column, first)));
    this.rows.push([...this.columns.values()].map(({ head }) => text(head, "head")));
    for (const row of schedule.rows) {
      const line = first + row.payment - 1;
      this.rows.push(columns.map((column) => this.cell(column, row, line, whenOf)));
    }
    return {
      answer: { sheet: SHEET, cell: `${this.letters("interest")}${totals}` },
      further: [],
      sheets: [
        {
          name: SHEET,
          widths: columns.map((column) => WIDTHS[column] ?? 16),
          rows: this.rows,
          rowsKept: totals + 1,
        },
      ],
    };
  }

  /** The values that may be changed, each after its name. */
  private writeGiven(before: string): void {
    const { schedule, plan } = this.run;
    const given = (name: string, cell: Cell): string => {
      this.rows.push([text(name), null, cell]);
      return `$C$${this.rows.length}`;
    };
    const opening = schedule.rows[0]?.opening ?? 0;
    this.openingCell = given(WORDS.opening(before), input(opening, "money"));
    for (const { from, value } of this.rates) {
      const since = this.rates.length === 1 ? "" : WORDS.since(from);
      this.rateCells.push(given(WORDS.periodicRate(since), input(value, "rate")));
    }
    const last = schedule.rows.at(-1);
    if (plan.settles) {
      this.leftCell = given(WORDS.closing, input(last?.balance ?? 0, "money"));
    }
    const { levels } = schedule;
    const isRaised = plan.roundUpTo > 0 || plan.paymentRounding !== null;
    levels.forEach(({ fromPayment, exact, amount }, place) => {
      const since = levels.length === 1 ? "" : WORDS.since(fromPayment);
      const formula = place === 0 ? this.levelFormula(exact) : null;
      const value = isRaised ? amount : exact;
      this.levelCells.push(
        given(
          WORDS.payment(since),
          formula === null || isRaised
            ? input(value, "money")
            : { kind: "formula", formula, value: exact, shows: "money" },
        ),
      );
    });
    this.rows.push([]);
  }

  /** The annuity formula of a level payment, if it is one. */
  private levelFormula(exact: number): string | null {
    const { schedule, plan } = this.run;
    const [rate] = this.rates;
    const [cell] = this.rateCells;
    if (this.rates.length !== 1 || rate === undefined || cell === undefined || !plan.settles) {
      return null;
    }
    const [count, opening, i] = [plan.plannedCount, schedule.rows[0]?.opening ?? 0, rate.value];
    const left = schedule.rows.at(-1)?.balance ?? 0;
    const discount = (1 + i) ** -count;
    const payment =
      i === 0 ? (opening - left) / count : ((opening - left * discount) * i) / (1 - discount);
    if (plan.kind !== "repaying" || !isClose(payment, exact, PART_BETWEEN.anyWay)) return null;
    const power = `(1+${cell})^(-${count})`;
    const even = `(${this.openingCell}-${this.leftCell})/${count}`;
    const annuity = `(${this.openingCell}-${this.leftCell}*${power})*${cell}/(1-${power})`;
    return `IF(ABS(${cell})<1E-11,${even},${annuity})`;
  }

  private cell(
    column: Column,
    row: ScheduleRow,
    line: number,
    whenOf: (row: ScheduleRow) => string,
  ): Cell {
    const at = (one: Column) => `${this.letters(one)}${line}`;
    const money = (formula: string, value: number): Cell => ({
      kind: "formula",
      formula,
      value,
      shows: "money",
    });
    const isSaving = this.run.plan.kind === "saving";
    switch (column) {
      case "payment":
        return {
          kind: "formula",
          formula: String(row.payment),
          value: row.payment,
          shows: "count",
        };
      case "when":
        return text(whenOf(row));
      case "opening":
        return row.payment === 1
          ? money(this.openingCell, row.opening)
          : money(`${this.letters("balance")}${line - 1}`, row.opening);
      case "interest":
        return money(this.rounded(this.interestFormula(row, at)), row.interest);
      case "other":
        return input(row.other, "money");
      case "extra":
        return input(row.extra, "money");
      case "paid":
        return this.paidCell(row, at);
      case "principal":
        return money(`${at("paid")}-${at("interest")}`, row.principal);
      case "balance": {
        const before = [
          at("opening"),
          at("interest"),
          ...(!this.columns.has("other") ? [] : [at("other")]),
        ];
        return money(`${before.join("+")}${isSaving ? "+" : "-"}${at("paid")}`, row.balance);
      }
    }
  }

  private interestFormula(row: ScheduleRow, at: (column: Column) => string): string {
    const group = this.rates.findLastIndex(({ from }) => from <= row.payment);
    const own = `${at("opening")}*${this.rateCells[group] ?? "0"}`;
    if (row.other === 0) return own;
    // Other money earns from its own day on.
    const earned = otherInterest(this.run, row) / row.other;
    return `${own}+${at("other")}*${figure(earned)}`;
  }

  private paidCell(row: ScheduleRow, at: (column: Column) => string): Cell {
    const { plan, schedule } = this.run;
    const planned = plan.payments[row.payment - 1];
    const owed = ["opening", "interest", ...(!this.columns.has("other") ? [] : ["other"])]
      .map((column) => at(column as Column))
      .join("+");
    const value = row.paid;
    const formula = (own: string): Cell => ({
      kind: "formula",
      formula: own,
      value,
      shows: "money",
    });
    const isLast = row.payment === schedule.rows.length;
    if (isLast && plan.settles && row.payment === plan.plannedCount) {
      return formula(
        plan.kind === "saving" ? `${this.leftCell}-(${owed})` : `${owed}-${this.leftCell}`,
      );
    }
    const extra = !this.columns.has("extra") ? "" : `+${at("extra")}`;
    const asked = `${this.plannedFormula(row, planned, at)}${extra}`;
    if (plan.kind === "saving" || (row.other !== 0 && !isLast)) return formula(asked);
    return formula(isLast ? owed : `MIN(${asked},${owed})`);
  }

  private plannedFormula(
    row: ScheduleRow,
    planned: ScheduleRun["plan"]["payments"][number] | undefined,
    at: (column: Column) => string,
  ): string {
    const { levels } = this.run.schedule;
    if (planned?.pays === "nothing") return "0";
    if (planned?.pays === "interest") return `MAX(0,${at("interest")})`;
    const level = levels.findLastIndex(({ fromPayment }) => fromPayment <= row.payment);
    const from = levels[level];
    const cell = this.levelCells[level];
    const first = this.run.plan.payments[(from?.fromPayment ?? 1) - 1]?.amount ?? 0;
    const ratio = (planned?.amount ?? 0) / first;
    // Payments that grow are told by how many times the first they are.
    if (cell === undefined || !Number.isFinite(ratio)) return figure(row.paid - row.extra);
    if (this.run.plan.roundUpTo > 0 && ratio !== 1) return figure(row.paid - row.extra);
    return this.rounded(isClose(ratio, 1, PART_BETWEEN.engine) ? cell : `${cell}*${figure(ratio)}`);
  }

  private total(column: Column, first: number): Cell | null {
    const { schedule } = this.run;
    if (column === "payment") return text(WORDS.total, "head");
    if (column === "when" || column === "opening" || column === "balance") return null;
    const letters = this.letters(column);
    const last = first + schedule.rows.length - 1;
    const value = schedule.rows.reduce((sum, row) => sum + row[column], 0);
    return {
      kind: "formula",
      formula: `SUM(${letters}${first}:${letters}${last})`,
      value,
      shows: "money",
    };
  }

  private letters(column: Column): string {
    return this.columns.get(column)?.letters ?? "";
  }

  private rounded(formula: string): string {
    return this.run.plan.inCents ? `ROUND(${formula},2)` : formula;
  }
}

const COLUMNS = ["payment", "when", ...SCHEDULE_MONEY] as const;

type Column = (typeof COLUMNS)[number];

const WIDTHS: Partial<Readonly<Record<Column, number>>> = { payment: 11, when: 30 };

function input(value: number, shows: "money" | "rate"): Cell {
  return { kind: "input", value, shows };
}

function figure(value: number): string {
  return value < 0 ? `(${String(value).toUpperCase()})` : String(value).toUpperCase();
}
