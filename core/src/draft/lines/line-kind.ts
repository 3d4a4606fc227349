import type { Issue } from "../../issues/issue";
import type { Names } from "../../input/names";
import type { Flow, FlowOf } from "../../problem/schema";
import type { LineOf } from "../draft";
import type { Field } from "../field";

/**
 * How one kind of flow is written on a line and read from it. A new kind is one file here and one line
 * in `line-kinds.ts`.
 */
export interface LineKind<Kind extends Flow["kind"], Reading> {
  /** Every field by itself; `names` are those of all lines, by which one may be said by another. */
  readonly read: (line: LineOf<Kind>, names: Names) => Reading;
  /** What is wrong with its fields, with paths within the flow. */
  readonly issues: (reading: Reading) => Issue[];
  /** The flow, once no field has an issue. */
  readonly flow: (line: LineOf<Kind>, reading: Reading) => FlowOf<Kind>;
  /** A flow as somebody would have typed it. */
  readonly write: (flow: FlowOf<Kind>, names: Names) => LineOf<Kind>;
  /** The fields that may hold the unknown, in reading order, with paths within the flow. */
  readonly fields: (line: LineOf<Kind>) => Field[];
}

/** Name and note of a line as the flow has them. */
export function namedPart({ id, label }: { readonly id: string; readonly label: string }) {
  return { id, ...(label === "" ? {} : { label }) };
}
