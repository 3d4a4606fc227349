import { marksUnknown, withUnknown } from "../../input/entry-label";
import { readDated, type DatedEntry } from "../../input/read-dated";
import { issuesOf, readField, valueOf, type FieldReading } from "../field";
import { writeDated } from "../write/write-dated";
import { namedPart, type LineKind } from "./line-kind";

export interface DatedReading {
  readonly kind: "dated";
  readonly entries: FieldReading<readonly DatedEntry[]>;
}

/** "Money on calendar dates: 2027-03-01 out 1,000; 2027-09-15 300." */
export const datedLine: LineKind<"dated", DatedReading> = {
  read: (line, names) => ({
    kind: "dated",
    entries: readField(line.entries, (text) => readDated(text, names)),
  }),
  issues: ({ entries }) => issuesOf(entries, ["entries"]),
  flow: (line, { entries }) => ({
    ...namedPart(line),
    kind: "dated",
    entries: [...(valueOf(entries) ?? [])],
  }),
  write: ({ id, label = "", entries }, names) => ({
    kind: "dated",
    id,
    label,
    entries: writeDated(entries, names),
  }),
  fields: (line) => {
    const place = line.entries.split(/[;\r\n]+/).findIndex(marksUnknown);
    if (place < 0) return [];
    return [
      {
        path: ["entries", place, "amount"],
        text: "?",
        write: (text) => void (line.entries = withUnknown(line.entries, text)),
      },
    ];
  },
};
