import {
  ASK_FIELD,
  flowField,
  isSameField,
  rateField,
  type FieldRef,
} from "../../../engine/fields/field-ref";
import type { SaidTime } from "../../input/read-position";
import { valueOf, type FieldReading } from "../field";
import { readingsOfLine, type FlowReading } from "../lines/line-kinds";
import type { DraftReading } from "../read-draft";
import type { RateReading } from "../read-rate-line";
import type { TextReading } from "./line-field";

/** What one text of a draft's lines came to. */
export interface DraftTextReading extends Omit<TextReading, "field"> {
  readonly ref: FieldRef;
}

/** What every text of a draft's lines came to: flows, rates, the question for a value. */
export function readingsOf({ flows, rates, ask }: DraftReading): DraftTextReading[] {
  return [
    ...flows.flatMap(readingsOfFlow),
    ...rates.flatMap(readingsOfRate),
    ...readingsOfAsk(ask),
  ];
}

export function readingsOfFlow(flow: FlowReading, index: number): DraftTextReading[] {
  return readingsOfLine(flow).map(({ field, ...came }) => ({
    ...came,
    ref: flowField(index, field),
  }));
}

export function readingsOfRate(rate: RateReading, index: number): DraftTextReading[] {
  if (rate.kind === "kept") return [];
  const { percent, from } = rate;
  const said = valueOf(percent);
  const figure: DraftTextReading = {
    ref: rateField(index, "percent"),
    reading: percent,
    unit: "percent",
    numbers: said !== null && "percent" in said ? [said.percent] : [],
  };
  return from === null ? [figure] : [figure, timeReading(rateField(index, "from"), from)];
}

export function readingsOfAsk(ask: DraftReading["ask"]): DraftTextReading[] {
  return ask === null ? [] : [timeReading(ASK_FIELD, ask)];
}

function timeReading(ref: FieldRef, reading: FieldReading<SaidTime>): DraftTextReading {
  const said = valueOf(reading);
  const numbers = said !== null && "years" in said ? [said.years] : [];
  return { ref, reading, unit: "years", numbers };
}

/** What the text of one field came to; `undefined` where no text is read for it. */
export function readingAt(
  { flows, rates, ask }: DraftReading,
  field: FieldRef,
): DraftTextReading | undefined {
  const beside = (): DraftTextReading[] => {
    if (field.on === "ask") return readingsOfAsk(ask);
    if (field.on === "flow") {
      const flow = flows[field.line];
      return flow === undefined ? [] : readingsOfFlow(flow, field.line);
    }
    const rate = rates[field.line];
    return rate === undefined ? [] : readingsOfRate(rate, field.line);
  };
  return beside().find(({ ref }) => isSameField(ref, field));
}
