import {
  areCostsOnly,
  formatYears,
  MEASURE_NAMES,
  measureOf,
  outlayOf,
  paybackTold,
  placesBy,
  spanWords,
  writeFigure,
  writeMoney,
  writeRate,
  type AnswerFormat,
  type Measure,
  type RankedMeasure,
} from "@kestrelmoor/core";
import type { Conventions } from "@kestrelmoor/core/typing";
import type { FigureTable } from "../figure-table";
import type { Contender } from "./compared";

export interface ResultRow {
  readonly name: string;
  /** `null` where a project has no such figure. */
  readonly cells: readonly { readonly text: string | null; readonly place: number | null }[];
}

const RANKED: readonly (readonly [Measure, RankedMeasure])[] = [
  ["npv", "npv"],
  ["irr", "irr"],
  ["mirr", "mirrPercent"],
  ["payback", "payback"],
  ["discounted-payback", "discountedPayback"],
  ["profitability-index", "profitabilityIndex"],
  ["equivalent-annual", "equivalentAnnual"],
];

/** What each project comes to by each measure, and its place among them. */
export function resultRows(
  contenders: readonly Contender[],
  format: AnswerFormat,
  payback: Conventions["payback"],
): ResultRow[] {
  const yearsBack = (value: number) =>
    formatYears(paybackTold(value, payback === "whole-years"), format);
  const write: Readonly<Record<RankedMeasure, (value: number) => string>> = {
    npv: (value) => writeMoney(value, format),
    irr: (value) => writeRate(value, format),
    mirrPercent: (value) => writeRate(value, format),
    payback: yearsBack,
    discountedPayback: yearsBack,
    profitabilityIndex: (value) => writeFigure(value, format, 4),
    equivalentAnnual: (value) => writeMoney(value, format),
  };
  const hasCostsOnly = areCostsOnly(contenders);
  const unranked = (name: string, text: (one: Contender) => string): ResultRow => ({
    name,
    cells: contenders.map((one) => ({ text: text(one), place: null })),
  });
  return [
    unranked("Initial outlay", ({ flows }) => writeMoney(outlayOf(flows), format)),
    unranked("Life", ({ flows }) =>
      spanWords((flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0), format),
    ),
    ...RANKED.filter(([measure]) => measure !== "profitability-index" || !hasCostsOnly).map(
      ([measure, ranked]): ResultRow => {
        const places = placesBy(contenders, ranked);
        const isCost = ranked === "equivalentAnnual" && hasCostsOnly;
        return {
          name: isCost ? "Equivalent annual cost" : MEASURE_NAMES[measure],
          cells: contenders.map(({ judged }, index) => {
            if (!judged.ok) return { text: null, place: null };
            const value = measureOf(judged.value, ranked);
            // Several internal rates are told, though they put a project into no order.
            const rates = ranked === "irr" ? judged.value.irrPercents : [];
            const text =
              value !== null
                ? write[ranked](isCost ? -value : value)
                : rates.length > 0
                  ? rates.map((rate) => writeRate(rate, format)).join("; ")
                  : null;
            return { text, place: places[index] ?? null };
          }),
        };
      },
    ),
  ];
}

/** The same as figures for other programs. */
export function resultFigures(contenders: readonly Contender[]): FigureTable {
  return {
    heads: [
      "Project",
      "Initial outlay",
      "Life in years",
      ...RANKED.map(([measure]) => MEASURE_NAMES[measure]),
    ],
    rows: contenders.map(({ name, flows, judged }) => [
      name,
      outlayOf(flows),
      (flows.at(-1)?.at ?? 0) - (flows[0]?.at ?? 0),
      ...RANKED.map(([, ranked]) => (judged.ok ? measureOf(judged.value, ranked) : null)),
    ]),
  };
}
