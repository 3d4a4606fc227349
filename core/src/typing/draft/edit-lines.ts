import { isUnknownMark } from "../input/unknown-mark";
import { LIMITS } from "../../engine/problem/limits";
import type {
  DatedLine,
  Draft,
  FlowLine,
  ListLine,
  SingleLine,
  StreamLine,
  TypedRateLine,
} from "./draft";
import { freeId } from "./free-id";
import { unknownFields } from "./fields/draft-fields";
import { textsOfLine } from "./lines/line-kinds";

/** Adds an amount line; it goes to the end, where the eye is. Changes the draft in place. */
export function addAmount(draft: Draft, at = ""): SingleLine | null {
  return addLine(draft, {
    kind: "single",
    id: freeFlowId(draft, "amount"),
    label: "",
    direction: "out",
    amount: "",
    at,
  });
}

/** Adds a line of repeated payments. Changes the draft in place. */
export function addStream(draft: Draft): StreamLine | null {
  return addLine(draft, {
    kind: "stream",
    id: freeFlowId(draft, "payments"),
    label: "",
    direction: "out",
    amount: "",
    every: "month",
    count: "",
    timing: "end",
    begins: "today",
    growth: null,
  });
}

/** Adds a line of uneven amounts at even intervals. Changes the draft in place. */
export function addList(draft: Draft): ListLine | null {
  return addLine(draft, {
    kind: "list",
    id: freeFlowId(draft, "amounts"),
    label: "",
    every: "year",
    begins: "today",
    amounts: "",
  });
}

/** Adds a line of amounts on calendar dates. Changes the draft in place. */
export function addDated(draft: Draft): DatedLine | null {
  const id = freeFlowId(draft, "dates");
  return addLine(draft, { kind: "dated", id, label: "", entries: "" });
}

function addLine<Line extends FlowLine>(draft: Draft, line: Line): Line | null {
  if (draft.flows.length >= LIMITS.flows) return null;
  draft.flows.push(line);
  return line;
}

function freeFlowId(draft: Draft, stem: string): string {
  return freeId(
    stem,
    draft.flows.map(({ id }) => id),
  );
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
    compoundedBy: last?.compoundedBy ?? "payments",
    from: "",
  };
  draft.rates.push(line);
  return line;
}

/**
 * Asks what everything is worth at a date. Whatever was the unknown is emptied: a worth needs all of it
 * known. Changes the draft in place.
 */
export function askForWorth(draft: Draft): void {
  for (const field of unknownFields(draft)) field.write("");
  draft.ask = { kind: "worth", at: "today" };
}

/** Gives today a date, from which others are counted. Changes the draft in place. */
export function dateToday(draft: Draft, date: string): void {
  draft.today = date;
}

/** Says at which date the equation of value is set up. Changes the draft in place. */
export function setFocalDate(draft: Draft, date: string | null): void {
  draft.focal = date;
}

/** Lets the payments of a line grow, or be level again. Changes the draft in place. */
export function setGrowth(draft: Draft, id: string, grows: boolean): void {
  const line = draft.flows.find((candidate) => candidate.id === id);
  if (line?.kind !== "stream") return;
  line.growth = grows ? { by: "percent", figure: "", every: "year" } : null;
}

/** Moves a line up or down among its like. Changes the draft in place. */
export function moveFlow(draft: Draft, id: string, by: 1 | -1): void {
  const index = draft.flows.findIndex((line) => line.id === id);
  const other = draft.flows[index + by];
  const line = draft.flows[index];
  if (line === undefined || other === undefined) return;
  draft.flows[index] = other;
  draft.flows[index + by] = line;
}

/** Copies a line to the place after it; the copy of an unknown is left empty. Changes the draft in place. */
export function copyFlow(draft: Draft, id: string): FlowLine | null {
  const index = draft.flows.findIndex((line) => line.id === id);
  const line = draft.flows[index];
  if (line === undefined || line.kind === "kept" || draft.flows.length >= LIMITS.flows) return null;
  const copy = { ...(JSON.parse(JSON.stringify(line)) as typeof line) };
  copy.id = freeFlowId(draft, line.id.replace(/-\d+$/, ""));
  for (const { unknown } of textsOfLine(copy)) {
    if (unknown !== null && isUnknownMark(unknown.text)) unknown.write("");
  }
  draft.flows.splice(index + 1, 0, copy);
  return copy;
}

/** Removes a flow line. What referred to it is for the check to report. Changes the draft in place. */
export function removeFlow(draft: Draft, id: string): void {
  draft.flows = draft.flows.filter((line) => line.id !== id);
  forgetIn(draft, id);
}

/** Removes a rate line; the first that is left holds from today. Changes the draft in place. */
export function removeRate(draft: Draft, id: string): void {
  if (draft.rates.length <= 1) return;
  draft.rates = draft.rates.filter((line) => line.id !== id);
  forgetIn(draft, id);
}

/** What variants say of a line goes with it, and what is changed about its payments. */
function forgetIn(draft: Draft, line: string): void {
  for (const variant of draft.variants) {
    variant.changes = variant.changes.filter((change) => change.line !== line);
  }
  draft.schedule.changes = draft.schedule.changes.filter(({ flow }) => flow !== line);
  draft.typedBefore = draft.typedBefore.filter((typed) => typed.line !== line);
  draft.confirmed = draft.confirmed.filter((confirmed) => confirmed !== line);
}

/** Keeps the direction of an amount that was asked about. Changes the draft in place. */
export function confirmDirection(draft: Draft, id: string): void {
  draft.confirmed = [...draft.confirmed.filter((confirmed) => confirmed !== id), id];
}
