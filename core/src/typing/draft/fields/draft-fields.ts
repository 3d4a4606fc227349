import {
  ASK_FIELD,
  flowField,
  isSameField,
  rateField,
  type FieldName,
  type FieldRef,
} from "../../../engine/fields/field-ref";
import { isUnknownMark } from "../../input/unknown-mark";
import type { Path } from "../../../engine/issues/issue";
import type { Draft, FlowLine, RateLine } from "../draft";
import { textsOfLine } from "../lines/line-kinds";
import { quotationKeyOfLine, setQuotation } from "../quotation-key";
import { ASK_WORDS, rateWords } from "./rate-words";

/** One text of a draft's lines: a field as it is typed, or the key of what is chosen in it. */
export interface DraftField {
  /** What its line is known by, wherever that moves; the question for a value has a name of its own. */
  readonly line: string;
  readonly name: FieldName;
  readonly ref: FieldRef;
  readonly words: DraftFieldWords;
  readonly text: string;
  /** Writes into the draft that it was taken from. */
  readonly write: (text: string) => void;
  /** What may be unknown in it; `null` where nothing can be. */
  readonly unknown: DraftUnknown | null;
}

export interface DraftFieldWords {
  /** After the name of its line: "Repayments, number of payments". */
  readonly name: string;
  /** For those who do not see the sentence that it stands in. */
  readonly label: string;
  /** What stands in it while nothing is typed. */
  readonly hint: string;
  /** Of a choice between a few words: all of them. */
  readonly options?: readonly string[];
}

/** A text that may be the mark of the unknown: a field's own, or that of one amount in a list. */
export interface DraftUnknown {
  readonly ref: FieldRef;
  /** Where it stands in its line of the problem file. */
  readonly path: Path;
  readonly text: string;
  readonly write: (text: string) => void;
}

/** The line by which the question for a value is known. */
const ASK = "ask";

/** Every text of a draft's lines in reading order: flows, rates, the question for a value. */
export function fieldsOf(draft: Draft): DraftField[] {
  return [
    ...draft.flows.flatMap(fieldsOfFlow),
    ...draft.rates.flatMap(fieldsOfRate),
    ...fieldsOfAsk(draft),
  ];
}

export function fieldsOfFlow(line: FlowLine, index: number): DraftField[] {
  return textsOfLine(line).map(({ field, words, text, write, unknown }) => ({
    line: line.id,
    name: field,
    ref: flowField(index, field),
    words: { ...words, label: words.label("direction" in line ? line : {}) },
    text,
    write,
    unknown: unknown && { ...unknown, ref: flowField(index, field, unknown.entry) },
  }));
}

export function fieldsOfRate(line: RateLine, index: number): DraftField[] {
  if (line.kind === "kept") return [];
  const words = rateWords(index);
  const field = (name: "percent" | "quotation" | "from") => ({
    line: line.id,
    name,
    ref: rateField(index, name),
    words: words[name],
  });
  const { percent } = line;
  const setPercent = (text: string) => void (line.percent = text);
  const rate: DraftField = {
    ...field("percent"),
    text: percent,
    write: setPercent,
    unknown: {
      ref: rateField(index, "percent"),
      path: ["percent"],
      text: percent,
      write: setPercent,
    },
  };
  const quotation: DraftField = {
    ...field("quotation"),
    text: quotationKeyOfLine(line),
    write: (key) => setQuotation(line, key),
    unknown: null,
  };
  if (index === 0) return [rate, quotation];
  const write = (text: string) => void (line.from = text);
  return [rate, quotation, { ...field("from"), text: line.from, write, unknown: null }];
}

export function fieldsOfAsk({ ask }: Pick<Draft, "ask">): DraftField[] {
  if (ask?.kind !== "worth") return [];
  return [
    {
      line: ASK,
      name: ASK_FIELD.field,
      ref: ASK_FIELD,
      words: ASK_WORDS,
      text: ask.at,
      write: (text) => void (ask.at = text),
      unknown: null,
    },
  ];
}

/** The field that a reference means; `undefined` where the draft has none such. */
export function fieldAt(draft: Draft, ref: FieldRef): DraftField | undefined {
  return fieldsBeside(draft, ref).find((field) => isSameField(field.ref, ref));
}

/** The fields of the line that a reference means. */
function fieldsBeside(draft: Draft, ref: FieldRef): DraftField[] {
  if (ref.on === "ask") return fieldsOfAsk(draft);
  if (ref.on === "flow") {
    const line = draft.flows[ref.line];
    return line === undefined ? [] : fieldsOfFlow(line, ref.line);
  }
  const line = draft.rates[ref.line];
  return line === undefined ? [] : fieldsOfRate(line, ref.line);
}

/** The fields that hold the mark of the unknown. */
export function unknownFields(draft: Draft): DraftUnknown[] {
  return unknownsOf(draft).filter(({ text }) => isUnknownMark(text));
}

/** Every text that may be the mark of the unknown. */
export function unknownsOf(draft: Draft): DraftUnknown[] {
  return fieldsOf(draft).flatMap(({ unknown }) => unknown ?? []);
}

/** The fields of a draft by where they stand. */
export function fieldsByPlace(draft: Draft): ReadonlyMap<string, DraftField> {
  return new Map(fieldsOf(draft).map((own) => [placeOf(own.line, own.name), own]));
}

export function placeOf(line: string, name: string): string {
  return `${line} ${name}`;
}
