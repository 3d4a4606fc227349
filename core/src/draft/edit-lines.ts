import { isUnknownMark } from "../input/unknown-mark";
import { LIMITS } from "../problem/limits";
import type { Draft, SingleLine, TypedRateLine } from "./draft";

/** Adds an amount line; it goes to the end, where the eye is. Changes the draft in place. */
export function addAmount(draft: Draft, at = ""): SingleLine | null {
  if (draft.flows.length >= LIMITS.flows) return null;
  const line: SingleLine = {
    kind: "single",
    id: freeId(
      "amount",
      draft.flows.map(({ id }) => id),
    ),
    label: "",
    direction: "out",
    amount: "",
    at,
  };
  draft.flows.push(line);
  return line;
}

/** Adds a rate that takes over from the last one. Changes the draft in place. */
export function addRateChange(draft: Draft): TypedRateLine | null {
  if (draft.rates.length >= LIMITS.rates) return null;
  const last = draft.rates.findLast((line) => line.kind === "rate");
  const line: TypedRateLine = {
    kind: "rate",
    id: freeId(
      "rate",
      draft.rates.map(({ id }) => id),
    ),
    percent: "",
    quoted: last?.quoted ?? "nominal",
    compounding: last?.compounding ?? "P1Y",
    from: "",
  };
  draft.rates.push(line);
  return line;
}

/**
 * Asks what everything is worth at a date. Amounts, rates and dates that were the unknown are emptied:
 * a worth needs all of them known. Changes the draft in place.
 */
export function askForWorth(draft: Draft): void {
  for (const line of draft.flows) {
    if (line.kind !== "single") continue;
    if (isUnknownMark(line.amount)) line.amount = "";
    if (isUnknownMark(line.at)) line.at = "";
  }
  for (const line of draft.rates) {
    if (line.kind === "rate" && isUnknownMark(line.percent)) line.percent = "";
  }
  draft.ask = { kind: "worth", at: "today" };
}

/** Removes a flow line. What referred to it is for the check to report. Changes the draft in place. */
export function removeFlow(draft: Draft, id: string): void {
  draft.flows = draft.flows.filter((line) => line.id !== id);
}

/** Removes a rate line; the first that is left holds from today. Changes the draft in place. */
export function removeRate(draft: Draft, id: string): void {
  if (draft.rates.length > 1) draft.rates = draft.rates.filter((line) => line.id !== id);
}

/** Turns the money of a line round. Changes the draft in place. */
export function turnRound(draft: Draft, id: string): void {
  const line = draft.flows.find((candidate) => candidate.id === id);
  if (line?.kind === "single") line.direction = line.direction === "in" ? "out" : "in";
}

function freeId(stem: string, taken: readonly string[]): string {
  for (let number = taken.length + 1; ; number += 1) {
    const id = `${stem}-${number}`;
    if (!taken.includes(id)) return id;
  }
}
