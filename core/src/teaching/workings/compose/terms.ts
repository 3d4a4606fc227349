import { flowField } from "../../../engine/fields/field-ref";
import { signOf } from "../../../engine/timeline/amounts";
import { of, type Expression } from "../mathematics/expression";
import type { Line, Step } from "../step";
import { bareFigure, type ComposedFlow, type Composition } from "./composition";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { dateWords, flowName } from "./flow-names";
import type { Moment } from "./moves";
import type { Recorded } from "./sheet";
import { streamFactors } from "./stream-terms";

import { listTerms } from "./list-terms";
import { termOf, type FlowTerms, type Term } from "./term";
import { writeFigure } from "../../../wording/answer-format";

/** The terms of some flows at a date, and the steps that move them there. */
export interface Terms {
  readonly list: readonly Term[];
  readonly steps: readonly Step[];
}

export function termsAt(
  composition: Composition,
  focal: Moment,
  wanted: (flow: ComposedFlow) => boolean = () => true,
): Terms {
  const list: Term[] = [];
  const steps: Step[] = [];
  composition.flows.forEach((flow) => {
    if (!wanted(flow)) return;
    const made = composition.sheet.record(() => termsOfFlow(composition, flow, focal));
    list.push(...made.value.terms);
    steps.push(...made.conversions);
    const own = stepFor(composition, flow, made, focal);
    if (own !== null) steps.push(own);
  });
  return { list, steps };
}

function termsOfFlow(composition: Composition, flow: ComposedFlow, focal: Moment): FlowTerms {
  switch (flow.kind) {
    case "single": {
      const { index, resolved, settled } = flow;
      const at = composition.momentAt(settled.at, resolved.at.perUnknown);
      const factor = composition.moves.between(at, focal, flowField(index, "at"));
      return { terms: amountTerms(composition, flow, factor) };
    }
    case "stream": {
      const { amount, step } = streamFactors(composition, flow, focal);
      const terms = amountTerms(composition, flow, amount);
      if (step !== null && flow.growth !== null) {
        terms.push(termOf(composition, flow, signOf(flow.file.direction), of(flow.growth), step));
      }
      return { terms };
    }
    case "list":
    case "dated":
      return listTerms(composition, flow, focal);
  }
}

/** An amount, and what is added where it is a multiple of the unknown: "loan / 2 + 500". */
function amountTerms(
  composition: Composition,
  flow: ComposedFlow<"single" | "stream">,
  factor: Expression,
): Term[] {
  const { index, file, size, resolved } = flow;
  if (size === null) throw new TypeError("A line has an amount");
  const own = termOf(composition, flow, signOf(file.direction), of(size), factor);
  const { known } = resolved.amount;
  if (!size.isOpen || known === 0) return [own];
  const more = bareFigure(composition.sheet, Math.abs(known), flowField(index, "amount"));
  return [own, termOf(composition, flow, known < 0 ? -1 : 1, more, factor)];
}

/** The step that moves one flow to the focal date; none for an amount already there. */
function stepFor(
  composition: Composition,
  flow: ComposedFlow,
  { value: { terms, table, shows = () => true }, lines }: Recorded<FlowTerms>,
  focal: Moment,
): Step | null {
  const { format } = composition.sheet;
  const told = shortened(
    composition,
    lines.filter((line) => line.parts.length > 1 && shows(line)),
  );
  if (told.length === 0 && table === undefined) return null;
  const isMoved = terms.some(({ factor }) => !(factor.op === "number" && factor.value === 1));
  if (!isMoved) return null;
  const worths = terms.flatMap(({ worth }) => (worth === null ? [] : [worth.value]));
  const name = flowName(flow, format);
  const isKnown = worths.length === terms.length;
  return {
    kind: "term",
    level: "every-step",
    say: isKnown
      ? STEP_WORDS.value.ofFlow(name, dateWords(focal.years, composition.sheet))
      : STEP_WORDS.value.factor(name, dateWords(focal.years, composition.sheet)),
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
