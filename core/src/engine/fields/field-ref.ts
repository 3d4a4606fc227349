/**
 * What the fields of lines are called: in a problem, in the draft of one and on the page. A new field joins one of
 * these; the catalogues of figures and of typed fields then ask what it is.
 */
export type FlowFieldName =
  | "direction"
  | "amount"
  | "at"
  | "every"
  | "count"
  | "timing"
  | "begins"
  | "growth"
  | "growth-every"
  | "amounts"
  | "entries";

export type RateFieldName = "percent" | "quotation" | "from";

export type FieldName = FlowFieldName | RateFieldName | "worth-at";

/** A field of one of the flows, counted from 0; of a field with many entries one of them. */
export interface FlowFieldRef {
  readonly on: "flow";
  readonly line: number;
  readonly field: FlowFieldName;
  readonly entry?: number;
}

/** A field of one of the rates, counted from 0. */
export interface RateFieldRef {
  readonly on: "rate";
  readonly line: number;
  readonly field: RateFieldName;
}

/** The date at which a value is asked for. */
export interface AskFieldRef {
  readonly on: "ask";
  readonly field: "worth-at";
}

/**
 * Which field of which line. Problem, draft and timeline have their lines in the same order, so that one reference
 * is good in all of them.
 */
export type FieldRef = FlowFieldRef | RateFieldRef | AskFieldRef;

export function flowField(line: number, field: FlowFieldName, entry?: number): FlowFieldRef {
  return { on: "flow", line, field, ...(entry === undefined ? {} : { entry }) };
}

export function rateField(line: number, field: RateFieldName): RateFieldRef {
  return { on: "rate", line, field };
}

export const ASK_FIELD: AskFieldRef = { on: "ask", field: "worth-at" };

/** Whether two references mean the same field, and of many entries the same one. */
export function isSameField(one: FieldRef, other: FieldRef): boolean {
  return fieldKey(one) === fieldKey(other);
}

/** A reference as one text, for keys and choices. */
export function fieldKey(ref: FieldRef): string {
  if (ref.on === "ask") return ref.on;
  const entry = ref.on === "flow" && ref.entry !== undefined ? `.${ref.entry}` : "";
  return `${ref.on}.${ref.line}.${ref.field}${entry}`;
}
