import { issue } from "../issues/issue";
import { readProblem } from "../problem/problem-file";
import type { Problem } from "../problem/schema";
import { fail, succeed, type Result } from "../result";
import { findRoots, questionOf } from "../solve/solve";
import type { Question } from "../solve/solver";
import { resolveTimeline } from "../timeline/resolve-timeline";
import type { Timeline } from "../timeline/timeline";
import type { FieldRef } from "../fields/field-ref";
import { figureOf, numberAt, withNumber } from "../fields/problem-figures";

/** Cells beyond this make no sweep. */
export const LARGEST_SWEEP = 250_000;

/** A field of a problem and the figures to put in it, one after the other. */
export interface SweepAxis {
  /** Of a figure: a number, or a time in years. */
  readonly field: FieldRef;
  readonly values: readonly number[];
}

/**
 * A problem to be solved for every figure of one field, or of two. A row is solved at a time, so that
 * whoever asks can show what there is so far, or stop.
 */
export interface Sweep {
  readonly rows: number;
  readonly columns: number;
  /**
   * The first answer for each figure of the second field, with the `row`-th of the first; for one field
   * alone there is one column. An amount that balances only the other way round is below zero. Not a number
   * where there is no answer.
   */
  readonly solveRow: (row: number) => Float64Array;
}

/**
 * Makes a sweep ready: what each figure changes on the timeline is worked out once for each row and each
 * column, and cells only put the two together and solve.
 *
 * @param problem one that `readProblem` has passed
 * @returns fails as `solve` does where nothing or too much is unknown, and with `sweep-field-unfit`,
 *   `sweep-too-large`, or the schema's issues for a figure that the field does not take
 */
export function prepareSweep(
  problem: Problem,
  first: SweepAxis,
  second: SweepAxis | null = null,
): Result<Sweep> {
  const axes = second === null ? [first] : [first, second];
  for (const axis of axes) {
    const checked = checkAxis(problem, axis);
    if (!checked.ok) return checked;
  }
  const [rows, columns] = [first.values.length, second?.values.length ?? 1];
  if (rows * columns > LARGEST_SWEEP) {
    return fail(issue("sweep-too-large", [], { limit: LARGEST_SWEEP }));
  }
  const question = questionOf(problem);
  if (!question.ok) return question;
  const solveCell = cellSolver(question.value, first, second);
  return succeed({
    rows,
    columns,
    solveRow: (row) =>
      Float64Array.from({ length: columns }, (_, column) => solveCell(row, column)),
  });
}

function checkAxis(problem: Problem, { field, values }: SweepAxis): Result<null> {
  if (numberAt(problem, field) === null || values.length === 0) {
    return fail(issue("sweep-field-unfit", figureOf(problem, field)?.path ?? [], {}));
  }
  // What a field takes is a range: its ends answer for all between them.
  const ends = [Math.min, Math.max].map((end) => values.reduce((one, other) => end(one, other)));
  for (const value of ends) {
    const read = readProblem(withNumber(problem, field, value));
    if (!read.ok) return read;
  }
  return succeed(null);
}

function cellSolver(
  { problem, timeline, unknown }: Question,
  first: SweepAxis,
  second: SweepAxis | null,
): (row: number, column: number) => number {
  const answer = (own: Problem, resolved: Timeline | null): number => {
    if (resolved === null) return Number.NaN;
    const found = findRoots({ problem: own, timeline: resolved, unknown, effort: 1 });
    if (!found.ok) return Number.NaN;
    const { value, turned } = found.value.roots[0].answer;
    return turned === true ? -value : value;
  };
  const byRow = timelinesOf(problem, first);
  if (second === null) return (row) => answer(problem, byRow[row] ?? null);
  const byColumn = timelinesOf(problem, second);
  const parts = joinable(timeline, byRow, byColumn);
  if (parts === null) {
    return (row, column) => {
      const own = withNumber(
        withNumber(problem, first.field, first.values[row] ?? NaN),
        second.field,
        second.values[column] ?? NaN,
      );
      return answer(own, resolved(own));
    };
  }
  return (row, column) => {
    const [one, other] = [byRow[row] ?? null, byColumn[column] ?? null];
    return one === null || other === null ? NaN : answer(problem, parts(one, other));
  };
}

function timelinesOf(problem: Problem, { field, values }: SweepAxis): (Timeline | null)[] {
  return values.map((value) => resolved(withNumber(problem, field, value)));
}

function resolved(problem: Problem): Timeline | null {
  const timeline = resolveTimeline(problem);
  return timeline.ok ? timeline.value : null;
}

/**
 * How to put a timeline of one axis and one of the other together, where no part of the timeline depends
 * on both fields; else `null`.
 */
function joinable(
  base: Timeline,
  byRow: readonly (Timeline | null)[],
  byColumn: readonly (Timeline | null)[],
): ((row: Timeline, column: Timeline) => Timeline) | null {
  // Where there is a focal date, it may move with what is varied.
  if (base.focal !== null) return null;
  const changes = (timelines: readonly (Timeline | null)[], part: "spells" | "flows") =>
    base[part].map((own, index) => {
      const text = JSON.stringify(own);
      return timelines.some(
        (timeline) => timeline !== null && JSON.stringify(timeline[part][index]) !== text,
      );
    });
  const rowSpells = changes(byRow, "spells");
  const rowFlows = changes(byRow, "flows");
  const both = (row: readonly boolean[], column: readonly boolean[]) =>
    row.some((changed, index) => changed && column[index] === true);
  if (both(rowSpells, changes(byColumn, "spells"))) return null;
  if (both(rowFlows, changes(byColumn, "flows"))) return null;
  const pick = <Part>(own: readonly boolean[], row: readonly Part[], column: readonly Part[]) =>
    own.includes(true)
      ? column.map((part, index) => (own[index] === true ? (row[index] ?? part) : part))
      : column;
  return (row, column) => ({
    spells: pick(rowSpells, row.spells, column.spells),
    flows: pick(rowFlows, row.flows, column.flows),
    focal: null,
  });
}
