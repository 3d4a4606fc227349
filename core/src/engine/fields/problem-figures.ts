import type { Path } from "../issues/issue";
import type { Flow, Problem, Rate } from "../problem/schema";
import { isoYears, yearsOfMoment } from "../time/moment";
import { calendarOf } from "../problem/calendar-of";
import type { ResolvedFlow } from "../timeline/timeline";
import {
  ASK_FIELD,
  flowField,
  isSameField,
  rateField,
  type FieldRef,
  type FlowFieldRef,
  type RateFieldRef,
} from "./field-ref";
import {
  FLOW_FIGURES,
  RATE_FIGURES,
  type FlowFigure,
  type RateFigure,
  type UnknownKind,
} from "./figure";
import { type FigureUnit } from "./figure-unit";

/** A figure of a problem: which field it is in, and what stands there. */
export interface ProblemFigure {
  readonly field: FieldRef;
  readonly unit: FigureUnit;
  /** What kind of unknown it makes; `null` for a figure that has to be known. */
  readonly unknown: UnknownKind | null;
  /** Where it stands in the problem file. */
  readonly path: Path;
  /** As the file has it: a number, a duration, a date, a reference; `null` for the unknown. */
  readonly filed: unknown;
}

/** Every figure of a problem, in the order of the file: rates, flows, the date of the value that is asked for. */
export function figuresOf(problem: Problem): ProblemFigure[] {
  return [
    ...problem.rates.flatMap(figuresOfRate),
    ...problem.flows.flatMap(figuresOfFlow),
    ...figuresOfAsk(problem),
  ];
}

/** The figure of a field; `undefined` where the problem has no such field. */
export function figureOf(problem: Problem, field: FieldRef): ProblemFigure | undefined {
  return figuresBeside(problem, field).find((figure) => isSameField(figure.field, field));
}

/** The figures of the line that a field is on. */
function figuresBeside(problem: Problem, field: FieldRef): ProblemFigure[] {
  if (field.on === "ask") return figuresOfAsk(problem);
  if (field.on === "flow") {
    const flow = problem.flows[field.line];
    return flow === undefined ? [] : figuresOfFlow(flow, field.line);
  }
  const rate = problem.rates[field.line];
  return rate === undefined ? [] : figuresOfRate(rate, field.line);
}

function figuresOfFlow(flow: Flow, line: number): ProblemFigure[] {
  return flowFigures(flow).map(({ field, entry, unit, unknown, path }) => ({
    field: flowField(line, field, entry),
    unit,
    unknown,
    path: ["flows", line, ...path],
    filed: standingAt(flow, path),
  }));
}

function figuresOfRate(rate: Rate, line: number): ProblemFigure[] {
  return rateFigures(rate).map(({ field, unit, unknown, path }) => ({
    field: rateField(line, field),
    unit,
    unknown,
    path: ["rates", line, ...path],
    filed: standingAt(rate, path),
  }));
}

function figuresOfAsk({ ask }: Problem): ProblemFigure[] {
  if (ask === undefined) return [];
  return [{ field: ASK_FIELD, unit: "years", unknown: null, path: ["ask", "at"], filed: ask.at }];
}

/**
 * The number in a field of a problem; a time is one of years, below zero before today.
 *
 * @returns `null` where there is no such field, or in it no number: the unknown, a reference
 */
export function numberIn(problem: Problem, { filed, unit }: ProblemFigure): number | null {
  if (typeof filed === "number") return filed;
  const isTime = typeof filed === "string" && unit === "years";
  return isTime ? yearsOfMoment(filed, calendarOf(problem)) : null;
}

/** The number in a field, as `numberIn` reads it. */
export function numberAt(problem: Problem, field: FieldRef): number | null {
  const figure = figureOf(problem, field);
  return figure === undefined ? null : numberIn(problem, figure);
}

/**
 * The same problem with a number in a field that holds a figure; times are in years, parts elsewhere are shared.
 * A field that the problem does not have is a programmer's mistake.
 */
export function withNumber(problem: Problem, field: FieldRef, number: number): Problem {
  const figure = figureOf(problem, field);
  if (figure === undefined) throw new TypeError("A problem has no such field");
  const filed = figure.unit === "years" ? isoYears(number) : number;
  return replaced(problem, figure.path, filed) as Problem;
}

/** What the figure of a field comes to on a timeline of the problem; `null` where it has no such field. */
export function numberOnTimeline(
  problem: Problem,
  timeline: FiguresOnTimeline,
  { on, line, field, entry }: FlowFieldRef | (RateFieldRef & { readonly entry?: undefined }),
): number | null {
  if (on === "rate") {
    const spell = timeline.spells[line];
    const figure = RATE_FIGURES.find((one) => one.field === field);
    return spell === undefined || figure === undefined ? null : figure.onTimeline(spell);
  }
  const [flow, resolved] = [problem.flows[line], timeline.flows[line]];
  if (flow === undefined || resolved?.kind !== flow.kind) return null;
  const figure = flowFigures(flow).find((one) => one.field === field && one.entry === entry);
  return figure?.onTimeline(resolved) ?? null;
}

interface FiguresOnTimeline {
  readonly flows: readonly ResolvedFlow<number>[];
  readonly spells: readonly { readonly percent: number; readonly start: number }[];
}

// The type checker cannot see that a flow and the figures of its own kind belong together.
function flowFigures(flow: Flow): readonly FlowFigure<Flow["kind"]>[] {
  return (FLOW_FIGURES[flow.kind] as (flow: Flow) => readonly FlowFigure<Flow["kind"]>[])(flow);
}

function rateFigures({ from }: Rate): readonly RateFigure[] {
  return RATE_FIGURES.filter(({ field }) => field !== "from" || from !== undefined);
}

type Place = Record<string | number, unknown>;

function standingAt(line: object, path: Path): unknown {
  return path.reduce<unknown>((place, key) => (isPlace(place) ? place[key] : undefined), line);
}

function replaced(place: unknown, path: Path, filed: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return filed;
  if (!isPlace(place)) throw new TypeError("A problem has no such place");
  const inner = replaced(place[key], rest, filed);
  return Array.isArray(place) ? place.with(Number(key), inner) : { ...place, [key]: inner };
}

function isPlace(value: unknown): value is Place {
  return typeof value === "object" && value !== null;
}
