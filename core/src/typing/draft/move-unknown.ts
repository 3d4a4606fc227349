import { withDigits } from "../../engine/numbers/with-digits";
import { isSameField, type FieldRef } from "../../engine/fields/field-ref";
import { numberAt, numberOnTimeline } from "../../engine/fields/problem-figures";
import { TAKES_UP_NOTHING, type TakeUp } from "../input/take-up";
import { isUnknownMark } from "../input/unknown-mark";
import type { Problem } from "../../engine/problem/schema";
import { solve } from "../../engine/solve/solve";
import type { Answer } from "../../engine/solve/solution";
import { formatExact } from "../../wording/format-number";
import type { Draft } from "./draft";
import { unknownFields, unknownsOf } from "./fields/draft-fields";
import { readDraft } from "./read-draft";
import { turnToAnswer } from "./turn-line";
import { rememberTyped, restoreTyped, typedAt } from "./typed-before";

/**
 * Makes a field the unknown. Whatever was unknown before keeps the value that was found for it: as it was typed
 * there earlier if that says the same, else to the last digit, so that solving back gives the old figure again.
 * Without a value it has what was typed, or nothing. A question for a worth is dropped: one equation has one unknown.
 *
 * Changes the draft in place, for a store that records what changes.
 *
 * @param target the field; `null` where the mark of the unknown is about to be typed into a list
 * @param found the answers to the former unknown; none where it had none
 * @param takeUp puts in what the fields take up of earlier parts of the question
 */
export function moveUnknown(
  draft: Draft,
  target: FieldRef | null,
  found: readonly Answer[],
  takeUp: TakeUp = TAKES_UP_NOTHING,
): void {
  const former = unknownFields(draft).filter(
    ({ ref }) => target === null || !isSameField(ref, target),
  );
  const aim =
    target === null ? undefined : unknownsOf(draft).find(({ ref }) => isSameField(ref, target));
  const { problem } = readDraft(draft, takeUp);
  const sought = problem === null || target === null ? null : valueIn(problem, target);
  if (aim !== undefined && !isUnknownMark(aim.text)) rememberTyped(draft, aim);
  draft.ask = null;
  aim?.write("?");
  for (const field of former) {
    const typed = typedAt(draft, field);
    const [first] = found;
    if (first === undefined) field.write(typed ?? "");
    else {
      const exact = textOf(first, draft, field.ref);
      field.write(exact);
      if (typed !== null)
        restoreTyped(draft, { ...field, text: exact }, typed, { found, sought, takeUp });
    }
  }
}

/** What a field comes to; one that refers to another line, in the solved problem. */
function valueIn(problem: Problem, field: FieldRef): number | null {
  const typed = numberAt(problem, field);
  if (typed !== null || field.on === "ask") return typed;
  const solved = solve(problem);
  return solved.ok ? numberOnTimeline(problem, solved.value.settled, field) : null;
}

/** The text that puts an answer into a field, with all its digits. */
function textOf(answer: Answer, draft: Draft, field: FieldRef): string {
  const value = withoutNoise(answer.value);
  switch (answer.unit) {
    case "money":
      return moneyText({ ...answer, value }, draft, field);
    case "percent":
      return `${formatExact(value)}%`;
    case "years":
      return `${formatExact(value)} years`;
    case "payments":
      return `${formatExact(value)} payments`;
  }
}

/** Digits that are sure, and digits of what somebody may have typed. Far apart, or digits would be lost by chance. */
const SIGNIFICANT = 14;
const SHORT = 9;

/** A value within the accuracy of an answer of a short decimal is that one: nobody typed 9.600000000000003. */
function withoutNoise(value: number): number {
  const rounded = withDigits(value, SIGNIFICANT);
  return withDigits(value, SHORT) === rounded ? rounded : value;
}

function moneyText({ value, direction }: Answer, draft: Draft, ref: FieldRef): string {
  const line = ref.on === "flow" ? draft.flows[ref.line] : undefined;
  // The step of a growing stream has its sign; in a list the direction is a word of its own.
  if (ref.field === "growth") return formatExact(value);
  if (line?.kind === "list" || line?.kind === "dated") {
    return direction === "out" ? `out ${formatExact(value)}` : formatExact(value);
  }
  // The amount is given positive with the direction that balances: the line turns with it.
  if ((line?.kind === "single" || line?.kind === "stream") && direction !== undefined) {
    turnToAnswer(line, direction);
  }
  return formatExact(value);
}
