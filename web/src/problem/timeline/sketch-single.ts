import type { FlowReading, SingleLine } from "@kestrelmoor/core/typing";
import { known, sideOf, type Post, type SketchFacts } from "./sketch-types";

type Reading = Extract<FlowReading, { kind: "single" }>;

/** An amount as a post: as it is typed, or as it was found. */
export function postOfSingle(
  line: SingleLine,
  { amount, at }: Reading,
  { flow, today }: SketchFacts<"single">,
): Post {
  const [size, years] = [known(flow.amount), known(flow.at)];
  return {
    id: line.id,
    line: line.id,
    field: "amount",
    // An amount that balances the other way round is drawn where it balances.
    direction: size === null || size === 0 ? line.direction : sideOf(size),
    amount: size === null ? null : Math.abs(size),
    years,
    label: line.label,
    unknown: amount.state === "unknown" ? "amount" : at.state === "unknown" ? "time" : null,
    today: size === null || years === null ? null : today(size, years),
  };
}
