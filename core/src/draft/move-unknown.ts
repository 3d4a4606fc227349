import { isUnknownMark } from "../input/unknown-mark";
import { figureAt } from "../vary/figure-at";
import type { Path } from "../issues/issue";
import type { Answer } from "../solve/solution";
import { formatExact } from "../wording/format-number";
import type { Draft } from "./draft";
import type { Field } from "./field";
import { fieldsOfLine } from "./lines/line-kinds";
import { readDraft } from "./read-draft";
import { turnToAnswer } from "./turn-to-answer";
import { rememberTyped, restoreTyped, settledAt, typedAt } from "./typed-before";

/**
 * Makes a field the unknown. Whatever was unknown before keeps the value that was found for it: as it was typed
 * there earlier if that says the same, else to the last digit, so that solving back gives the old figure again.
 * Without a value it has what was typed, or nothing. A question for a worth is dropped: one equation has one unknown.
 *
 * Changes the draft in place, for a store that records what changes.
 *
 * @param target the field, such as `["flows", 0, "amount"]` or `["rates", 1, "percent"]`
 * @param found the answers to the former unknown; none where it had none
 */
export function moveUnknown(draft: Draft, target: Path, found: readonly Answer[]): void {
  const former = unknownFields(draft).filter(({ path }) => !samePath(path, target));
  const aim = fieldAt(draft, target);
  const { problem } = readDraft(draft);
  const sought =
    problem === null ? null : (figureAt(problem, target) ?? settledAt(problem, target));
  if (aim !== undefined && !isUnknownMark(aim.text)) rememberTyped(draft, target, aim.text);
  draft.ask = null;
  aim?.write("?");
  for (const field of former) {
    const typed = typedAt(draft, field.path);
    const [first] = found;
    if (first === undefined) field.write(typed ?? "");
    else {
      const exact = textOf(first, draft, field.path);
      field.write(exact);
      if (typed !== null) restoreTyped(draft, { ...field, text: exact }, typed, { found, sought });
    }
  }
}

/** The text that puts an answer into a field, with all its digits. */
function textOf(answer: Answer, draft: Draft, path: Path): string {
  switch (answer.unit) {
    case "money":
      return moneyText({ ...answer, value: withoutNoise(answer.value) }, draft, path);
    case "percent":
      return `${formatExact(withoutNoise(answer.value))}%`;
    case "years":
      return `${formatExact(withoutNoise(answer.value))} years`;
    case "payments":
      return `${formatExact(withoutNoise(answer.value))} payments`;
  }
}

/** Digits that are sure, and digits of what somebody may have typed. Far apart, or digits would be lost by chance. */
const SIGNIFICANT = 14;
const SHORT = 9;

/** A value within the accuracy of an answer of a short decimal is that one: nobody typed 9.600000000000003. */
function withoutNoise(value: number): number {
  const rounded = Number(value.toPrecision(SIGNIFICANT));
  return Number(value.toPrecision(SHORT)) === rounded ? rounded : value;
}

function moneyText({ value, direction }: Answer, draft: Draft, path: Path): string {
  const line = draft.flows[Number(path[1])];
  // The step of a growing stream has its sign; in a list the direction is a word of its own.
  if (path[2] === "growth") return formatExact(value);
  if (line?.kind === "list" || line?.kind === "dated") {
    return direction === "out" ? `out ${formatExact(value)}` : formatExact(value);
  }
  // The amount is given positive with the direction that balances: the line turns with it.
  if ((line?.kind === "single" || line?.kind === "stream") && direction !== undefined) {
    turnToAnswer(line, direction);
  }
  return formatExact(value);
}

/** Every field of a draft that may hold the unknown. */
function fieldsOf(draft: Draft): Field[] {
  const fields = draft.flows.flatMap((line, index) =>
    fieldsOfLine(line).map((field) => ({ ...field, path: ["flows", index, ...field.path] })),
  );
  draft.rates.forEach((line, index) => {
    if (line.kind !== "rate") return;
    fields.push({
      path: ["rates", index, "percent"],
      text: line.percent,
      write: (text) => {
        line.percent = text;
      },
    });
  });
  return fields;
}

/** The fields that hold the mark of the unknown. */
export function unknownFields(draft: Draft): Field[] {
  return fieldsOf(draft).filter(({ text }) => isUnknownMark(text));
}

function fieldAt(draft: Draft, path: Path): Field | undefined {
  return fieldsOf(draft).find((field) => samePath(field.path, path));
}

function samePath(one: Path, other: Path): boolean {
  return one.length === other.length && one.every((key, index) => key === other[index]);
}
