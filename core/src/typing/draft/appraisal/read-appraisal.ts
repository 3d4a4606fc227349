import { netByDate } from "../../../engine/appraisal/net-by-date";
import { datedFlows, evenFlows } from "../../../engine/appraisal/project-flows";
import type { DatedAmount } from "../../../engine/flows/flow-kind";
import { issue } from "../../../engine/issues/issue";
import { namesOf } from "../../input/names";
import { readAmounts, type ListedAmount } from "../../input/read-amounts";
import { readDated } from "../../input/read-dated";
import { readMoney } from "../../input/read-money";
import { readPeriod } from "../../input/read-period";
import { readQuotedRate } from "../../input/read-rate";
import { isCalendarDate } from "../../../engine/time/calendar";
import { convertRate } from "../../../engine/rates/convert-rate";
import { fail, succeed, type Result } from "../../../engine/result";
import type { Draft, OtherProject } from "../draft";
import { readGivenField, valueOf, type FieldReading } from "../field";

/** What a project is measured by; `null` where nothing is typed. */
export interface AppraisalReading {
  /** Effective percent a year. */
  readonly hurdle: FieldReading<number | null>;
  readonly reinvest: FieldReading<number | null>;
  readonly budget: FieldReading<number | null>;
}

/** Reads the figures by which a project is judged. */
export function readAppraisal({ hurdle, reinvest, budget }: Draft["appraisal"]): AppraisalReading {
  return {
    hurdle: orNothing(hurdle, readYearly),
    reinvest: orNothing(reinvest, readYearly),
    budget: orNothing(budget, readMoney),
  };
}

/** A rate as an effective yearly one; a bare figure is one. */
function readYearly(text: string): Result<number> {
  const rate = readQuotedRate(text);
  return rate.ok ? convertRate(rate.value, { quoted: "effective" }) : rate;
}

function orNothing(
  text: string,
  read: (text: string) => Result<number>,
): FieldReading<number | null> {
  return text.trim() === "" ? { state: "value", value: null } : readGivenField(text, read);
}

/** What each field of another project says, and its flows once they can be read. */
export interface ProjectReading {
  /** ISO 8601; not used where the amounts have dates. */
  readonly every: FieldReading<string>;
  readonly amounts: FieldReading<readonly DatedAmount[]>;
  readonly isDated: boolean;
  readonly flows: readonly DatedAmount[] | null;
}

/** Amounts with dates begin with one. */
const DATED = /^\s*\d{4}-\d{2}-\d{2}[\s:,]/;

/** Reads another project: amounts one after the other from today on, or with their dates. */
export function readProject({ every, amounts }: OtherProject): ProjectReading {
  const isDated = DATED.test(amounts);
  const period = readGivenField(every.trim() === "" ? "year" : every, readPeriod);
  const spacing = valueOf(period);
  const listed = readGivenField(amounts, (text) =>
    isDated ? datedProject(text) : evenProject(text, spacing ?? "P1Y"),
  );
  return {
    every: period,
    amounts: listed,
    isDated,
    flows: spacing === null && !isDated ? null : valueOf(listed),
  };
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
