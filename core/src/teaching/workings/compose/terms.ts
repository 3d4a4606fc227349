import { flowField } from "../../../engine/fields/field-ref";
import { signOf } from "../../../engine/timeline/amounts";
import { of, type Expression, type Quantity } from "../mathematics/expression";
import type { Line, Step } from "../step";
import { stepWithLines } from "../steps";
import { bareFigure, type ComposedFlow, type Composition } from "./composition";
import { STEP_WORDS } from "../../../wording/teaching/step-words";
import { dateWords, flowName } from "./flow-names";
import type { Moment } from "./moment";
import type { Recorded } from "./sheet";
import { streamFactors } from "./stream-terms";

import { listTerms } from "./list-terms";
import { termOf, type FlowTerms, type Term } from "./term";
import { writeFigure } from "../../../wording/answer-format";

/** The terms of some flows at a date, and the steps that move them there. */
export interface Terms {
  readonly list: readonly Term[];
  readonly steps: readonly Step[];
  /** The steps without the line of one value, where that is the answer itself. */
  readonly stepsWithout: (worth: Quantity | null) => readonly Step[];
}

export function termsAt(
  composition: Composition,
  focal: Moment,
  wanted: (flow: ComposedFlow) => boolean = () => true,
): Terms {
  const made = composition.flows.filter(wanted).map((flow) => ({
    flow,
    recorded: composition.sheet.record(() => termsOfFlow(composition, flow, focal)),
  }));
  const stepsWithout = (worth: Quantity | null) =>
    made.flatMap(({ flow, recorded }) => [
      ...recorded.conversions,
      ...stepsFor(composition, flow, recorded, focal, worth),
    ]);
  return {
    list: made.flatMap(({ recorded }) => recorded.value.terms),
    // Not all that ask for terms write them down.
    get steps() {
      return stepsWithout(null);
    },
    stepsWithout,
  };
}

function termsOfFlow(composition: Composition, flow: ComposedFlow, focal: Moment): FlowTerms {
  switch (flow.kind) {
    case "single": {
      const { index, resolved, settled } = flow;
      const at = composition.momentAt(settled.at, resolved.at.perUnknown);
      const factor = composition.moves.between(at, focal, flowField(index, "at"));
      return { terms: amountTerms(composition, flow, factor, focal) };
    }
    case "stream": {
      const { amount, step } = streamFactors(composition, flow, focal);
      const terms = amountTerms(composition, flow, amount, focal);
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
  focal: Moment,
): Term[] {
  const { index, file, size, resolved } = flow;
  if (size === null) throw new TypeError("A line has an amount");
  const own = termOf(composition, flow, signOf(file.direction), of(size), factor, focal);
  const { known } = resolved.amount;
  if (!size.isOpen || known === 0) return [own];
  const more = bareFigure(composition.sheet, Math.abs(known), flowField(index, "amount"));
  return [own, termOf(composition, flow, known < 0 ? -1 : 1, more, factor)];
}

/** The steps that move one flow to the focal date; none for an amount already there. */
function stepsFor(
  composition: Composition,
  flow: ComposedFlow,
  { value: { terms, table, shows = () => true }, lines }: Recorded<FlowTerms>,
  focal: Moment,
  hidden: Quantity | null,
): Step[] {
  const name = flowName(flow, composition.sheet.format);
  const shown = lines.filter(
    (line) => line.parts.length > 1 && shows(line) && (hidden === null || line.defines !== hidden),
  );
  // What has a letter is told before it is used, in the short workings too.
  const letters = stepWithLines(
    "number-of-periods",
    "short",
    STEP_WORDS.value.letters(name),
    shown.filter(hasLetter),
  );
  const told = shortened(
    composition,
    shown.filter((line) => !hasLetter(line)),
  );
  const isMoved = terms.some(({ factor }) => !(factor.op === "number" && factor.value === 1));
  if ((told.length === 0 && table === undefined) || !isMoved) return letters;
  const worths = terms.flatMap(({ worth }) =>
    worth === null || worth === hidden ? [] : [worth.value],
  );
  const isKnown = worths.length === terms.length;
  const when = focal.isOpen
    ? STEP_WORDS.value.onUnknownDate
    : dateWords(focal.years, composition.sheet);
  const own: Step = {
    kind: "term",
    level: "every-step",
    say: isKnown ? STEP_WORDS.value.ofFlow(name, when) : STEP_WORDS.value.factor(name, when),
    lines: told,
    ...(table === undefined ? {} : { table }),
    ...(isKnown && worths.length === 1 ? { value: worths[0] ?? 0 } : {}),
  };
  return [...letters, own];
}

/** Whether a line shows something by its own letter. */
function hasLetter({ parts: [first] }: Line): boolean {
  return first?.expression.op === "quantity" && first.expression.quantity.letter !== null;
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
