import { writeMoney, writeRate, type AnswerFormat } from "@kestrelmoor/core";
import { readAppraisal, type Draft } from "@kestrelmoor/core/typing";
import type { Outcome } from "../../document/outcome";
import { judgedProject, type MeasuredBy } from "../appraisal/judged-project";
import { budgetVerdict, verdicts } from "../projects/compare-words";
import { compared, nameOfOwn, type Comparison, type Contender } from "../projects/compared";
import { resultRows } from "../projects/result-rows";
import {
  columnsOf,
  differingFacts,
  factTexts,
  figureRows,
  nameOfVariant,
  type FigureRow,
} from "../variants/columns";

/** A comparison on the sheet: a column for each of the things compared, and what comes of it. */
export interface SheetComparison {
  readonly heading: string;
  readonly columns: readonly ComparedColumn[];
  /** The names of the rows. */
  readonly rows: readonly string[];
  readonly words: readonly string[];
}

interface ComparedColumn {
  readonly name: string;
  /** One for each row; empty where there is nothing. */
  readonly cells: readonly string[];
}

/** The comparisons that are to be on the sheet. */
export function comparisonsOf(
  draft: Draft,
  outcome: Outcome,
  format: AnswerFormat,
): SheetComparison[] {
  const { handIn, variants, appraisal } = draft;
  return [
    ...(handIn.variants && variants.length > 0 ? [variantsOnSheet(draft, outcome, format)] : []),
    ...(handIn.projects && appraisal.others.length > 0
      ? projectsOnSheet(draft, outcome, format)
      : []),
  ];
}

function variantsOnSheet(draft: Draft, outcome: Outcome, format: AnswerFormat): SheetComparison {
  const columns = columnsOf(draft, outcome, format);
  const rows: FigureRow[] = [
    ...differingFacts(draft).map((fact) => {
      const [name = "", ...figures] = factTexts(draft, fact);
      return { name, figures };
    }),
    { name: "Answer", figures: columns.map(({ answer, complaint }) => answer ?? complaint) },
    ...figureRows(draft, outcome, columns, format),
  ];
  return {
    heading: "Variants",
    rows: rows.map(({ name }) => name),
    columns: ["This problem", ...draft.variants.map((one) => nameOfVariant(draft, one))].map(
      (name, place) => ({ name, cells: rows.map(({ figures }) => figures[place] ?? "") }),
    ),
    words: [],
  };
}

/** Nothing where the problem is no project. */
function projectsOnSheet(draft: Draft, outcome: Outcome, format: AnswerFormat): SheetComparison[] {
  const { problem, solved } = outcome;
  const { appraisal, title } = draft;
  if (problem === null) return [];
  const judged = judgedProject(problem, solved, draft, format);
  if (!judged.ok) return [];
  const { flows, measuredBy } = judged;
  const comparison = compared(flows, nameOfOwn(title), appraisal.others, measuredBy);
  const { contenders } = comparison;
  const rows = resultRows(contenders, format, draft.conventions.payback);
  const { budget } = readAppraisal(appraisal);
  const budgeted = budget.state === "value" ? budget.value : null;
  return [
    {
      heading: "Projects compared",
      rows: ["Cash flows", ...rows.map(({ name }) => name)],
      columns: contenders.map((one, place) => ({
        name: one.name,
        cells: [
          flowsOf(draft, comparison, one),
          ...rows.map(({ cells }) => cells[place]?.text ?? "none"),
        ],
      })),
      words: [
        basisWords(measuredBy, format),
        ...verdicts(comparison, measuredBy.hurdlePercent, format),
        ...(budgeted === null
          ? []
          : [
              `With a budget of ${writeMoney(budgeted, format)} today, ${budgetVerdict(contenders, budgeted, format)}`,
            ]),
      ],
    },
  ];
}

/** As they were typed; those of the problem stand on its timeline. */
function flowsOf({ appraisal }: Draft, { readings }: Comparison, { id }: Contender): string {
  const other = appraisal.others.find((one) => one.id === id);
  if (other === undefined) return "as above";
  const amounts = other.amounts.trim();
  return readings.get(other.id)?.isDated === true
    ? amounts
    : `${amounts}, one every ${other.every}`;
}

function basisWords({ hurdlePercent, reinvestPercent }: MeasuredBy, format: AnswerFormat): string {
  return `Hurdle rate ${writeRate(hurdlePercent, format)} a year; inflows reinvested at ${writeRate(reinvestPercent, format)} a year.`;
}
