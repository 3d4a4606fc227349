import type { Direction } from "../../../engine/problem/schema";
import type * as z from "zod";
import type { FlowFieldName } from "../../../engine/fields/field-ref";
import type { FigureUnit } from "../../../engine/fields/figure-unit";
import type { Names } from "../../input/names";
import type { Issue, Path } from "../../../engine/issues/issue";
import type { FieldReading } from "../field";

/** What the reading of a field may need to know beside its own text. */
export interface Around {
  /** What the lines are called, by which one may be said by another. */
  readonly names: Names;
  /** How often money is paid on the line, ISO 8601; `null` where that cannot be read. */
  readonly every: string | null;
}

/** What a field is called. */
export interface FieldWords {
  /** After the name of its line: "Repayments, number of payments". */
  readonly name: string;
  /** For those who do not see the sentence that it stands in. */
  readonly label: (line: { readonly direction?: Direction }) => string;
  /** What stands in it while nothing is typed. */
  readonly hint: string;
  /** Of a choice: everything there is to choose from. */
  readonly options?: readonly string[];
}

/** One text of a line, as it is typed; of a choice, the key of what is chosen. */
export interface LineText {
  readonly field: FlowFieldName;
  readonly words: FieldWords;
  readonly text: string;
  /** Writes into the line that it was taken from; a choice that there is none of is left alone. */
  readonly write: (text: string) => void;
  /** What may be unknown in it; `null` for what has to be known, and for a list without an unknown amount. */
  readonly unknown: UnknownText | null;
}

/** What one text of a line came to. */
export interface TextReading {
  readonly field: FlowFieldName;
  readonly reading: FieldReading<unknown>;
  /** What the numbers in it count; `null` where it holds none. */
  readonly unit: FigureUnit | null;
  /** The numbers that are typed in it: in a list several, in the unknown or a reference to another line none. */
  readonly numbers: readonly number[];
}

/** A text that may be the mark of the unknown. */
export interface UnknownText {
  /** Which amount of a list it is. */
  readonly entry?: number;
  /** Where it stands in the flow of the problem file. */
  readonly path: Path;
  readonly text: string;
  readonly write: (text: string) => void;
}

/**
 * What a field of a line is: what may be typed in it, how that is read, where it goes in the problem file and how it
 * is written back.
 *
 * `Typed` is what the draft keeps, `Reading` what that came to, `Filed` its part of the flow in the file.
 */
export interface LineField<Key extends string, Typed, Reading, Filed extends object> {
  readonly key: Key;
  readonly schema: z.ZodType<Typed>;
  readonly read: (typed: Typed, around: Around) => Reading;
  /** What is wrong with it, with paths within the flow. */
  readonly issues: (reading: Reading) => readonly Issue[];
  readonly file: (reading: Reading, typed: Typed) => Filed;
  /** As somebody would have typed what the file has. */
  readonly write: (filed: Filed, names: Names) => Typed;
  /** What each of its texts came to; a choice is never in doubt and has none. */
  readonly readings: (reading: Reading) => readonly TextReading[];
  /** @param set puts another text in its place on the line */
  readonly texts: (typed: Typed, set: (text: Typed) => void) => readonly LineText[];
}

/** A field of any sort, as a catalogue holds it. */
export interface AnyLineField {
  readonly key: string;
  readonly schema: z.ZodType;
  readonly read: (typed: never, around: Around) => unknown;
  readonly issues: (reading: never) => readonly Issue[];
  readonly file: (reading: never, typed: never) => object;
  readonly write: (filed: never, names: Names) => unknown;
  readonly readings: (reading: never) => readonly TextReading[];
  readonly texts: (typed: never, set: (text: unknown) => void) => readonly LineText[];
}
