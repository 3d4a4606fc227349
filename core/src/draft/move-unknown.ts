import { isUnknownMark } from "../input/unknown-mark";
import type { Path } from "../issues/issue";
import type { Answer } from "../solve/solution";
import { formatExact } from "../wording/format-number";
import type { Draft } from "./draft";

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
    case "money": {
      const line = draft.flows[Number(path[1])];
      // The amount is given positive with the direction that balances: the line turns with it.
      if (line?.kind === "single" && answer.direction !== undefined) {
        line.direction = answer.direction;
      }
      return formatExact(answer.value);
    }
    case "percent":
      return `${formatExact(answer.value)}%`;
    case "years":
      return `${formatExact(answer.value)} years`;
    case "payments":
      return formatExact(answer.value);
  }
}

interface Field {
  readonly path: Path;
  readonly text: string;
  readonly write: (text: string) => void;
}

/** Every field of a draft that may hold the unknown. */
function fieldsOf(draft: Draft): Field[] {
  const fields: Field[] = [];
  draft.flows.forEach((line, index) => {
    if (line.kind !== "single") return;
    for (const key of ["amount", "at"] as const) {
      fields.push({
        path: ["flows", index, key],
        text: line[key],
        write: (text) => {
          line[key] = text;
        },
      });
    }
  });
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

function unknownFields(draft: Draft): Field[] {
  return fieldsOf(draft).filter(({ text }) => isUnknownMark(text));
}

function fieldAt(draft: Draft, path: Path): Field | undefined {
  return fieldsOf(draft).find((field) => samePath(field.path, path));
}

function samePath(one: Path, other: Path): boolean {
  return one.length === other.length && one.every((key, index) => key === other[index]);
}
