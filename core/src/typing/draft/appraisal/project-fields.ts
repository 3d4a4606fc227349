import { netByDate } from "../../../engine/appraisal/net-by-date";
import { datedFlows, evenFlows } from "../../../engine/appraisal/project-flows";
import type { DatedAmount } from "../../../engine/flows/flow-kind";
import { issue } from "../../../engine/issues/issue";
import { isCalendarDate } from "../../../engine/time/calendar";
import { fail, succeed, type Result } from "../../../engine/result";
import { namesOf } from "../../input/names";
import { readAmounts, type ListedAmount } from "../../input/read-amounts";
import { readDated } from "../../input/read-dated";
import { readMoney } from "../../input/read-money";
import { readPeriod } from "../../input/read-period";
import { readYearlyRate } from "../../input/read-yearly-rate";
import { typedList } from "../draft-texts";

/** How a project is judged. Nothing typed says that it goes by the problem, and that there is no limit. */
export const JUDGING_FIELDS = {
  hurdle: { label: "Hurdle rate, a year", hint: "8%", read: readYearlyRate, empty: () => null },
  reinvest: {
    label: "Reinvestment rate a year",
    hint: "8%",
    read: readYearlyRate,
    empty: () => null,
  },
  budget: { label: "Budget", hint: "40,000", read: readMoney, empty: () => null },
} as const;

export type JudgingField = keyof typeof JUDGING_FIELDS;

/** What another project says beside its name; amounts are read with how often there is one, ISO 8601. */
export const PROJECT_FIELDS = {
  every: {
    label: "Frequency of the amounts",
    hint: "year",
    first: "year",
    read: readPeriod,
    empty: () => "P1Y",
  },
  amounts: {
    label: "Amounts",
    hint: "out 1,000; 300 x 3; 450",
    schema: typedList,
    read: (text: string, every: string) =>
      hasDates(text) ? datedProject(text) : evenProject(text, every),
  },
} as const;

export type ProjectField = keyof typeof PROJECT_FIELDS;

/** Whether amounts have dates: then they begin with one. */
export function hasDates(amounts: string): boolean {
  return /^\s*\d{4}-\d{2}-\d{2}[\s:,]/.test(amounts);
}

const NO_NAMES = namesOf([]);

function evenProject(text: string, every: string): Result<readonly DatedAmount[]> {
  const amounts = readAmounts(text, NO_NAMES);
  if (!amounts.ok) return amounts;
  return known(amounts.value, (figures) => evenFlows(figures, every));
}

function datedProject(text: string): Result<readonly DatedAmount[]> {
  const entries = readDated(text, NO_NAMES);
  if (!entries.ok) return entries;
  const impossible = entries.value.find(({ on }) => !isCalendarDate(on));
  if (impossible !== undefined) {
    return fail(issue("date-impossible", [], { on: impossible.on }));
  }
  return known(
    entries.value.map(({ amount }) => amount),
    (figures) =>
      datedFlows(entries.value.map(({ on }, index) => ({ on, amount: figures[index] ?? 0 }))),
  );
}

/** Another project is judged as it is: none of its amounts is sought or said by another line. */
function known(
  amounts: readonly ListedAmount[],
  flows: (figures: readonly number[]) => readonly DatedAmount[],
): Result<readonly DatedAmount[]> {
  const figures = amounts.filter((amount) => typeof amount === "number");
  return figures.length === amounts.length
    ? succeed(netByDate(flows(figures)))
    : fail(issue("known-only", [], {}));
}
