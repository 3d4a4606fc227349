import type { FlowReading, SingleLine } from "@kestrelmoor/core/typing";
import { yearsTyped, type Post, type SketchFacts } from "./sketch-types";

type Reading = Extract<FlowReading, { kind: "single" }>;

/** An amount as a post: as typed, or as it was found. */
export function postOfSingle(line: SingleLine, reading: Reading, facts: SketchFacts): Post {
  const settled = facts.paid?.kind === "single" ? facts.paid : null;
  const { amount, at } = reading;
  const typed = amount.state === "value" && typeof amount.value === "number" ? amount.value : null;
  return {
    id: line.id,
    line: line.id,
    field: "amount",
    // An amount that balances the other way round is drawn where it balances.
    direction: settled === null || settled.amount === 0 ? line.direction : sideOf(settled.amount),
    amount: typed ?? (settled === null ? null : Math.abs(settled.amount)),
    years: yearsTyped(at) ?? settled?.at ?? null,
    label: line.label,
    unknown: amount.state === "unknown" ? "amount" : at.state === "unknown" ? "time" : null,
    today: settled === null ? null : facts.today(settled.amount, settled.at),
  };
}

export function sideOf(amount: number): "in" | "out" {
  return amount < 0 ? "out" : "in";
}
