import { spanWords } from "../../wording/format-time";
import {
  writeFigure,
  writeMoney,
  writePercent,
  type AnswerFormat,
} from "../../wording/answer-format";
import { STEP_WORDS } from "../../wording/teaching/step-words";
import { eachPeriod, frequencyWords, quotationWords } from "../../wording/quotation-words";
import type { Flow, Position } from "../../problem/schema";
import { of, type Quantity } from "../mathematics/expression";
import type { Line, Step } from "../step";
import type { Composition } from "./composition";
import { flowName } from "./flow-names";
import { lineOf } from "./sheet";
import { someQuantity } from "../mathematics/evaluate";

const WORDS = STEP_WORDS.given;

/** The given values and the unknown, each with its letter and the words of its line. */
export function givenStep(composition: Composition): Step {
  const { problem, solution, rates } = composition;
  const { spells } = solution.settled;
  const { format } = composition.sheet;
  const money = problem.flows.flatMap((flow, index) => flowLines(composition, flow, index));
  const quoted = rates.quoted.map((quantity, index) => {
    const spell = spells[index];
    if (spell === undefined) throw new TypeError("A timeline has its rates");
    const percent = quantity.isUnknown ? "" : writePercent(spell.percent, format, 10);
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
  return quantity.isUnknown
    ? { parts: [{ expression: whole, manner: "symbols" }], note, isAsked: true }
    : {
        parts: [
          { expression: whole, manner: "symbols" },
          { expression: whole, manner: "values" },
        ],
        note,
      };
}

function flowLines(composition: Composition, flow: Flow, index: number): Line[] {
  const { sizes, counts, growths, solution } = composition;
  const settled = solution.settled.flows[index];
  const size = sizes[index] ?? null;
  const label =
    flow.label === undefined || flow.label.trim() === "" ? "" : `${flow.label.trim()}: `;
  const lines: Line[] = [];
  switch (flow.kind) {
    case "single": {
      const at = settled?.kind === "single" ? settled.at : 0;
      const when = whenWords(composition, flow.at, at);
      if (size !== null)
        lines.push(moneyLine(size, `${label}${WORDS.single(flow.direction, when)}`));
      return lines;
    }
    case "stream": {
      const each = frequencyWords(flow.every).adverb;
      const begins = settled?.kind === "stream" ? settled.begins : 0;
      const later = begins === 0 ? null : whenWords(composition, flow.begins, begins);
      if (size !== null) {
        const words = WORDS.stream(flow.direction, each, flow.timing, later);
        lines.push(moneyLine(size, `${label}${words}`));
      }
      const count = counts[index] ?? null;
      if (count !== null) lines.push(lineFor(count, WORDS.count));
      else lines.push({ parts: [], note: WORDS.perpetuity });
      const growth = growths[index] ?? null;
      if (growth !== null && flow.growth !== undefined) {
        const period = eachPeriod(frequencyWords(flow.growth.every).noun);
        lines.push(
          lineFor(growth, "percent" in flow.growth ? WORDS.growth(period) : WORDS.increase(period)),
        );
      }
      return lines;
    }
    case "list":
    case "dated": {
      const amounts =
        settled?.kind === "list"
          ? settled.amounts
          : settled?.kind === "dated"
            ? settled.entries.map(({ amount }) => amount)
            : [];
      return [{ parts: [], note: `${label}${listNote(flow, amounts, composition.sheet.format)}` }];
    }
  }
}

/** A time given by the end of payments is not converted to years: the number of payments may be the unknown. */
function whenWords(
  { problem, solution, sheet: { format } }: Composition,
  at: Position,
  years: number,
): string {
  if (at === null) return "at the unknown time";
  if (typeof at !== "string") {
    const stream = solution.settled.flows.find(({ id }) => id === at.endOf);
    return `at the end of ${stream === undefined ? "the payments" : flowName(problem, stream, format)}`;
  }
  return years === 0 ? "today" : `after ${spanWords(years, format)}`;
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
function listNote(
  flow: Extract<Flow, { kind: "list" | "dated" }>,
  amounts: readonly number[],
  format: AnswerFormat,
): string {
  const every =
    flow.kind === "list" ? WORDS.evenly(frequencyWords(flow.every).adverb) : WORDS.onDates;
  if (amounts.length > MOST_LISTED) {
    return WORDS.manyAmounts(writeFigure(amounts.length, format), every);
  }
  const unknownAt =
    flow.kind === "list"
      ? flow.amounts.indexOf(null)
      : flow.entries.findIndex(({ amount }) => amount === null);
  const told = amounts.map((amount, place) =>
    place === unknownAt ? "?" : writeMoney(amount, format),
  );
  return WORDS.amounts(every, told.join("; "));
}
