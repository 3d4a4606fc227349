import { spanWords } from "../../../wording/format-time";
import {
  writeFigure,
  writeMoney,
  writePercent,
  type AnswerFormat,
} from "../../../wording/answer-format";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { eachPeriod, frequencyWords, quotationWords } from "../../../wording/quotation-words";
import type { Position } from "../../../engine/problem/schema";
import { of, type Quantity } from "../mathematics/expression";
import type { Line, Step } from "../step";
import type { ComposedFlow, Composition } from "./composition";
import { flowName, saidWhen } from "./flow-names";
import { askedLine, lineOf } from "./sheet";
import { someQuantity } from "../mathematics/evaluate";

const WORDS = STEP_WORDS.given;

/** The given values and the unknown, each with its letter and the words of its line. */
export function givenStep(composition: Composition): Step {
  const { flows, solved, rates } = composition;
  const { spells } = solved.settled;
  const { format } = composition.sheet;
  const money = flows.flatMap((flow) => flowLines(composition, flow));
  const quoted = rates.quoted.map((quantity, index) => {
    const spell = spells[index];
    if (spell === undefined) throw new TypeError("A timeline has its rates");
    const percent = quantity.isOpen ? "" : writePercent(spell.percent, format, 10);
    const from = index === 0 ? null : spanWords(spell.start, format);
    return lineFor(quantity, WORDS.quotation(percent, quotationWords(spell.quotation), from));
  });
  const asked = composition.sheet.quantities
    .filter(({ isUnknown, kind }) => isUnknown && kind === "time")
    .map((quantity) => lineFor(quantity, WORDS.yearsFromToday));
  const times = composition.moves.given.map((time) => lineFor(time, WORDS.years));
  const frequencies = composition.sheet.quantities
    .filter(({ field }) => field?.field === "quotation" || field?.field === "every")
    .filter((quantity) => isUsed(composition, quantity))
    .map((quantity) =>
      lineFor(
        quantity,
        quantity.field?.field === "every" ? WORDS.paymentsPerYear : WORDS.compoundingsPerYear,
      ),
    );
  return {
    kind: "given",
    level: "short",
    say: WORDS.say,
    lines: [...money, ...asked, ...times, ...quoted, ...frequencies],
  };
}

/** Whether any quantity is calculated from it. */
function isUsed({ sheet }: Composition, quantity: Quantity): boolean {
  return sheet.quantities.some(
    ({ expression }) => expression !== null && someQuantity(expression, (one) => one === quantity),
  );
}

function lineFor(quantity: Quantity, note: string): Line {
  const whole = of(quantity);
  if (quantity.isUnknown) return askedLine(quantity, note);
  // A rate that follows from an unknown one is told by its formula.
  if (quantity.isOpen) return { parts: lineOf(quantity).parts.slice(0, 2), note };
  return {
    parts: [
      { expression: whole, manner: "symbols" },
      { expression: whole, manner: "values" },
    ],
    note,
  };
}

function flowLines(composition: Composition, flow: ComposedFlow): Line[] {
  const label = flow.file.label?.trim() ?? "";
  const named = label === "" ? "" : `${label}: `;
  switch (flow.kind) {
    case "single":
      return singleLines(composition, flow, named);
    case "stream":
      return streamLines(composition, flow, named);
    case "list":
    case "dated":
      return [{ parts: [], note: `${named}${listNote(flow, composition.sheet.format)}` }];
  }
}

function singleLines(
  composition: Composition,
  { file, settled, size }: ComposedFlow<"single">,
  named: string,
): Line[] {
  if (size === null) return [];
  const when = whenWords(composition, file.at, settled.at);
  return [moneyLine(size, `${named}${WORDS.single(file.direction, when)}`)];
}

function streamLines(
  composition: Composition,
  { file, settled, size, count, growth }: ComposedFlow<"stream">,
  named: string,
): Line[] {
  const later = settled.begins === 0 ? null : whenWords(composition, file.begins, settled.begins);
  const each = frequencyWords(file.every).adverb;
  const amount = WORDS.stream(file.direction, each, file.timing, later);
  const lines: Line[] = size === null ? [] : [moneyLine(size, `${named}${amount}`)];
  lines.push(count === null ? { parts: [], note: WORDS.perpetuity } : lineFor(count, WORDS.count));
  if (growth !== null && file.growth !== undefined) {
    const period = eachPeriod(frequencyWords(file.growth.every).noun);
    const words = "percent" in file.growth ? WORDS.growth(period) : WORDS.increase(period);
    lines.push(lineFor(growth, words));
  }
  return lines;
}

/** A time given by the end of payments is not converted to years: the number of payments may be the unknown. */
function whenWords({ flows, sheet: { format } }: Composition, at: Position, years: number): string {
  if (at === null) return "at the unknown time";
  if (typeof at !== "string") {
    const stream = flows.find(({ file }) => file.id === at.endOf);
    return `at the end of ${stream === undefined ? "the payments" : flowName(stream, format)}`;
  }
  return saidWhen(at, years, format);
}

function moneyLine(size: Quantity, note: string): Line {
  if (size.expression !== null && size.isOpen) {
    return { parts: [{ expression: size.expression, manner: "symbols" }], note };
  }
  return size.expression === null ? lineFor(size, note) : { ...lineOf(size), note };
}

/** A longer list is counted, not repeated. */
const MOST_LISTED = 8;

/** The amounts of a list, or their number if there are many. */
function listNote(flow: ComposedFlow<"list" | "dated">, format: AnswerFormat): string {
  const every =
    flow.kind === "list" ? WORDS.evenly(frequencyWords(flow.file.every).adverb) : WORDS.onDates;
  const amounts =
    flow.kind === "list" ? flow.settled.amounts : flow.settled.entries.map(({ amount }) => amount);
  if (amounts.length > MOST_LISTED) {
    return WORDS.manyAmounts(writeFigure(amounts.length, format), every);
  }
  const unknownAt =
    flow.kind === "list"
      ? flow.file.amounts.indexOf(null)
      : flow.file.entries.findIndex(({ amount }) => amount === null);
  const told = amounts.map((amount, place) =>
    place === unknownAt ? "?" : writeMoney(amount, format),
  );
  return WORDS.amounts(every, told.join("; "));
}
