import { labelledEntry, withUnknown } from "../../input/entry-label";
import {
  labelsIn,
  partsOf,
  readAmounts,
  repeatedEntry,
  type ListedAmount,
} from "../../input/read-amounts";
import { positionOf, readPosition, type SaidTime } from "../../input/read-position";
import { isUnknownMark } from "../../input/unknown-mark";
import { frequencyWords } from "../../wording/quotation-words";
import {
  issuesOf,
  readField,
  readFrequencyField,
  valueOf,
  type Field,
  type FieldReading,
} from "../field";
import { writePosition } from "../write/write-position";
import { writeAmounts } from "../write/write-amounts";
import { namedPart, type LineKind } from "./line-kind";

export interface ListReading {
  readonly kind: "list";
  /** ISO 8601. */
  readonly every: FieldReading<string>;
  readonly begins: FieldReading<SaidTime>;
  readonly amounts: FieldReading<readonly ListedAmount[]>;
}

/** "Money every year from today: out 1,000; 300 x 5." */
export const listLine: LineKind<"list", ListReading> = {
  read: (line, names) => ({
    kind: "list",
    every: readFrequencyField(line.every),
    begins: readField(line.begins, (text) => readPosition(text, names)),
    amounts: readList(line.amounts, (text) => readAmounts(text, names)),
  }),
  issues: ({ every, begins, amounts }) => [
    ...issuesOf(every, ["every"]),
    ...issuesOf(begins, ["begins"]),
    ...issuesOf(amounts, ["amounts"]),
  ],
  flow: (line, { every, begins, amounts }) => {
    const time = valueOf(begins);
    return {
      ...namedPart(line),
      kind: "list",
      every: valueOf(every) ?? "",
      begins: time === null ? null : positionOf(time),
      amounts: [...(valueOf(amounts) ?? [])],
      ...labelsPart(line.amounts),
    };
  },
  write: ({ id, label = "", every, begins, amounts, labels }, names) => ({
    kind: "list",
    id,
    label,
    every: frequencyWords(every).noun,
    begins: writePosition(begins, names),
    amounts: writeAmounts(amounts, names, labels),
  }),
  fields: (line) => [
    { path: ["begins"], text: line.begins, write: (text) => void (line.begins = text) },
    ...unknownEntry(line.amounts, (text) => void (line.amounts = text)),
  ],
};

/** A lone "?" in a list is one of its amounts, not the list itself. */
export function readList<Value>(
  text: string,
  read: Parameters<typeof readField<Value>>[1],
): FieldReading<Value> {
  const result = isUnknownMark(text) ? read(`${text};`) : null;
  return result?.ok === true ? { state: "value", value: result.value } : readField(text, read);
}

function labelsPart(text: string): { labels?: string[] } {
  const labels = labelsIn(text);
  return labels.some((label) => label !== "") ? { labels } : {};
}

/** The entry of a list that is the unknown, as a field of its own. */
function unknownEntry(text: string, write: (text: string) => void): Field[] {
  let place = 0;
  for (const part of partsOf(text)) {
    const { entry } = labelledEntry(part);
    if (isUnknownMark(entry)) {
      return [
        {
          path: ["amounts", place],
          text: "?",
          write: (figure) => write(withUnknown(text, figure)),
        },
      ];
    }
    place += repeatedEntry(entry).times;
  }
  return [];
}
