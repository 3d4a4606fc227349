import type { Flow } from "../../engine/problem/schema";
import type { Facts } from "../facts/facts";
import type { Mark } from "../marks/mark";
import { everyOf } from "../facts/rates";
import { ratesOf } from "./rates";
import {
  askedFlow,
  complete,
  lacking,
  problemOf,
  type Choices,
  type Shape,
  type Use,
  usesOf,
} from "./shape";

/** Cash flows in a table ("0 | -42,000") or a row ("-8 000; 1 900; 2 400"). */
interface Row {
  readonly marks: readonly Mark[];
  readonly amounts: readonly number[];
  /** The period of the first. */
  readonly from: number;
}

/** A period with its amount. */
interface Entry {
  readonly period: number;
  readonly amount: number;
  readonly marks: readonly Mark[];
}

/** Fewer figures may stand beside each other by chance. */
const FEWEST = 3;

/** A question about flows that are listed; `null` where none are. */
export function listed(facts: Facts, choices: Choices): Shape | null {
  const row = tableIn(facts) ?? pairsIn(facts) ?? rowIn(facts);
  // A last amount that is asked for is told with its own time: see `uneven`.
  if (row === null || facts.ask?.kind === "final") return null;
  const { scope, ask } = facts;
  const cue = scope.marks.find(({ phrase }) => phrase?.kind === "every" && phrase.as === "adverb");
  const every = cue === undefined ? "P1Y" : everyOf(cue);
  const rates = ratesOf(facts, every, null, choices);
  const uses: Use[] = [
    ...rates.uses,
    ...usesOf(row.marks, "amount", { flow: "flows", field: "amount" }),
  ];
  if (rates.isMissing) return lacking(["rate"], { uses });
  const flow: Flow = {
    id: "flows",
    kind: "list",
    every,
    begins: row.from === 0 ? "P0D" : every,
    amounts: [...row.amounts],
  };
  const outlay =
    row.from === 0
      ? undefined
      : scope.marks.find((mark) => !row.marks.includes(mark) && isOutlay(scope, mark));
  const spent = outlay === undefined ? null : valueOf(outlay);
  if (outlay !== undefined)
    uses.push({ mark: outlay, role: "amount", target: { flow: "outlay", field: "amount" } });
  const flows: Flow[] =
    spent === null
      ? [flow]
      : [
          { id: "outlay", kind: "single", direction: "out", amount: Math.abs(spent), at: "P0D" },
          flow,
        ];
  const base = { rates: rates.rates, currency: facts.currency };
  const isValue = !rates.isAsked;
  const problem =
    isValue && ask?.kind === "future"
      ? problemOf({ ...base, flows: [...flows, askedFlow({ endOf: "flows" })] })
      : problemOf({ ...base, flows, ...(isValue ? { ask: { find: "value", at: "P0D" } } : {}) });
  return complete(problem, uses, rates.assumptions);
}

/** "Outlay today 9 500": what is spent before the row begins. */
function isOutlay(scope: Facts["scope"], mark: Mark): boolean {
  const value = valueOf(mark);
  const before = scope.before(mark, 4);
  const isNow = scope.after(mark, 1)[0]?.phrase?.as === "now";
  return (
    value !== null &&
    Math.abs(value) >= 100 &&
    (isNow ||
      before.some(({ word }) => /^(?:outlay|costs?|costing|investment|invested|price)$/.test(word)))
  );
}

function valueOf(mark: Mark): number | null {
  const { quantity } = mark;
  if (quantity?.is === "number" && quantity.isOrdinal) return null;
  return quantity?.is === "number" || quantity?.is === "money" ? quantity.value : null;
}

/** Lines of a period and an amount, the periods one after the other. */
function tableIn({ scope }: Facts): Row | null {
  const lines = new Map<number, Mark[]>();
  for (const mark of scope.marks) {
    if (valueOf(mark) !== null || mark.phrase?.as === "end-of")
      lines.set(mark.line, [...(lines.get(mark.line) ?? []), mark]);
  }
  const rows: Entry[] = [];
  for (const marks of lines.values()) {
    const [first, second] = marks;
    if (marks.length !== 2 || first === undefined || second === undefined) continue;
    const period =
      first.phrase?.as === "end-of" ? (first.phrase.numbers[0] ?? null) : valueOf(first);
    const amount = valueOf(second);
    if (period !== null && amount !== null && follows(rows, period))
      rows.push({ period, amount, marks });
  }
  return rowOf(rows);
}

/** "Year 0: -12,000; year 1: 4,000; year 2: 5,000": each period with its amount, one after the other. */
function pairsIn({ scope }: Facts): Row | null {
  const rows: Entry[] = [];
  scope.marks.forEach((mark, at) => {
    const { phrase } = mark;
    const isPlain = /^[:=]$/.test(scope.marks[at + 1]?.word ?? "");
    const value = scope.marks[at + (isPlain ? 2 : 1)];
    const amount = value === undefined ? null : valueOf(value);
    const isPair = phrase?.as === "end-of" && phrase.numbers.length === 1;
    const period = phrase?.numbers[0] ?? 0;
    // "Year 0 -12,000; year 1 4,000": without a colon, where they begin with today's.
    const isRead = isPlain || period === 0 || rows[0]?.period === 0;
    if (isPair && isRead && follows(rows, period) && value !== undefined && amount !== null)
      rows.push({ period, amount, marks: [mark, value] });
  });
  return rowOf(rows);
}

/** Whether a period comes after those that there are; the first is today or one period from now. */
function follows(rows: readonly Entry[], period: number): boolean {
  const last = rows.at(-1);
  return last === undefined ? period === 0 || period === 1 : period === last.period + 1;
}

function rowOf(rows: readonly Entry[]): Row | null {
  const [first] = rows;
  if (first === undefined || rows.length < FEWEST) return null;
  return {
    marks: rows.flatMap(({ marks }) => marks),
    amounts: rows.map(({ amount }) => amount),
    from: first.period,
  };
}

/** Three figures or more with nothing but a comma or a semicolon between them. */
function rowIn({ scope }: Facts): Row | null {
  let run: Mark[] = [];
  let best: Mark[] = [];
  let isOpen = false;
  for (const mark of scope.marks) {
    if (valueOf(mark) !== null && (isOpen || run.length === 0)) {
      run.push(mark);
      isOpen = false;
      if (run.length > best.length) best = [...run];
    } else if (/^(?:,|;|\||and|then|\/)$/.test(mark.word) && run.length > 0) isOpen = true;
    else if (valueOf(mark) !== null) [run, isOpen] = [[mark], false];
    else [run, isOpen] = [[], false];
  }
  const hasOthers = scope.marks.some(
    (mark) => mark.quantity?.is === "money" && !best.includes(mark) && !isOutlay(scope, mark),
  );
  const [first] = best;
  // "£400, £600 and £800 in 2, 5 and 9 months" have times of their own.
  const isTimed = scope.marks.some(
    ({ phrase }) => phrase?.as === "end-of" && phrase.numbers.length === best.length,
  );
  if (first === undefined || best.length < FEWEST || hasOthers || isTimed) return null;
  const isSpentBefore = scope.marks.some((mark) => !best.includes(mark) && isOutlay(scope, mark));
  const isFromNow =
    (!isSpentBefore && scope.before(first, 8).some(({ phrase }) => phrase?.as === "now")) ||
    best.some((mark) => (valueOf(mark) ?? 0) < 0);
  return { marks: best, amounts: best.map((mark) => valueOf(mark) ?? 0), from: isFromNow ? 0 : 1 };
}
