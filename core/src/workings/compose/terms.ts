import { flowField } from "../../fields/field-ref";
import type { SettledFlow } from "../../flows/flow-kind";
import { signOf } from "../../timeline/amounts";
import { of, type Expression, type Quantity } from "../mathematics/expression";
import type { Line, Step } from "../step";
import { bareFigure, type Composition } from "./composition";
import { STEP_WORDS } from "../../wording/teaching/step-words";
import { dateWords, flowName } from "./flow-names";
import type { Moment } from "./moves";
import { streamFactors } from "./stream-terms";

import { listTerms } from "./list-terms";
import { termOf, type FlowTerms, type Term } from "./term";
import { writeFigure } from "../../wording/answer-format";

/** The terms of some flows at a date, and the steps that move them there. */
export interface Terms {
  readonly list: readonly Term[];
  readonly steps: readonly Step[];
}

export function termsAt(
  composition: Composition,
  focal: Moment,
  wanted: (flow: number) => boolean = () => true,
): Terms {
  const list: Term[] = [];
  const steps: Step[] = [];
  composition.solution.settled.flows.forEach((flow, index) => {
    if (!wanted(index)) return;
    composition.sheet.takeLines();
    const made = termsOfFlow(composition, flow, index, focal);
    list.push(...made.terms);
    const lines = made.lines ?? composition.sheet.takeLines();
    composition.sheet.takeLines();
    steps.push(...composition.takeConversions());
    const step = stepFor(composition, flow, made, lines, focal);
    if (step !== null) steps.push(step);
  });
  return { list, steps };
}

function termsOfFlow(
  composition: Composition,
  flow: SettledFlow,
  index: number,
  focal: Moment,
): FlowTerms {
  switch (flow.kind) {
    case "single": {
      const at = composition.momentAt(flow.at, moveOf(composition, index));
      const field = flowField(index, "at");
      const factor = composition.moves.between(at, focal, field);
      const size = composition.sizes[index];
      return {
        terms: [
          termOf(composition, index, signOfFlow(composition, index), sizeOr(size), factor),
          ...addedTerm(composition, index, factor),
        ],
      };
    }
    case "stream": {
      const { amount, step } = streamFactors(composition, index, flow, focal);
      const sign = signOfFlow(composition, index);
      const terms = [
        termOf(composition, index, sign, sizeOr(composition.sizes[index]), amount),
        ...addedTerm(composition, index, amount),
      ];
      const growth = composition.growths[index];
      if (step !== null && growth !== null && growth !== undefined) {
        terms.push(termOf(composition, index, sign, of(growth), step));
      }
      return { terms };
    }
    case "list":
    case "dated":
      return listTerms(composition, flow, index, focal);
  }
}

/** What is added to a multiple of the unknown amount: "loan / 2 + 500". */
function addedTerm(composition: Composition, index: number, factor: Expression): Term[] {
  const flow = composition.resolved[index];
  if (composition.sizes[index]?.isOpen !== true || flow === undefined || !("amount" in flow)) {
    return [];
  }
  const { known } = flow.amount;
  if (known === 0) return [];
  const size = bareFigure(composition.sheet, Math.abs(known), flowField(index, "amount"));
  return [termOf(composition, index, known < 0 ? -1 : 1, size, factor)];
}

/** The years by which an amount moves for each 1 of the unknown. */
function moveOf({ resolved }: Composition, index: number): number {
  const flow = resolved[index];
  return flow?.kind === "single" ? flow.at.perUnknown : 0;
}

function sizeOr(size: Quantity | null | undefined): Expression {
  if (size === null || size === undefined) throw new TypeError("A line has an amount");
  return of(size);
}

function signOfFlow({ problem }: Composition, index: number): 1 | -1 {
  const flow = problem.flows[index];
  return flow !== undefined && "direction" in flow ? signOf(flow.direction) : 1;
}

/** The step that moves one flow to the focal date; none for an amount already there. */
function stepFor(
  composition: Composition,
  flow: SettledFlow,
  { terms, table }: FlowTerms,
  lines: readonly Line[],
  focal: Moment,
): Step | null {
  const { format } = composition.sheet;
  const told = shortened(
    composition,
    lines.filter(({ parts }) => parts.length > 1),
  );
  if (told.length === 0 && table === undefined) return null;
  const isMoved = terms.some(({ factor }) => !(factor.op === "number" && factor.value === 1));
  if (!isMoved) return null;
  const worths = terms.flatMap(({ worth }) => (worth === null ? [] : [worth.value]));
  const name = flowName(composition.problem, flow, format);
  const isKnown = worths.length === terms.length;
  return {
    kind: "term",
    level: "every-step",
    say: isKnown
      ? STEP_WORDS.value.ofFlow(name, dateWords(focal.years, format))
      : STEP_WORDS.value.factor(name, dateWords(focal.years, format)),
    lines: told,
    ...(table === undefined ? {} : { table }),
    ...(isKnown && worths.length === 1 ? { value: worths[0] ?? 0 } : {}),
  };
}

/** The lines shown of a stream in many parts, at its beginning and at its end. */
const LINES_BEFORE = 8;
const LINES_AFTER = 2;

function shortened({ sheet }: Composition, lines: readonly Line[]): readonly Line[] {
  const left = lines.length - LINES_BEFORE - LINES_AFTER;
  if (left < 3) return lines;
  return [
    ...lines.slice(0, LINES_BEFORE),
    { parts: [], note: STEP_WORDS.value.moreLines(writeFigure(left, sheet.format)) },
    ...lines.slice(-LINES_AFTER),
  ];
}
