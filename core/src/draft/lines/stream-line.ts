import { evaluateArithmetic } from "../../input/arithmetic";
import { readAmount, type SaidAmount } from "../../input/read-amount";
import { readCount, type Count } from "../../input/read-count";
import { positionOf, readPosition, type SaidTime } from "../../input/read-position";
import { readPercent } from "../../input/read-rate";
import type { FlowOf } from "../../problem/schema";
import { issue } from "../../issues/issue";
import { fail, type Result } from "../../result";
import { formatExact } from "../../wording/format-number";
import { frequencyWords } from "../../wording/quotation-words";
import type { StreamLine } from "../draft";
import {
  issuesOf,
  readField,
  readFrequencyField,
  valueOf,
  type Field,
  type FieldReading,
} from "../field";
import { writePosition } from "../write/write-position";
import { writeAmount } from "../write/write-amount";
import { writeCount } from "../write/write-count";
import { namedPart, type LineKind } from "./line-kind";

export interface GrowthReading {
  readonly by: "percent" | "amount";
  readonly figure: FieldReading<number>;
  readonly every: FieldReading<string>;
}

export interface StreamReading {
  readonly kind: "stream";
  readonly amount: FieldReading<SaidAmount>;
  /** ISO 8601. */
  readonly every: FieldReading<string>;
  readonly count: FieldReading<Count>;
  readonly begins: FieldReading<SaidTime>;
  readonly growth: GrowthReading | null;
}

/** "Money out 140 every month for 3 years 4 months, at the end of each month." */
export const streamLine: LineKind<"stream", StreamReading> = {
  read: (line, names) => {
    const every = readFrequencyField(line.every);
    return {
      kind: "stream",
      amount: readField(line.amount, (text) => readAmount(text, names)),
      every,
      count: readField(line.count, (text) => readCount(text, valueOf(every) ?? "P1M")),
      begins: readField(line.begins, (text) => readPosition(text, names)),
      growth: readGrowth(line.growth),
    };
  },
  issues: ({ amount, every, count, begins, growth }) => [
    ...issuesOf(amount, ["amount"]),
    ...issuesOf(every, ["every"]),
    ...issuesOf(count, ["count"]),
    ...issuesOf(begins, ["begins"]),
    ...(growth === null
      ? []
      : [
          ...issuesOf(growth.figure, ["growth", growth.by]),
          ...issuesOf(growth.every, ["growth", "every"]),
        ]),
  ],
  flow: (line, { amount, every, count, begins, growth }) => {
    const time = valueOf(begins);
    return {
      ...namedPart(line),
      kind: "stream",
      direction: line.direction,
      amount: valueOf(amount),
      every: valueOf(every) ?? "",
      count: valueOf(count),
      timing: line.timing,
      begins: time === null ? null : positionOf(time),
      ...(growth === null ? {} : { growth: growthOf(growth) }),
    };
  },
  write: ({ id, label = "", direction, amount, every, count, timing, begins, growth }, names) => ({
    kind: "stream",
    id,
    label,
    direction,
    amount: writeAmount(amount, names),
    every: frequencyWords(every).noun,
    count: writeCount(count),
    timing,
    begins: writePosition(begins, names),
    growth: growth === undefined ? null : writeGrowth(growth),
  }),
  fields: (line) => {
    const { growth } = line;
    const fields: Field[] = [
      { path: ["amount"], text: line.amount, write: (text) => void (line.amount = text) },
      { path: ["count"], text: line.count, write: (text) => void (line.count = text) },
      { path: ["begins"], text: line.begins, write: (text) => void (line.begins = text) },
    ];
    if (growth === null) return fields;
    return [
      ...fields,
      {
        path: ["growth", growth.by],
        text: growth.figure,
        write: (text) => void (growth.figure = text),
      },
    ];
  },
};

function readGrowth(growth: StreamLine["growth"]): GrowthReading | null {
  if (growth === null) return null;
  // A percent sign that is typed says more than the line's own choice.
  const by = /%|per ?cent/i.test(growth.figure) ? "percent" : growth.by;
  return {
    by,
    figure: readField(growth.figure, by === "percent" ? readPercent : readStep),
    every: readFrequencyField(growth.every),
  };
}

/** A step may be below zero: payments that fall. */
function readStep(text: string): Result<number> {
  const plain = text.trim().replace(/\p{Sc}/gu, "");
  return plain === "" ? fail(issue("money-missing", [], {})) : evaluateArithmetic(plain);
}

function growthOf({ by, figure, every }: GrowthReading): FlowOf<"stream">["growth"] {
  const period = valueOf(every) ?? "";
  return by === "percent"
    ? { percent: valueOf(figure), every: period }
    : { amount: valueOf(figure), every: period };
}

function writeGrowth(growth: NonNullable<FlowOf<"stream">["growth"]>): StreamLine["growth"] {
  const every = frequencyWords(growth.every).noun;
  if ("percent" in growth) {
    const { percent } = growth;
    return { by: "percent", figure: percent === null ? "?" : `${formatExact(percent)}%`, every };
  }
  const { amount } = growth;
  return { by: "amount", figure: amount === null ? "?" : formatExact(amount), every };
}
