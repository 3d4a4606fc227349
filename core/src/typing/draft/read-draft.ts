import { namesOf, type Names, type TimesSaid } from "../input/names";
import type { Discounting } from "../input/rate-words";
import { positionOf, readPosition, type SaidTime } from "../input/read-position";
import { TAKES_UP_NOTHING, type TakeUp } from "../input/take-up";
import { issue, within, type Issue } from "../../engine/issues/issue";
import { fail } from "../../engine/result";
import { readDate } from "../input/read-date";
import type { Calendar } from "../../engine/time/moment";
import { checkProblem } from "../../engine/problem/check-problem";
import { checkFollowUp } from "../../engine/problem/references";
import type { Problem } from "../../engine/problem/schema";
import { usualCompounding } from "./compounding/payment-periods";
import { USUAL_CONVENTIONS } from "./conventions";
import type { Draft, RateLine } from "./draft";
import { issuesOf, readKnownField, takingUp, valueOf, type FieldReading } from "./field";
import { numberedPayments } from "./numbered-payments";
import { readFollowUp, type FollowUpReading } from "./read-follow-up";
import { rateOfLine, readRateLine, type RateReading } from "./read-rate-line";
import {
  flowOfLine,
  issuesOfFlow,
  namedFlow,
  readFlowLine,
  type FlowReading,
} from "./lines/line-kinds";

/** A draft, read: each line by itself, and the problem where all of them can be read. */
export interface DraftReading {
  readonly flows: readonly FlowReading[];
  readonly rates: readonly RateReading[];
  readonly ask: FieldReading<SaidTime> | null;
  /** The date of today, ISO 8601; `null` where it has none. */
  readonly today: FieldReading<string> | null;
  /** What dates are counted by; `null` while today has no date. */
  readonly calendar: Calendar | null;
  /** `null` where it is the usual one. */
  readonly focal: FieldReading<SaidTime> | null;
  /** A question that cannot be asked yet keeps nobody from the answer: it is left out of the problem. */
  readonly also: readonly FollowUpReading[];
  /** Everything that keeps it from being a problem, each with its path in the draft. */
  readonly issues: readonly Issue[];
  readonly problem: Problem | null;
}

/**
 * Reads every field of a draft's first part, and the problem that they make up.
 * Draft and problem have their lines in the same order, so that a path in one is a path in the other.
 *
 * @param takeUp puts in what the fields take up of earlier parts of the question
 */
export function readDraft(draft: Draft, takeUp: TakeUp = TAKES_UP_NOTHING): DraftReading {
  const usual = usualCompounding(draft.flows);
  const today = readToday(draft);
  const names = namesIn(draft, takeUp);
  const discounting = discountingIn(draft);
  const { rateAsked } = draft.conventions;
  const rates = draft.rates.map((line, index) =>
    readRateLine(line, index, { usual, names, discounting, rateAsked }),
  );
  const flows = draft.flows.map((line) => readFlowLine(line, names));
  const readPlace = takingUp(names, "years", (text) => readPosition(text, names));
  const ask = draft.ask?.kind === "worth" ? readKnownField(draft.ask.at, readPlace) : null;
  const focal = draft.focal === null ? null : readKnownField(draft.focal, readPlace);
  const fieldIssues = [
    ...(today === null ? [] : issuesOf(today, ["today"])),
    ...flows.flatMap((reading, index) =>
      issuesOfFlow(reading).map((found) => within(["flows", index], found)),
    ),
    ...rates.flatMap((reading, index) =>
      reading.kind === "kept"
        ? []
        : [
            ...issuesOf(reading.percent, ["rates", index, "percent"]),
            ...(reading.from === null ? [] : issuesOf(reading.from, ["rates", index, "from"])),
          ],
    ),
    ...(ask === null ? [] : issuesOf(ask, ["ask", "at"])),
    ...(focal === null ? [] : issuesOf(focal, ["focal"])),
  ];
  const also = draft.also.map((line) => readFollowUp(line, names));
  const lines = { flows, rates, ask, today, calendar: names.calendar, focal, also };
  if (fieldIssues.length > 0 || draft.flows.length === 0) {
    return { ...lines, issues: fieldIssues, problem: null };
  }
  const problem = problemOf(draft, lines);
  const issues = checkProblem(problem);
  if (issues.length > 0) return { ...lines, issues, problem: null };
  const asked = askable(problem, also);
  return { ...lines, also: asked, issues, problem: withFollowUps(problem, asked) };
}

/** By what the fields of a draft are read: what its lines are called, and what they say of time. */
export function namesIn(draft: Draft, takeUp: TakeUp): Names {
  const today = readToday(draft);
  const bare = { ...namesOf(draft.flows.map(namedFlow)), ...datesOf(draft, today), takeUp };
  const untimed = { ...bare, paymentsOf: numberedPayments(draft.flows, bare) };
  const [line] = draft.rates;
  const first =
    line === undefined
      ? undefined
      : readRateLine(line, 0, {
          usual: usualCompounding(draft.flows),
          names: untimed,
          discounting: discountingIn(draft),
          rateAsked: draft.conventions.rateAsked,
        });
  return { ...untimed, period: periodOf(first, line) };
}

function readToday({ today, conventions }: Draft): FieldReading<string> | null {
  if (today === null) return null;
  return readKnownField(today, (text) => {
    const at = text.trim();
    if (at === "") return fail(issue("time-missing", [], {}));
    return readDate(at, conventions.dateOrder) ?? fail(issue("date-not-understood", [], { at }));
  });
}

/** What dates are counted by, and how they are written. */
function datesOf(
  { conventions: { dayCount, dateOrder } }: Draft,
  today: FieldReading<string> | null,
): TimesSaid {
  const date = today === null ? null : valueOf(today);
  return { calendar: date === null ? null : { today: date, dayCount }, dateOrder, dayCount };
}

/** Takes back the questions that refer to what is not there, such as a line that was removed. */
function askable(problem: Problem, also: readonly FollowUpReading[]): readonly FollowUpReading[] {
  return also.map((reading, index) => {
    const { question } = reading;
    const [found] = question === null ? [] : checkFollowUp(problem, question, ["also", index]);
    return found === undefined
      ? reading
      : { field: { state: "issue", issue: found }, question: null };
  });
}

function withFollowUps(problem: Problem, also: readonly FollowUpReading[]): Problem {
  const questions = also.flatMap(({ question }) => question ?? []);
  return questions.length === 0 ? problem : { ...problem, also: questions };
}

/** How long "a period" is: that of compounding. */
function periodOf(reading: RateReading | undefined, line: RateLine | undefined): string | null {
  const quotation =
    reading?.kind === "rate" ? reading.quotation : line?.kind === "kept" ? line.rate : null;
  if (quotation === null) return null;
  if ("compounding" in quotation) return quotation.compounding;
  return quotation.quoted.startsWith("effective") ? "P1Y" : null;
}

/** A value that is asked for, and a project, are discounted by interest; what else a discount rate is has to be said. */
function discountingIn({ ask, flows }: Draft): Discounting {
  const isProject = flows.some(({ kind }) => kind === "list" || kind === "dated");
  return ask !== null || isProject ? "by-interest" : "asked";
}

type LineReadings = Pick<DraftReading, "flows" | "rates" | "ask" | "today" | "focal">;

function problemOf(draft: Draft, { flows, rates, ask, today, focal }: LineReadings): Problem {
  const focalDate = focal === null ? null : valueOf(focal);
  const date = today === null ? null : valueOf(today);
  const { dayCount, fraction, payments } = draft.conventions;
  return {
    format: "kestrelmoor-problem",
    version: 2,
    ...(draft.title === "" ? {} : { title: draft.title }),
    ...(draft.question === "" ? {} : { question: draft.question }),
    ...(draft.currency === undefined ? {} : { currency: draft.currency }),
    ...(date === null ? {} : { today: date }),
    ...(dayCount === USUAL_CONVENTIONS.dayCount ? {} : { dayCount }),
    ...(fraction === USUAL_CONVENTIONS.fraction ? {} : { fraction }),
    ...(payments === "exact" ? {} : { paymentRounding: payments }),
    ...(focalDate === null ? {} : { focal: positionOf(focalDate) }),
    rates: draft.rates.map((line, index) => rateOfLine(line, rates[index])),
    flows: draft.flows.map((line, index) => flowOfLine(line, flows[index])),
    ...askOf(draft, ask),
  };
}

function askOf(draft: Draft, reading: FieldReading<SaidTime> | null): Pick<Problem, "ask"> {
  if (draft.ask?.kind === "kept") return { ask: draft.ask.ask };
  const at = reading === null ? null : valueOf(reading);
  return at === null ? {} : { ask: { find: "value", at: positionOf(at) } };
}
