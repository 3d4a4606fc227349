import type { Draft, FlowLine, RateLine } from "@kestrelmoor/core/typing";
import { LineFrame } from "./LineFrame";

const KINDS = {
  single: "A single amount",
  stream: "Repeated payments",
  list: "Uneven cash flows",
  dated: "Cash flows on calendar dates",
} as const;

type Kept = Extract<FlowLine | RateLine, { kind: "kept" }>;

/** A part of a file that no field has room for: it is kept as it is, and said so. */
export function KeptLine({ line }: { readonly line: Kept }) {
  const name = "flow" in line ? KINDS[line.flow.kind] : "A rate";
  return (
    <LineFrame mark="kept" name={name} hint="kept as in the file">
      {name}
      {"flow" in line && line.flow.label !== undefined && `: ${line.flow.label}`}
    </LineFrame>
  );
}

export function isKept(line: Draft["flows"][number] | Draft["rates"][number]): line is Kept {
  return line.kind === "kept";
}
