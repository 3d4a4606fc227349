import { spanWords } from "../../wording/format-time";
import { formatFigure, formatMoney } from "../../wording/format-number";
import { frequencyWords, quotationWords } from "../../wording/quotation-words";
import type { Flow, Position } from "../../problem/schema";
import { of, type Quantity } from "../mathematics/expression";
import type { Line, Step } from "../step";
import type { Composition } from "./composition";
import { flowName } from "./flow-names";
import { lineOf } from "./sheet";
import { someQuantity } from "../mathematics/evaluate";

/** What is known and what is asked, each with its letter, and the words of the line that gives it. */
export function givenStep(composition: Composition): Step {
  const { problem, solution, rates } = composition;
  const { spells } = solution.settled;
  const money = problem.flows.flatMap((flow, index) => flowLines(composition, flow, index));
  const quoted = rates.quoted.map((quantity, index) => {
    const spell = spells[index];
    if (spell === undefined) throw new TypeError("A timeline has its rates");
    const percent = quantity.isUnknown ? "" : `${formatFigure(spell.percent, 10)} % `;
    const from = index === 0 ? "" : `, from ${spanWords(spell.start)} on`;
    return lineFor(quantity, `${percent}${quotationWords(spell.quotation)}${from}`);
  });
  const asked = composition.sheet.quantities
    .filter(({ isUnknown, kind }) => isUnknown && kind === "time")
    .map((quantity) => lineFor(quantity, "years from today"));
  const times = composition.moves.given.map((time) => lineFor(time, "years"));
  const frequencies = composition.sheet.quantities
    .filter(({ path }) => path?.at(-1) === "compounding" || path?.at(-1) === "every")
    .filter((quantity) => isUsed(composition, quantity))
    .map((quantity) =>
      lineFor(
        quantity,
        quantity.path?.at(-1) === "every"
          ? "payments a year"
          : "times a year that interest is added",
      ),
    );
  return {
    kind: "given",
    level: "short",
    say: "What is known, and what is asked.",
    lines: [...money, ...asked, ...times, ...quoted, ...frequencies],
  };
}

/** Whether anything was worked out with it. */
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
      if (size !== null) lines.push(moneyLine(size, `${label}money ${flow.direction} ${when}`));
      return lines;
    }
    case "stream": {
      const each = frequencyWords(flow.every).adverb;
      const when =
        flow.timing === "end" ? "at the end of each period" : "at the start of each period";
      const begins = settled?.kind === "stream" ? settled.begins : 0;
      const later =
        begins === 0
          ? ""
          : `, the first period beginning ${whenWords(composition, flow.begins, begins)}`;
      if (size !== null)
        lines.push(moneyLine(size, `${label}money ${flow.direction}, ${each}, ${when}${later}`));
      const count = counts[index] ?? null;
      if (count !== null) lines.push(lineFor(count, "number of payments"));
      else lines.push({ parts: [], note: "payments for ever" });
      const growth = growths[index] ?? null;
      if (growth !== null && flow.growth !== undefined) {
        const noun = frequencyWords(flow.growth.every).noun;
        lines.push(
          lineFor(
            growth,
            "percent" in flow.growth
              ? `growth of the payments with each ${noun}`
              : `added to the payments with each ${noun}`,
          ),
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
      return [{ parts: [], note: `${label}${listNote(flow, amounts)}` }];
    }
  }
}

/** A time that is said by the end of payments is not told in years: that may be what is asked. */
function whenWords({ problem, solution }: Composition, at: Position, years: number): string {
  if (at === null) return "at a time that is asked";
  if (typeof at !== "string") {
    const stream = solution.settled.flows.find(({ id }) => id === at.endOf);
    return `at the end of ${stream === undefined ? "the payments" : flowName(problem, stream)}`;
  }
  return years === 0 ? "today" : `after ${spanWords(years)}`;
}

function moneyLine(size: Quantity, note: string): Line {
  if (size.expression !== null && size.isOpen) {
    return { parts: [{ expression: size.expression, manner: "symbols" }], note };
  }
  return size.expression === null ? lineFor(size, note) : { ...lineOf(size), note };
}

/** A list's amounts in words, or how many they are. */
function listNote(
  flow: Extract<Flow, { kind: "list" | "dated" }>,
  amounts: readonly number[],
): string {
  const every = flow.kind === "list" ? ` ${frequencyWords(flow.every).adverb}` : " on given dates";
  if (amounts.length > 8) return `${amounts.length} amounts${every}, money out below zero`;
  const unknownAt =
    flow.kind === "list"
      ? flow.amounts.indexOf(null)
      : flow.entries.findIndex(({ amount }) => amount === null);
  const told = amounts.map((amount, place) => (place === unknownAt ? "?" : formatMoney(amount)));
  return `amounts${every}: ${told.join("; ")}`;
}
