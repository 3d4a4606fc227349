import { isUnknownMark } from "../input/unknown-mark";
import { readMoney } from "../input/read-money";
import { readRate, type TypedRate } from "../input/read-rate";
import { readTime, type TypedTime } from "../input/read-time";
import { issue, within, type Issue, type Path } from "../issues/issue";
import { checkProblem } from "../problem/check-problem";
import type { Flow, Problem, Rate } from "../problem/schema";
import type { Quotation } from "../rates/quotation";
import type { Result } from "../result";
import type { Draft, FlowLine, RateLine, TypedRateLine } from "./draft";

/** What one field's text came to: a value, the mark of the unknown, or what is wrong with it. */
export type FieldReading<Value> =
  | { readonly state: "value"; readonly value: Value }
  | { readonly state: "unknown" }
  | { readonly state: "issue"; readonly issue: Issue };

export type FlowReading =
  | {
      readonly kind: "single";
      readonly amount: FieldReading<number>;
      readonly at: FieldReading<TypedTime>;
    }
  | { readonly kind: "kept" };

export type RateReading =
  | {
      readonly kind: "rate";
      readonly percent: FieldReading<TypedRate>;
      /** How the rate is quoted: the words in the field go before the line's own choice. */
      readonly quotation: Quotation;
      /** `null` for the first line, which holds from today. */
      readonly from: FieldReading<TypedTime> | null;
    }
  | { readonly kind: "kept" };

/** A draft, read: each line by itself, and the problem where all of them can be read. */
export interface DraftReading {
  readonly flows: readonly FlowReading[];
  readonly rates: readonly RateReading[];
  readonly ask: FieldReading<TypedTime> | null;
  /** Everything that keeps it from being a problem, each with its path in the draft. */
  readonly issues: readonly Issue[];
  readonly problem: Problem | null;
}

/**
 * Reads every field of a draft, and the problem that they make up.
 * Draft and problem have their lines in the same order, so that a path in one is a path in the other.
 */
export function readDraft(draft: Draft): DraftReading {
  const flows = draft.flows.map(readFlowLine);
  const rates = draft.rates.map(readRateLine);
  const ask = draft.ask?.kind === "worth" ? readKnownTimeField(draft.ask.at) : null;
  const fieldIssues = [
    ...flows.flatMap((reading, index) =>
      reading.kind === "kept"
        ? []
        : [
            ...issuesOf(reading.amount, ["flows", index, "amount"]),
            ...issuesOf(reading.at, ["flows", index, "at"]),
          ],
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
  ];
  const lines = { flows, rates, ask };
  if (fieldIssues.length > 0 || draft.flows.length === 0) {
    return { ...lines, issues: fieldIssues, problem: null };
  }
  const problem = problemOf(draft, flows, rates, ask);
  const issues = checkProblem(problem);
  return { ...lines, issues, problem: issues.length > 0 ? null : problem };
}

/** How a rate line's own choice has it quoted. */
export function quotationOfLine(line: TypedRateLine): Quotation {
  return line.quoted === "nominal" || line.quoted === "periodic"
    ? { quoted: line.quoted, compounding: line.compounding }
    : { quoted: line.quoted };
}

function readField<Value>(
  text: string,
  read: (text: string) => Result<Value>,
): FieldReading<Value> {
  if (isUnknownMark(text)) return { state: "unknown" };
  const result = read(text);
  if (result.ok) return { state: "value", value: result.value };
  const [found] = result.issues;
  if (found === undefined) throw new TypeError("A failed reading gives its issue");
  return { state: "issue", issue: found };
}

function readTimeField(text: string): FieldReading<TypedTime> {
  return readField(text, (typed) => readTime(typed));
}

/** A time that has to be given: where a rate starts, or the date of a worth. */
function readKnownTimeField(text: string): FieldReading<TypedTime> {
  const reading = readTimeField(text);
  return reading.state === "unknown"
    ? { state: "issue", issue: issue("unknown-not-here", [], {}) }
    : reading;
}

function readFlowLine(line: FlowLine): FlowReading {
  if (line.kind === "kept") return { kind: "kept" };
  return { kind: "single", amount: readField(line.amount, readMoney), at: readTimeField(line.at) };
}

function readRateLine(line: RateLine, index: number): RateReading {
  if (line.kind === "kept") return { kind: "kept" };
  const percent = readField(line.percent, readRate);
  return {
    kind: "rate",
    percent,
    quotation: quotationAsTyped(percent, quotationOfLine(line)),
    from: index === 0 ? null : readKnownTimeField(line.from),
  };
}

function quotationAsTyped(percent: FieldReading<TypedRate>, chosen: Quotation): Quotation {
  if (percent.state !== "value") return chosen;
  const { quotation, yearly } = percent.value;
  if (quotation !== undefined) return quotation;
  // "6% a year" in a line quoted per quarter: the words win, and say nothing of compounding.
  return yearly === true && chosen.quoted === "periodic" ? { quoted: "effective" } : chosen;
}

function issuesOf(reading: FieldReading<unknown>, path: Path): Issue[] {
  return reading.state === "issue" ? [within(path, reading.issue)] : [];
}

function problemOf(
  draft: Draft,
  flows: readonly FlowReading[],
  rates: readonly RateReading[],
  ask: FieldReading<TypedTime> | null,
): Problem {
  return {
    format: "kestrelmoor-problem",
    version: 1,
    ...(draft.title === "" ? {} : { title: draft.title }),
    ...(draft.question === "" ? {} : { question: draft.question }),
    ...(draft.currency === undefined ? {} : { currency: draft.currency }),
    rates: draft.rates.map((line, index) => rateOf(line, rates[index])),
    flows: draft.flows.map((line, index) => flowOf(line, flows[index])),
    ...askOf(draft, ask),
    ...(draft.also === undefined ? {} : { also: draft.also }),
  };
}

function askOf(draft: Draft, reading: FieldReading<TypedTime> | null): Pick<Problem, "ask"> {
  if (draft.ask?.kind === "kept") return { ask: draft.ask.ask };
  const at = reading === null ? null : valueOf(reading);
  return at === null ? {} : { ask: { find: "value", at: at.duration } };
}

function valueOf<Value>(reading: FieldReading<Value>): Value | null {
  return reading.state === "value" ? reading.value : null;
}

function flowOf(line: FlowLine, reading: FlowReading | undefined): Flow {
  if (line.kind === "kept") return line.flow;
  if (reading?.kind !== "single") throw new TypeError("A line and its reading belong together");
  return {
    id: line.id,
    ...(line.label === "" ? {} : { label: line.label }),
    kind: "single",
    direction: line.direction,
    amount: valueOf(reading.amount),
    at: valueOf(reading.at)?.duration ?? null,
  };
}

function rateOf(line: RateLine, reading: RateReading | undefined): Rate {
  if (line.kind === "kept") return line.rate;
  if (reading?.kind !== "rate") throw new TypeError("A line and its reading belong together");
  const from = reading.from === null ? undefined : valueOf(reading.from)?.duration;
  return {
    percent: valueOf(reading.percent)?.percent ?? null,
    ...reading.quotation,
    ...(from === undefined ? {} : { from }),
  };
}
