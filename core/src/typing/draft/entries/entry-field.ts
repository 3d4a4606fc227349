import type * as z from "zod";
import type { Result } from "../../../engine/result";
import { typed } from "../draft-texts";
import { readGivenField, valueOf, type FieldReading } from "../field";

/**
 * A text beside the lines of a problem: the amount of a change, the rate of an offer, a figure on the page of rates.
 * Nothing in it can be the unknown.
 *
 * `Around` is what its reading needs to know beside its own text.
 */
export interface EntryField<Value, Around = unknown> {
  /** For those who do not see the sentence that it stands in. */
  readonly label: string;
  /** What stands in it while nothing is typed. */
  readonly hint: string;
  /** What stands in it at first; left out for nothing. */
  readonly first?: string;
  /** What may be typed in it, where that is more than a few words. */
  readonly schema?: typeof typed;
  readonly read: (text: string, around: Around) => Result<Value>;
  /** What it means that nothing is typed; left out where something has to be. */
  readonly empty?: (around: Around) => Value | null;
}

export type EntryFields<Around> = Readonly<Record<string, EntryField<unknown, Around>>>;

/** What is typed in the fields of an entry. */
export type EntryTexts<Fields> = { readonly [Name in keyof Fields]: string };

type ValueIn<Field> = Field extends {
  readonly read: (text: never, around: never) => Result<infer Value>;
}
  ? Field extends { readonly empty: (around: never) => infer Empty }
    ? Value | Empty
    : Value
  : never;

/** What the fields of an entry came to. */
export type EntryReadings<Fields> = {
  readonly [Name in keyof Fields]: FieldReading<ValueIn<Fields[Name]>>;
};

/** What the fields of an entry say; `null` where they do not say anything yet. */
export type EntryValues<Fields> = {
  readonly [Name in keyof Fields]: ValueIn<Fields[Name]> | null;
};

/** Reads every field of an entry. */
export function readEntry<Around, Fields extends EntryFields<Around>>(
  fields: Fields,
  texts: EntryTexts<Fields>,
  around: Around,
): EntryReadings<Fields> {
  return mapped(fields, (field, name) =>
    readEntryField(field, texts[name] ?? "", around),
  ) as EntryReadings<Fields>;
}

/** Reads one text of an entry. */
export function readEntryField<Value, Around>(
  { read, empty }: EntryField<Value, Around>,
  text: string,
  around: Around,
): FieldReading<Value | null> {
  return empty !== undefined && text.trim() === ""
    ? { state: "value", value: empty(around) }
    : readGivenField(text, (one) => read(one, around));
}

/** The values of what was read. */
export function valuesOf<Fields>(readings: EntryReadings<Fields>): EntryValues<Fields> {
  return mapped(readings as Readonly<Record<string, FieldReading<unknown>>>, (reading) =>
    valueOf(reading),
  ) as EntryValues<Fields>;
}

/** The part of a draft's schema that keeps the texts of an entry. */
export function textsSchema<Fields extends EntryFields<never>>(fields: Fields) {
  return mapped(fields, ({ schema = typed }) => schema) as {
    readonly [Name in keyof Fields]: z.ZodString;
  };
}

/** What stands in the fields of a new entry. */
export function firstTexts<Fields extends EntryFields<never>>(fields: Fields) {
  return mapped(fields, ({ first = "" }) => first) as { [Name in keyof Fields]: string };
}

function mapped<Part, Made>(
  parts: Readonly<Record<string, Part>>,
  make: (part: Part, name: string) => Made,
): Readonly<Record<string, Made>> {
  return Object.fromEntries(Object.entries(parts).map(([name, part]) => [name, make(part, name)]));
}
