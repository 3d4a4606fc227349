import {
  factorTable,
  isGrowing,
  type FactorTable,
  type FactorTerms,
  type Result,
  type TableRange,
} from "@kestrelmoor/core";
import {
  readingOf,
  valueOf,
  readPoints,
  readMoney,
  type FactorDesk,
  type FieldReading,
} from "@kestrelmoor/core/typing";

/** Fields of the table that hold a percent, and those that hold a number of periods. */
export const PERCENT_FIELDS = ["ratesFrom", "ratesTo", "ratesStep", "growth", "rate"] as const;
export const COUNT_FIELDS = ["countsFrom", "countsTo", "periods"] as const;

export type TableField = (typeof PERCENT_FIELDS)[number] | (typeof COUNT_FIELDS)[number];

export type TableReadings = Readonly<Record<TableField, FieldReading<number>>>;

export function readFields(desk: FactorDesk): TableReadings {
  return {
    ratesFrom: readingOf(readPoints(desk.ratesFrom)),
    ratesTo: readingOf(readPoints(desk.ratesTo)),
    ratesStep: readingOf(readPoints(desk.ratesStep)),
    growth: readingOf(readPoints(desk.growth)),
    rate: readingOf(readPoints(desk.rate)),
    countsFrom: readingOf(readWhole(desk.countsFrom)),
    countsTo: readingOf(readWhole(desk.countsTo)),
    periods: readingOf(readWhole(desk.periods)),
  };
}

/** Tables have rows for whole periods alone, from the first on. */
function readWhole(text: string): Result<number> {
  const read = readMoney(text);
  if (!read.ok) {
    const [found] = read.issues;
    return found?.code === "money-missing"
      ? { ok: false, issues: [{ code: "count-missing", path: [] }] }
      : read;
  }
  return Number.isInteger(read.value) && read.value >= 1
    ? read
    : { ok: false, issues: [{ code: "periods-not-whole", path: [], at: text.trim() }] };
}

/** What makes the table; the rest of the desk is looked up in it. */
export type TableChoice = Pick<
  FactorDesk,
  "kind" | "timing" | "growth" | "ratesFrom" | "ratesTo" | "ratesStep" | "countsFrom" | "countsTo"
>;

export function choiceOf(desk: FactorDesk): TableChoice {
  const { kind, timing, growth, ratesFrom, ratesTo, ratesStep, countsFrom, countsTo } = desk;
  return { kind, timing, growth, ratesFrom, ratesTo, ratesStep, countsFrom, countsTo };
}

/** The table that is typed; `null` while one of its fields cannot be read. */
export function tableOf(choice: TableChoice): Result<FactorTable> | null {
  const { kind, timing } = choice;
  const percent = (text: string) => valueOf(readingOf(readPoints(text)));
  const count = (text: string) => valueOf(readingOf(readWhole(text)));
  const rates = rangeOf(choice.ratesFrom, choice.ratesTo, choice.ratesStep, percent);
  const counts = rangeOf(choice.countsFrom, choice.countsTo, "1", count);
  const growthPercent = isGrowing(kind) ? percent(choice.growth) : 0;
  if (rates === null || counts === null || growthPercent === null) return null;
  const terms: FactorTerms = { kind, timing, growthPercent };
  return factorTable(terms, rates, counts);
}

function rangeOf(
  typedFrom: string,
  typedTo: string,
  typedStep: string,
  read: (text: string) => number | null,
): TableRange | null {
  const [from, to, step] = [read(typedFrom), read(typedTo), read(typedStep)];
  return from === null || to === null || step === null ? null : { from, to, step };
}
