import type { Issue } from "../../issues/issue";
import type { Names } from "../../input/names";
import type { Flow } from "../../problem/schema";
import { flowLineSchema, type FlowLine } from "../draft";
import type { Field } from "../field";
import { datedLine, type DatedReading } from "./dated-line";
import type { LineKind } from "./line-kind";
import { listLine, type ListReading } from "./list-line";
import { singleLine, type SingleReading } from "./single-line";
import { streamLine, type StreamReading } from "./stream-line";

export type FlowReading =
  SingleReading | StreamReading | ListReading | DatedReading | { readonly kind: "kept" };

type TypedReading = Exclude<FlowReading, { kind: "kept" }>;

const kinds: {
  readonly [Kind in Flow["kind"]]: LineKind<Kind, Extract<TypedReading, { kind: Kind }>>;
} = { single: singleLine, stream: streamLine, list: listLine, dated: datedLine };

// The type checker cannot see that a line and the kind that its own `kind` names belong together.
function kindOf(kind: Flow["kind"]): LineKind<Flow["kind"], TypedReading> {
  return kinds[kind] as unknown as LineKind<Flow["kind"], TypedReading>;
}

/** What a line is called and what it holds, also where it is only kept. */
export function namedFlow(line: FlowLine): {
  id: string;
  label?: string | undefined;
  kind: string;
} {
  return line.kind === "kept" ? line.flow : line;
}

export function readFlowLine(line: FlowLine, names: Names): FlowReading {
  return line.kind === "kept" ? { kind: "kept" } : kindOf(line.kind).read(line, names);
}

export function issuesOfFlow(reading: FlowReading): Issue[] {
  return reading.kind === "kept" ? [] : kindOf(reading.kind).issues(reading);
}

export function flowOfLine(line: FlowLine, reading: FlowReading | undefined): Flow {
  if (line.kind === "kept") return line.flow;
  if (reading?.kind !== line.kind) throw new TypeError("A line and its reading belong together");
  return kindOf(line.kind).flow(line, reading);
}

/** A flow on a line; one that would not be read back to the same meaning stays as the file has it. */
export function lineOfFlow(flow: Flow, names: Names): FlowLine {
  const line = kindOf(flow.kind).write(flow, names);
  const reading = readFlowLine(line, names);
  const isSame =
    issuesOfFlow(reading).length === 0 &&
    // A figure of hundreds of digits has no room in a field.
    flowLineSchema.safeParse(line).success &&
    isAlike(flowOfLine(line, reading), flow);
  return isSame ? line : { kind: "kept", id: flow.id, flow };
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

/** The fields of a line that may hold the unknown, with paths from the flow's own place. */
export function fieldsOfLine(line: FlowLine): Field[] {
  return line.kind === "kept" ? [] : kindOf(line.kind).fields(line);
}
