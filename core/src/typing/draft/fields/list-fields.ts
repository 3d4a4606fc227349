import type { FlowFieldName } from "../../../engine/fields/field-ref";
import { labelledEntry, marksUnknown, withUnknown } from "../../input/entry-label";
import {
  labelsIn,
  entriesIn,
  readAmounts,
  repeatedEntry,
  type ListedAmount,
} from "../../input/read-amounts";
import { readDated, type DatedEntry } from "../../input/read-dated";
import { isUnknownMark } from "../../input/unknown-mark";
import type { Path } from "../../../engine/issues/issue";
import type { FlowOf } from "../../../engine/problem/schema";
import { typedList } from "../draft-texts";
import { issuesOf, readField, valueOf, type FieldReading } from "../field";
import { writeAmounts } from "../write/write-amounts";
import { writeDated } from "../write/write-dated";
import type { FieldWords, LineField, UnknownText } from "./line-field";

/** The fields with many amounts in one text, one of which may be the unknown. */

type Entries<Key extends FlowFieldName, Value, Filed extends object> = LineField<
  Key,
  string,
  FieldReading<readonly Value[]>,
  Filed
>;

/** Amounts in order: "out 1,000; 300 x 5". */
export function amounts(
  words: FieldWords,
): Entries<"amounts", ListedAmount, Pick<FlowOf<"list">, "amounts" | "labels">> {
  return {
    key: "amounts",
    schema: typedList,
    read: (text, { names }) => readList(text, (one) => readAmounts(one, names)),
    issues: (reading) => issuesOf(reading, ["amounts"]),
    file: (reading, text) => ({ amounts: [...(valueOf(reading) ?? [])], ...labelsPart(text) }),
    write: ({ amounts, labels }, names) => writeAmounts(amounts, names, labels),
    readings: (reading) => [
      { field: "amounts", reading, unit: "money", numbers: numbersIn(valueOf(reading) ?? []) },
    ],
    texts: (text, set) => [
      {
        field: "amounts",
        words,
        text,
        write: set,
        unknown: unknownIn(text, set, unknownAmount(text), (entry) => ["amounts", entry]),
      },
    ],
  };
}

/** Amounts on dates: "2027-03-01 out 1,000; 2027-09-15 300". */
export function datedAmounts(
  words: FieldWords,
): Entries<"entries", DatedEntry, Pick<FlowOf<"dated">, "entries">> {
  return {
    key: "entries",
    schema: typedList,
    read: (text, { names }) => readField(text, (one) => readDated(one, names)),
    issues: (reading) => issuesOf(reading, ["entries"]),
    file: (reading) => ({ entries: [...(valueOf(reading) ?? [])] }),
    write: ({ entries }, names) => writeDated(entries, names),
    readings: (reading) => {
      const amounts = (valueOf(reading) ?? []).map(({ amount }) => amount);
      return [{ field: "entries", reading, unit: "money", numbers: numbersIn(amounts) }];
    },
    texts: (text, set) => [
      {
        field: "entries",
        words,
        text,
        write: set,
        unknown: unknownIn(text, set, text.split(/[;\r\n]+/).findIndex(marksUnknown), (entry) => [
          "entries",
          entry,
          "amount",
        ]),
      },
    ],
  };
}

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

function numbersIn(amounts: readonly ListedAmount[]): number[] {
  return amounts.filter((amount) => typeof amount === "number");
}

/** The mark of the unknown among the amounts, as a text of its own. */
function unknownIn(
  text: string,
  set: (text: string) => void,
  entry: number,
  pathOf: (entry: number) => Path,
): UnknownText | null {
  if (entry < 0) return null;
  return { entry, path: pathOf(entry), text: "?", write: (one) => set(withUnknown(text, one)) };
}

/** Which amount is the unknown, where repeated ones count as often as they are paid; −1 for none. */
function unknownAmount(text: string): number {
  let place = 0;
  for (const part of entriesIn(text)) {
    const { entry } = labelledEntry(part);
    if (isUnknownMark(entry)) return place;
    place += repeatedEntry(entry).times;
  }
  return -1;
}
