import type { FieldRef } from "../../engine/fields/field-ref";
import { numberAt } from "../../engine/fields/problem-figures";
import { solve } from "../../engine/solve/solve";
import type { Answer } from "../../engine/solve/solution";
import { MOST_TYPED_BEFORE, type Draft } from "./draft";
import type { DraftUnknown } from "./fields/draft-fields";
import type { TakeUp } from "../input/take-up";
import { readDraft } from "./read-draft";
import { PART_BETWEEN } from "../../engine/numbers/compare";

/** Keeps what is typed in a field that becomes the unknown. Changes the draft in place. */
export function rememberTyped(draft: Draft, field: DraftUnknown): void {
  const { text } = field;
  const place = rememberedPlace(draft, field);
  if (place === null || text.trim() === "") return;
  const others = draft.typedBefore.filter((typed) => !isAt(typed, place));
  draft.typedBefore = [...others, { ...place, text }].slice(-MOST_TYPED_BEFORE);
}

/** What was typed in a field before it became the unknown. */
export function typedAt(draft: Draft, field: DraftUnknown): string | null {
  const place = rememberedPlace(draft, field);
  if (place === null) return null;
  return draft.typedBefore.find((typed) => isAt(typed, place))?.text ?? null;
}

interface Moved {
  /** The answers to the field. */
  readonly found: readonly Answer[];
  /** What stood in the field that is the unknown now; `null` where that was no number. */
  readonly sought: number | null;
  /** Puts in what the fields take up of earlier parts of the question. */
  readonly takeUp: TakeUp;
}

/** Puts what was typed back if it says the same as what was found. Changes the draft in place. */
export function restoreTyped(draft: Draft, field: DraftUnknown, typed: string, moved: Moved): void {
  field.write(typed);
  if (!saysTheSame(draft, field.ref, moved)) field.write(field.text);
}

/** What part of an answer may be between it and what was typed, where the problem is badly posed. */
const ALIKE = 1e-6;

function saysTheSame(draft: Draft, field: FieldRef, { found, sought, takeUp }: Moved): boolean {
  const { problem } = readDraft(draft, takeUp);
  if (problem === null) return false;
  const typed = numberAt(problem, field);
  const isFound = (tolerance: number) =>
    found.some(({ value }) => isNear(Math.abs(typed ?? NaN), Math.abs(value), tolerance));
  if (isFound(PART_BETWEEN.anyWay)) return true;
  if (typed !== null && !isFound(ALIKE)) return false;
  // What refers to another line has no number of its own, and some answers hardly depend on the field: then the
  // field that is sought now must come out as it was.
  const solved = sought === null ? null : solve(problem);
  return (
    solved?.ok === true &&
    solved.value.answers.some(({ value }) =>
      isNear(Math.abs(value), Math.abs(sought ?? NaN), PART_BETWEEN.anyWay),
    )
  );
}

/** Relative, but absolute below one: nobody types a time, an amount or a rate to a billionth. */
function isNear(one: number, other: number, tolerance: number): boolean {
  return Math.abs(one - other) <= tolerance * Math.max(Math.abs(one), Math.abs(other), 1);
}

interface Place {
  readonly line: string;
  readonly field: string;
}

/** A field by its line, for lines move about. */
function rememberedPlace(draft: Draft, { ref, path }: DraftUnknown): Place | null {
  if (ref.on === "ask") return null;
  const lines = ref.on === "flow" ? draft.flows : draft.rates;
  const line = lines[ref.line];
  return line === undefined ? null : { line: line.id, field: path.join(".") };
}

function isAt(typed: Place, { line, field }: Place): boolean {
  return typed.line === line && typed.field === field;
}
