import * as z from "zod";
import type { FlowFieldName } from "../../../engine/fields/field-ref";
import type { FigureUnit } from "../../../engine/fields/figure-unit";
import { readAmount, type SaidAmount } from "../../input/read-amount";
import { readCount, type Count } from "../../input/read-count";
import { positionOf, readPosition, type SaidTime } from "../../input/read-position";
import type { Amount, Position } from "../../../engine/problem/schema";
import { frequencyWords } from "../../../wording/quotation-words";
import { typed } from "../draft-texts";
import {
  issuesOf,
  readField,
  readFrequencyField,
  takingUp,
  valueOf,
  type FieldReading,
} from "../field";
import { writeAmount } from "../write/write-amount";
import { writeCount } from "../write/write-count";
import { writePosition } from "../write/write-position";
import type { Around, FieldWords, LineField } from "./line-field";

/** The fields of a line with one text, by what they hold. */

type Typed<Key extends FlowFieldName, Value, Filed> = LineField<
  Key,
  string,
  FieldReading<Value>,
  Readonly<Record<Key, Filed>>
>;

interface TypedParts<Value, Filed> {
  readonly read: (text: string, around: Around) => FieldReading<Value>;
  /** `null` for the unknown. */
  readonly file: (value: Value | null) => Filed;
  readonly write: (filed: Filed, names: Around["names"]) => string;
  readonly mayBeUnknown: boolean;
  readonly unit: FigureUnit | null;
  /** The number that is typed, where it is one. */
  readonly number: (value: Value) => number | null;
}

function typedField<Key extends FlowFieldName, Value, Filed>(
  key: Key,
  words: FieldWords,
  { read, file, write, mayBeUnknown, unit, number }: TypedParts<Value, Filed>,
): Typed<Key, Value, Filed> {
  return {
    key,
    schema: typed,
    read,
    issues: (reading) => issuesOf(reading, [key]),
    file: (reading) => filedAt(key, file(valueOf(reading))),
    write: (filed, names) => write(filed[key], names),
    readings: (reading) => {
      const value = valueOf(reading);
      const typedNumber = value === null ? null : number(value);
      return [{ field: key, reading, unit, numbers: typedNumber === null ? [] : [typedNumber] }];
    },
    texts: (text, set) => [
      {
        field: key,
        words,
        text,
        write: set,
        unknown: mayBeUnknown ? { path: [key], text, write: set } : null,
      },
    ],
  };
}

function filedAt<Key extends string, Filed>(key: Key, filed: Filed): Readonly<Record<Key, Filed>> {
  return { [key]: filed } as Record<Key, Filed>;
}

/** An amount of money, typed or said by another line. */
export function money<Key extends FlowFieldName>(
  key: Key,
  words: FieldWords,
): Typed<Key, SaidAmount, Amount> {
  return typedField(key, words, {
    read: (text, { names }) =>
      readField(
        text,
        takingUp(names, "money", (one) => readAmount(one, names)),
      ),
    file: (amount) => amount,
    write: writeAmount,
    mayBeUnknown: true,
    unit: "money",
    number: (amount) => (typeof amount === "number" ? amount : null),
  });
}

/** A time, or the end of payments. */
export function time<Key extends FlowFieldName>(
  key: Key,
  words: FieldWords,
): Typed<Key, SaidTime, Position> {
  return typedField(key, words, {
    read: (text, { names }) =>
      readField(
        text,
        takingUp(names, "years", (one) => readPosition(one, names)),
      ),
    file: (said) => (said === null ? null : positionOf(said)),
    write: writePosition,
    mayBeUnknown: true,
    unit: "years",
    number: (said) => ("years" in said ? said.years : null),
  });
}

/** How often money is paid: it has to be known. In the file and once read it is ISO 8601. */
export function frequency<Key extends FlowFieldName>(
  key: Key,
  words: FieldWords,
): Typed<Key, string, string> {
  return typedField(key, words, {
    read: (text) => readFrequencyField(text),
    file: (every) => every ?? "",
    write: (every) => frequencyWords(every).noun,
    mayBeUnknown: false,
    unit: null,
    number: () => null,
  });
}

/** How long payments go on: a time, a number of payments, or for ever. */
export function count<Key extends FlowFieldName>(
  key: Key,
  words: FieldWords,
): Typed<Key, Count, Count | null> {
  return typedField(key, words, {
    read: (text, { names, every }) =>
      readField(
        text,
        takingUp(names, "payments", (one) => readCount(one, every ?? "P1M")),
      ),
    file: (payments) => payments,
    write: writeCount,
    mayBeUnknown: true,
    unit: "payments",
    number: (payments) => (payments === "forever" ? null : payments),
  });
}

/** One of a few things, by its key. */
export function choice<Key extends FlowFieldName, const Option extends string>(
  key: Key,
  options: readonly [Option, ...Option[]],
  words: FieldWords,
): LineField<Key, Option, Option, Readonly<Record<Key, Option>>> {
  const schema = z.enum(options) as unknown as z.ZodType<Option>;
  return {
    key,
    schema,
    read: (chosen) => chosen,
    issues: () => [],
    file: (_, chosen) => filedAt(key, chosen),
    write: (filed) => filed[key],
    readings: () => [],
    texts: (chosen, set) => [
      {
        field: key,
        words: { ...words, options },
        text: chosen,
        write: (text) => {
          const option = options.find((one) => one === text);
          if (option !== undefined) set(option);
        },
        unknown: null,
      },
    ],
  };
}
