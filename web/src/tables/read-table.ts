import {
  factorTable,
  isGrowing,
  type FactorTable,
  type FactorTerms,
  type Result,
} from "@kestrelmoor/core";
import { readPercent, readMoney, type FieldReading } from "@kestrelmoor/core/typing";
import { readingOf, valueOf } from "../desk/read-desk";
import type { TablesDesk } from "./tables-desk";

/** Fields of the table that hold a percent, and those that hold a number of periods. */
export const PERCENT_FIELDS = ["ratesFrom", "ratesTo", "ratesStep", "growth", "rate"] as const;
export const COUNT_FIELDS = ["countsFrom", "countsTo", "periods"] as const;

export type TableField = (typeof PERCENT_FIELDS)[number] | (typeof COUNT_FIELDS)[number];

export type TableReadings = Readonly<Record<TableField, FieldReading<number>>>;

export function readFields(desk: TablesDesk): TableReadings {
  return {
    ratesFrom: readingOf(readPercent(desk.ratesFrom)),
    ratesTo: readingOf(readPercent(desk.ratesTo)),
    ratesStep: readingOf(readPercent(desk.ratesStep)),
    growth: readingOf(readPercent(desk.growth)),
    rate: readingOf(readPercent(desk.rate)),
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

/** The table that is typed; `null` while one of its fields cannot be read. */
export function tableOf(desk: TablesDesk, readings: TableReadings): Result<FactorTable> | null {
  const [from, to, step] = [readings.ratesFrom, readings.ratesTo, readings.ratesStep].map(valueOf);
  const [first, last] = [readings.countsFrom, readings.countsTo].map(valueOf);
  const growthPercent = isGrowing(desk.kind) ? valueOf(readings.growth) : 0;
  const figures = [from, to, step, first, last, growthPercent];
  if (figures.some((figure) => figure === null || figure === undefined)) return null;
  const terms: FactorTerms = {
    kind: desk.kind,
    timing: desk.timing,
    growthPercent: growthPercent ?? 0,
  };
  return factorTable(
    terms,
    { from: from ?? 0, to: to ?? 0, step: step ?? 0 },
    { from: first ?? 0, to: last ?? 0, step: 1 },
  );
}
