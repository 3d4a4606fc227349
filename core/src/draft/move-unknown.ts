import { isUnknownMark } from "../input/unknown-mark";
import type { Path } from "../issues/issue";
import type { Answer } from "../solve/solution";
import { formatExact } from "../wording/format-number";
import type { Draft } from "./draft";
import type { Field } from "./field";
import { fieldsOfLine } from "./lines/line-kinds";

/**
 * Makes a field the unknown. Whatever was unknown before keeps the value that was found for it, to
 * the last digit, so that solving back gives the old figure again; without a value it is left empty.
 * A question for a worth is dropped: one equation has one unknown.
 *
 * Changes the draft in place, for a store that records what changes.
 *
 * @param target the field, such as `["flows", 0, "amount"]` or `["rates", 1, "percent"]`
 * @param found the answer to the former unknown, where it had one
 */
export function moveUnknown(draft: Draft, target: Path, found: Answer | null): void {
  for (const field of unknownFields(draft)) {
    if (!samePath(field.path, target))
      field.write(found === null ? "" : textOf(found, draft, field.path));
  }
  draft.ask = null;
  fieldAt(draft, target)?.write("?");
}

/** The text that puts an answer into a field, with all its digits. */
function textOf(answer: Answer, draft: Draft, path: Path): string {
  switch (answer.unit) {
    case "money":
      return moneyText(answer, draft, path);
    case "percent":
      return `${formatExact(answer.value)}%`;
    case "years":
      return `${formatExact(answer.value)} years`;
    case "payments":
      return `${formatExact(answer.value)} payments`;
  }
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
    line.direction = direction;
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
