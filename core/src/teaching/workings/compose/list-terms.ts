import { dateOfAmount } from "../../../engine/flows/amount-date";
import { fieldKey, flowField, type FieldRef } from "../../../engine/fields/field-ref";
import { sum as added } from "../../../engine/numbers/sum";
import { evaluate } from "../mathematics/evaluate";
import { number, of, ONE, product, sum, type Expression } from "../mathematics/expression";
import { workingFigure } from "../mathematics/figures";
import { withMarks, writeMoney, type AnswerFormat } from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { spanWords } from "../../../wording/format-time";
import type { StepTable } from "../step";
import { bareFigure, type ComposedFlow, type Composition } from "./composition";
import { dateWords } from "./flow-names";
import type { Moment } from "./moment";
import type { Sheet } from "./sheet";

import { termOf, type FlowTerms, type Term } from "./term";

/** A longer list is written as a sum, with a table. */
const MOST_WRITTEN = 6;

/** The rows of a long table that are shown, at its beginning and at its end. */
const ROWS_BEFORE = 8;
const ROWS_AFTER = 2;

interface Entry {
  readonly at: number;
  readonly amount: number;
  readonly field: FieldRef;
  readonly isUnknown: boolean;
  /** The multiple of the unknown. */
  readonly perUnknown: number;
  readonly known: number;
}

export function listTerms(
  composition: Composition,
  flow: ComposedFlow<"list" | "dated">,
  focal: Moment,
): FlowTerms {
  const { sheet, moves } = composition;
  const entries = entriesOf(flow).filter(({ amount, isUnknown }) => amount !== 0 || isUnknown);
  const open = entries.filter(({ perUnknown }) => perUnknown !== 0);
  const known = entries.filter(({ perUnknown }) => perUnknown === 0);
  const factorOf = ({ at }: Entry) =>
    moves.between(composition.momentAt(at, moveOf(flow)), focal, null);
  const openTerms = open.flatMap((entry) => {
    const factor = factorOf(entry);
    const terms = [unknownEntry(composition, flow, entry, factor)];
    if (entry.known === 0) return terms;
    // What is added to a multiple of the unknown is a term of its own.
    const size = bareFigure(sheet, Math.abs(entry.known), entry.field);
    return [...terms, termOf(composition, flow, entry.known < 0 ? -1 : 1, size, factor)];
  });
  if (known.length <= MOST_WRITTEN) {
    const written = known.map((entry) =>
      termOf(
        composition,
        flow,
        entry.amount < 0 ? -1 : 1,
        bareFigure(sheet, Math.abs(entry.amount), entry.field),
        factorOf(entry),
      ),
    );
    return { terms: [...written, ...openTerms] };
  }
  const sides = ([1, -1] as const).flatMap((sign) => {
    const own = known.filter(({ amount }) => Math.sign(amount) === sign);
    const parts = own.map((entry) => {
      const size = bareFigure(sheet, Math.abs(entry.amount), entry.field);
      return { size, factor: factorOf(entry) };
    });
    return own.length <= MOST_WRITTEN
      ? parts.map(({ size, factor }) => termOf(composition, flow, sign, size, factor))
      : [termOf(composition, flow, sign, ONE, manyParts(sign, parts))];
  });
  const isKnown = sides.every(({ worth }) => worth !== null);
  const factors = known.map((entry) => evaluate(factorOf(entry)));
  return {
    terms: [...sides, ...openTerms],
    // The table shows the factors; a line for each would repeat them.
    shows: ({ defines }) => defines?.kind === "money",
    table: isKnown ? tableOf(known, factors, focal, sheet) : tableOfAmounts(known, sheet.format),
  };
}

/** Many amounts of a list, on one side of the equation. */
function manyParts(
  sign: 1 | -1,
  parts: readonly { readonly size: Expression; readonly factor: Expression }[],
): Expression {
  const way = sign > 0 ? "in" : "out";
  return {
    op: "written",
    latex: String.raw`\sum_{\text{${way}}} C_t\,(1+i)^{-t}`,
    plain: `Σ ${way} C(t) × (1+i)^(-t)`,
    of: sum(parts.map(({ size, factor }) => ({ sign: 1, of: product(size, factor) }))),
  };
}

/** The years by which a list moves for each 1 of the unknown. */
function moveOf(flow: ComposedFlow<"list" | "dated">): number {
  return flow.kind === "list" ? flow.resolved.begins.perUnknown : 0;
}

function entriesOf(flow: ComposedFlow<"list" | "dated">): Entry[] {
  const { index, settled } = flow;
  const linear =
    flow.kind === "list"
      ? flow.resolved.amounts
      : flow.resolved.entries.map(({ amount }) => amount);
  const filed =
    flow.kind === "list" ? flow.file.amounts : flow.file.entries.map(({ amount }) => amount);
  const dates = settled.kind === "list" ? settled.amounts.keys() : settled.entries.keys();
  return [...dates].map((place) => ({
    at: dateOfAmount(settled, place, (years) => years),
    amount:
      (settled.kind === "list" ? settled.amounts[place] : settled.entries[place]?.amount) ?? 0,
    field: flowField(index, flow.kind === "list" ? "amounts" : "entries", place),
    isUnknown: filed[place] === null,
    perUnknown: linear[place]?.perUnknown ?? 0,
    known: linear[place]?.known ?? 0,
  }));
}

/** The unknown entry, or an entry that depends on it. Lists are signed, so the unknown is treated as money in. */
function unknownEntry(
  composition: Composition,
  flow: ComposedFlow,
  entry: Entry,
  factor: Expression,
): Term {
  const { sheet } = composition;
  if (entry.isUnknown) {
    const unknown = sheet.once(`entry ${fieldKey(entry.field)}`, () =>
      sheet.unknown(sheet.letter("C"), "money", entry.amount, entry.field),
    );
    return termOf(composition, flow, 1, of(unknown), factor);
  }
  const base = openAmount(composition);
  const times = Math.abs(entry.perUnknown);
  const size =
    base === null
      ? bareFigure(sheet, Math.abs(entry.amount), entry.field)
      : product(number(times), base);
  return termOf(composition, flow, entry.perUnknown < 0 ? -1 : 1, size, factor);
}

/** The letter of the unknown amount. */
function openAmount({ flows }: Composition): Expression | null {
  const size = flows.find((one) => one.size?.isUnknown === true)?.size ?? null;
  return size === null ? null : of(size);
}

function tableOfAmounts(entries: readonly Entry[], format: AnswerFormat): StepTable {
  return shortened(
    ["Time", "Amount"],
    entries.map(({ at, amount }) => [spanWords(at, format), writeMoney(amount, format)]),
  );
}

function tableOf(
  entries: readonly Entry[],
  factors: readonly number[],
  focal: Moment,
  sheet: Sheet,
): StepTable {
  const { format } = sheet;
  const written = (value: number) => withMarks(workingFigure(value), format);
  const worths = entries.map(({ amount }, place) => amount * (factors[place] ?? NaN));
  const rows = entries.map(({ at, amount }, place) => [
    spanWords(at, format),
    writeMoney(amount, format),
    written(factors[place] ?? NaN),
    written(worths[place] ?? NaN),
  ]);
  const when = STEP_WORDS.value.column(dateWords(focal.years, sheet));
  const told = shortened(["Time", "Amount", "Factor", when], rows);
  return { ...told, rows: [...told.rows, ["Total", "", "", written(added(worths))]] };
}

function shortened(head: readonly string[], rows: readonly (readonly string[])[]): StepTable {
  const leftOut = rows.length - ROWS_BEFORE - ROWS_AFTER;
  if (leftOut < 2) return { head, rows, leftOut: 0, leftOutAfter: 0 };
  return {
    head,
    rows: [...rows.slice(0, ROWS_BEFORE), ...rows.slice(-ROWS_AFTER)],
    leftOut,
    leftOutAfter: ROWS_BEFORE,
  };
}
