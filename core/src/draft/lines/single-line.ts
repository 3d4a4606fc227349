import { readAmount, type SaidAmount } from "../../input/read-amount";
import { positionOf, readPosition, type SaidTime } from "../../input/read-position";
import { issuesOf, readField, valueOf, type FieldReading } from "../field";
import { writePosition } from "../write/write-position";
import { writeAmount } from "../write/write-amount";
import { namedPart, type LineKind } from "./line-kind";

export interface SingleReading {
  readonly kind: "single";
  readonly amount: FieldReading<SaidAmount>;
  readonly at: FieldReading<SaidTime>;
}

/** "Money out 140 once, after 3 years." */
export const singleLine: LineKind<"single", SingleReading> = {
  read: (line, names) => ({
    kind: "single",
    amount: readField(line.amount, (text) => readAmount(text, names)),
    at: readField(line.at, (text) => readPosition(text, names)),
  }),
  issues: ({ amount, at }) => [...issuesOf(amount, ["amount"]), ...issuesOf(at, ["at"])],
  flow: (line, { amount, at }) => {
    const time = valueOf(at);
    return {
      ...namedPart(line),
      kind: "single",
      direction: line.direction,
      amount: valueOf(amount),
      at: time === null ? null : positionOf(time),
    };
  },
  write: ({ id, label = "", direction, amount, at }, names) => ({
    kind: "single",
    id,
    label,
    direction,
    amount: writeAmount(amount, names),
    at: writePosition(at, names),
  }),
  fields: (line) => [
    { path: ["amount"], text: line.amount, write: (text) => void (line.amount = text) },
    { path: ["at"], text: line.at, write: (text) => void (line.at = text) },
  ],
};
