import { resolveFlow, settleFlow } from "../../engine/flows/flow-kinds";
import type { SettledFlow } from "../../engine/flows/flow-kind";
import type { Affine } from "../../engine/numbers/affine";
import { checkReferences } from "../../engine/problem/references";
import type { Flow, Position, Problem, Rate } from "../../engine/problem/schema";
import { resolvePosition } from "../../engine/timeline/positions";
import { resolveSpells } from "../../engine/timeline/spells";
import type { Draft, FlowLine } from "./draft";
import { flowOfLine, type FlowReading } from "./lines/line-kinds";
import { type DraftReading } from "./read-draft";
import { rateOfLine } from "./read-rate-line";
import { valueOf } from "./field";
import { positionOf } from "../input/read-position";

/**
 * The timeline as far as a draft tells it, for its picture: the same figures as those of the solved problem. A figure
 * that is missing, unknown, cannot be read or waits for one of these is not a number.
 */
export interface KnownTimeline {
  /** One for each line; `null` for one that has no place on the axis yet. */
  readonly flows: readonly (SettledFlow | null)[];
  readonly spells: readonly { readonly start: number; readonly percent: number }[];
  /** The date of the value that is asked for. */
  readonly ask: number;
}

export function knownTimeline(draft: Draft, reading: DraftReading): KnownTimeline {
  const problem = attached({
    format: "kestrelmoor-problem",
    version: 2,
    ...datesSoFar(draft, reading),
    rates: draft.rates.map((line, index) => rateOfLine(line, reading.rates[index])),
    flows: draft.flows.flatMap((line, index) => flowSoFar(line, reading.flows[index]) ?? []),
  });
  const spells = resolveSpells(problem);
  return {
    flows: draft.flows.map(({ id }) => settledSoFar(problem, id)),
    spells: spells.map(({ start, percent }, index) => ({
      start: isStartRead(problem.rates[index], index) ? known(start) : Number.NaN,
      percent: known(percent),
    })),
    ask: askedSoFar(problem, reading),
  };
}

/** What dates are counted by: a date is read only where today has one. */
function datesSoFar(
  { conventions: { dayCount } }: Draft,
  { today }: DraftReading,
): Pick<Problem, "today" | "dayCount"> {
  const date = today === null ? null : valueOf(today);
  return date === null ? {} : { today: date, dayCount };
}

/** A flow of which all that a place on the axis needs can be read. */
function flowSoFar(line: FlowLine, reading: FlowReading | undefined): Flow | null {
  if (line.kind === "kept") return line.flow;
  if (reading === undefined || reading.kind === "kept") return null;
  if ("every" in reading && reading.every.state !== "value") return null;
  const flow = flowOfLine(line, reading);
  if (flow.kind === "dated") return flow.entries.length === 0 ? null : flow;
  if (flow.kind !== "stream" || reading.kind !== "stream" || reading.growth === null) return flow;
  // Payments are drawn level until it is known how they grow.
  const { figure, every } = reading.growth;
  return figure.state === "value" && every.state === "value"
    ? flow
    : { ...flow, growth: undefined };
}

/** Where a reference leads nowhere or back to itself, what refers is not known. */
function attached(problem: Problem): Problem {
  if (checkReferences(problem).length === 0) return problem;
  return {
    ...problem,
    rates: problem.rates.map(({ percent, from, ...rate }) => ({
      ...rate,
      percent: typeof percent === "object" ? null : percent,
      ...(typeof from === "string" ? { from } : {}),
    })),
    flows: problem.flows.map(detached),
  };
}

function detached(flow: Flow): Flow {
  const own = <Value>(value: Value): Exclude<Value, object> | null =>
    typeof value === "object" ? null : (value as Exclude<Value, object>);
  switch (flow.kind) {
    case "single":
      return { ...flow, amount: own(flow.amount), at: own(flow.at) };
    case "stream":
      return { ...flow, amount: own(flow.amount), begins: own(flow.begins) };
    case "list":
      return { ...flow, begins: own(flow.begins), amounts: flow.amounts.map(own) };
    case "dated":
      return {
        ...flow,
        entries: flow.entries.map((entry) => ({ ...entry, amount: own(entry.amount) })),
      };
  }
}

function settledSoFar(problem: Problem, id: string): SettledFlow | null {
  const flow = problem.flows.find((one) => one.id === id);
  const resolved = flow === undefined ? null : resolveFlow(problem, flow);
  return resolved?.ok === true ? settleFlow(resolved.value, known, known) : null;
}

function isStartRead(rate: Rate | undefined, index: number): boolean {
  return index === 0 || rate?.from !== undefined;
}

function askedSoFar(problem: Problem, { ask }: DraftReading): number {
  const said = ask === null ? null : valueOf(ask);
  const position: Position = said === null ? null : positionOf(said);
  const asked = { ...problem, ask: { find: "value" as const, at: position ?? "P0D" } };
  return position === null || checkReferences(asked).length > 0
    ? Number.NaN
    : known(resolvePosition(problem, position));
}

function known({ known: figure, perUnknown }: Affine): number {
  return perUnknown === 0 ? figure : Number.NaN;
}
