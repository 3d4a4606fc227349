import type { Issue } from "../../../engine/issues/issue";
import type { Names } from "../../input/names";
import type { Flow } from "../../../engine/problem/schema";
import { flowLineSchema, type FlowLine } from "../draft";
import { readFrequencyField, valueOf } from "../field";
import { FLOW_FIELDS } from "../fields/flow-fields";
import type { LineField, LineText, TextReading } from "../fields/line-field";
import type { LineReading } from "../fields/line-schema";

export type FlowReading = TypedReading | { readonly kind: "kept" };

type TypedReading = { [Kind in Flow["kind"]]: LineReading<Kind> }[Flow["kind"]];
type TypedLine = Exclude<FlowLine, { kind: "kept" }>;

type FieldOfAnyLine = LineField<string, unknown, unknown, object>;

// The type checker cannot see that a line and the fields that its own `kind` names belong together.
function fieldsOf(kind: Flow["kind"]): readonly FieldOfAnyLine[] {
  return FLOW_FIELDS[kind] as unknown as readonly FieldOfAnyLine[];
}

function partOf(whole: object, { key }: FieldOfAnyLine): unknown {
  return (whole as Readonly<Record<string, unknown>>)[key];
}

/** What a line is called and what it holds, also where it is only kept. */
export function namedFlow(line: FlowLine): {
  id: string;
  label?: string | undefined;
  kind: string;
} {
  return line.kind === "kept" ? line.flow : line;
}

/** Reads every field by itself. @param names those of all lines, by which one may be said by another */
export function readFlowLine(line: FlowLine, names: Names): FlowReading {
  if (line.kind === "kept") return { kind: "kept" };
  const every = "every" in line ? valueOf(readFrequencyField(line.every)) : null;
  const parts = fieldsOf(line.kind).map((field) => [
    field.key,
    field.read(partOf(line, field), { names, every }),
  ]);
  return { kind: line.kind, ...Object.fromEntries(parts) } as TypedReading;
}

/** What is wrong with the fields of a line, with paths within the flow. */
export function issuesOfFlow(reading: FlowReading): Issue[] {
  return reading.kind === "kept"
    ? []
    : fieldsOf(reading.kind).flatMap((field) => field.issues(partOf(reading, field)));
}

/** The flow of a line of which no field has an issue. */
export function flowOfLine(line: FlowLine, reading: FlowReading | undefined): Flow {
  if (line.kind === "kept") return line.flow;
  if (reading?.kind !== line.kind) throw new TypeError("A line and its reading belong together");
  const { kind, id, label } = line;
  const parts = fieldsOf(kind).map((field) =>
    field.file(partOf(reading, field), partOf(line, field)),
  );
  const named = { id, ...(label === "" ? {} : { label }), kind };
  return Object.assign(named, ...parts) as Flow;
}

/** A flow on a line; one that would not be read back to the same meaning stays as the file has it. */
export function lineOfFlow(flow: Flow, names: Names): FlowLine {
  const line = writeFlow(flow, names);
  const reading = readFlowLine(line, names);
  const isSame =
    issuesOfFlow(reading).length === 0 &&
    // A figure of hundreds of digits has no room in a field.
    flowLineSchema.safeParse(line).success &&
    isAlike(flowOfLine(line, reading), flow);
  return isSame ? line : { kind: "kept", id: flow.id, flow };
}

/** A flow as somebody would have typed it. */
function writeFlow(flow: Flow, names: Names): TypedLine {
  const { kind, id, label = "" } = flow;
  const parts = fieldsOf(kind).map((field) => [field.key, field.write(flow, names)]);
  return { kind, id, label, ...Object.fromEntries(parts) } as TypedLine;
}

/** An empty label says as little as none. */
function isAlike(one: Flow, other: Flow): boolean {
  const plain = other.label === "" ? { ...other, label: undefined } : other;
  return JSON.stringify(sorted(one)) === JSON.stringify(sorted(plain));
}

/** The order of keys says nothing, and no time at all is today in any unit. */
function sorted(value: unknown): unknown {
  if (typeof value === "string" && /^P0[YMW]$/.test(value)) return "P0D";
  if (typeof value !== "object" || value === null) return value;
  if (Array.isArray(value)) return value.map(sorted);
  return Object.fromEntries(
    Object.entries(value)
      .sort(([one], [other]) => (one < other ? -1 : 1))
      .map(([key, part]) => [key, sorted(part)]),
  );
}

/** Every text of a line, in the order of its sentence; writing one writes into the line. */
export function textsOfLine(line: FlowLine): LineText[] {
  if (line.kind === "kept") return [];
  return fieldsOf(line.kind).flatMap((field) =>
    field.texts(partOf(line, field), (text) => {
      Object.assign(line, { [field.key]: text });
    }),
  );
}

/** What the texts of a line came to, in the order of its sentence. */
export function readingsOfLine(reading: FlowReading): TextReading[] {
  if (reading.kind === "kept") return [];
  return fieldsOf(reading.kind).flatMap((field) => field.readings(partOf(reading, field)));
}
