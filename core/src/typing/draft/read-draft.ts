import { namesOf, type Names, type TimesSaid } from "../input/names";
import type { Discounting, SaidQuotation } from "../input/rate-words";
import { readLinkedRate, type SaidRate } from "../input/read-linked-rate";
import { positionOf, readPosition, type SaidTime } from "../input/read-position";
import { readUnknownRate } from "../input/read-rate";
import { TAKES_UP_NOTHING, takesUp, type TakeUp } from "../input/take-up";
import { issue, within, type Issue } from "../../engine/issues/issue";
import { fail } from "../../engine/result";
import { readDate } from "../input/read-date";
import type { Calendar } from "../../engine/time/moment";
import { checkProblem } from "../../engine/problem/check-problem";
import { checkFollowUp } from "../../engine/problem/references";
import type { Problem, Rate } from "../../engine/problem/schema";
import type { Quotation } from "../../engine/rates/quotation";
import { usualCompounding } from "./compounding/payment-periods";
import { USUAL_CONVENTIONS } from "./conventions";
import type { Draft, RateLine, TypedRateLine } from "./draft";
import { issuesOf, readField, readKnownField, takingUp, valueOf, type FieldReading } from "./field";
import {
  AS_PAID,
  followsPayments,
  ownQuotation,
  quotationKey,
  setQuotation,
} from "./quotation-key";
import { numberedPayments } from "./numbered-payments";
import { readFollowUp, type FollowUpReading } from "./read-follow-up";
import {
  flowOfLine,
  issuesOfFlow,
  namedFlow,
  readFlowLine,
  type FlowReading,
} from "./lines/line-kinds";

export type RateReading =
  | {
      readonly kind: "rate";
      readonly percent: FieldReading<SaidRate>;
      /** How the rate is quoted: the words in the field go before the line's own choice. */
      readonly quotation: Quotation;
      /** What says how it is compounded: see `compoundedBy` of the line. */
      readonly compoundedBy: TypedRateLine["compoundedBy"];
      /** `null` for the first line, which holds from today. */
      readonly from: FieldReading<SaidTime> | null;
    }
  | { readonly kind: "kept" };

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
  const rates = draft.rates.map((line, index) =>
    readRateLine(line, index, { usual, names, discounting }),
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

/**
 * How a rate line's own choice has it quoted.
 *
 * @param usual how often interest is compounded while nobody says so, ISO 8601
 */
export function quotationOfLine(line: TypedRateLine, usual: string): Quotation {
  if (followsPayments(line)) return { quoted: "nominal", compounding: usual };
  return ownQuotation(line);
}

/** How long "a period" is: that of compounding. */
function periodOf(reading: RateReading | undefined, line: RateLine | undefined): string | null {
  const quotation =
    reading?.kind === "rate" ? reading.quotation : line?.kind === "kept" ? line.rate : null;
  if (quotation === null) return null;
  if ("compounding" in quotation) return quotation.compounding;
  return quotation.quoted.startsWith("effective") ? "P1Y" : null;
}

interface RateContext {
  readonly usual: string;
  readonly names: Names;
  readonly discounting: Discounting;
}

/** A value that is asked for, and a project, are discounted by interest; what else a discount rate is has to be said. */
function discountingIn({ ask, flows }: Draft): Discounting {
  const isProject = flows.some(({ kind }) => kind === "list" || kind === "dated");
  return ask !== null || isProject ? "by-interest" : "asked";
}

function readRateLine(
  line: RateLine,
  index: number,
  { usual, names, discounting }: RateContext,
): RateReading {
  if (line.kind === "kept") return { kind: "kept" };
  const { percent, said } = readPercentField(line.percent, index, { names, discounting });
  const meant: TypedRateLine = { ...line };
  if (said !== null) takeQuotation(meant, said);
  return {
    kind: "rate",
    percent,
    quotation: quotationOfLine(meant, usual),
    compoundedBy: meant.compoundedBy,
    from:
      index === 0
        ? null
        : readKnownField(
            line.from,
            takingUp(names, "years", (text) => readPosition(text, names)),
          ),
  };
}

/** The figure of a rate, and what the words beside it say; the unknown may have words too. */
function readPercentField(
  text: string,
  index: number,
  { names, discounting }: Pick<RateContext, "names" | "discounting">,
): { readonly percent: FieldReading<SaidRate>; readonly said: SaidQuotation | null } {
  const unknown = readUnknownRate(text);
  if (unknown !== null) {
    const [found] = unknown.ok ? [] : unknown.issues;
    return found === undefined
      ? { percent: { state: "unknown" }, said: unknown.ok ? unknown.value : null }
      : { percent: { state: "issue", issue: found }, said: null };
  }
  const percent = readField(
    text,
    takingUp(names, "percent", (typed) => readLinkedRate(typed, index, discounting)),
  );
  const value = valueOf(percent);
  return { percent, said: value === null || "plus" in value ? null : value };
}

/** Puts on a rate line what the words beside its figure say; what they say nothing of stays. */
export function takeQuotation(
  line: TypedRateLine,
  { quotation, yearly, asPaid }: SaidQuotation,
): void {
  if (quotation !== undefined) setQuotation(line, quotationKey(quotation));
  // "6% a year" in a line quoted per quarter: the words win, and say nothing of compounding.
  else if (asPaid === true || (yearly === true && line.quoted === "periodic")) {
    setQuotation(line, AS_PAID);
  }
}

/**
 * Moves what the words beside a figure say to the line's own choice; the figure, or the mark of the unknown, stays.
 * What takes up the answer of another part stays as it is typed.
 * Changes the line in place.
 *
 * @param index which rate of the problem it is, from 0
 */
export function tidyRateLine(line: TypedRateLine, index: number): void {
  if (takesUp(line.percent)) return;
  const { percent, said } = readPercentField(line.percent, index, {
    names: NO_NAMES,
    discounting: "by-interest",
  });
  const hasWords = said?.quotation ?? said?.yearly ?? said?.asPaid;
  if (said === null || hasWords === undefined) return;
  const value = valueOf(percent);
  line.percent = value === null || "plus" in value ? "?" : value.figure;
  takeQuotation(line, said);
}

const NO_NAMES = namesOf([]);

type LineReadings = Pick<DraftReading, "flows" | "rates" | "ask" | "today" | "focal">;

function problemOf(draft: Draft, { flows, rates, ask, today, focal }: LineReadings): Problem {
  const focalDate = focal === null ? null : valueOf(focal);
  const date = today === null ? null : valueOf(today);
  const { dayCount, fraction } = draft.conventions;
  return {
    format: "kestrelmoor-problem",
    version: 2,
    ...(draft.title === "" ? {} : { title: draft.title }),
    ...(draft.question === "" ? {} : { question: draft.question }),
    ...(draft.currency === undefined ? {} : { currency: draft.currency }),
    ...(date === null ? {} : { today: date }),
    ...(dayCount === USUAL_CONVENTIONS.dayCount ? {} : { dayCount }),
    ...(fraction === USUAL_CONVENTIONS.fraction ? {} : { fraction }),
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

/** The rate of a line; what cannot be read in it is unknown. */
export function rateOfLine(line: RateLine, reading: RateReading | undefined): Rate {
  if (line.kind === "kept") return line.rate;
  if (reading?.kind !== "rate") throw new TypeError("A line and its reading belong together");
  const from = reading.from === null ? null : valueOf(reading.from);
  return {
    percent: percentOf(valueOf(reading.percent)),
    ...reading.quotation,
    ...(from === null ? {} : { from: positionOf(from) }),
  };
}

function percentOf(said: SaidRate | null): Rate["percent"] {
  if (said === null) return null;
  return "plus" in said ? { plus: said.plus, of: said.of } : said.percent;
}
