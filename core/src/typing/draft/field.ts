import type { FigureUnit } from "../../engine/fields/figure-unit";
import type { Names } from "../input/names";
import { readPeriod } from "../input/read-period";
import { isUnknownMark } from "../input/unknown-mark";
import { issue, within, type Issue, type Path } from "../../engine/issues/issue";
import type { Result } from "../../engine/result";

/** What one field's text came to: a value, the mark of the unknown, or what is wrong with it. */
export type FieldReading<Value> =
  | { readonly state: "value"; readonly value: Value }
  | { readonly state: "unknown" }
  | { readonly state: "issue"; readonly issue: Issue };

export function readField<Value>(
  text: string,
  read: (text: string) => Result<Value>,
): FieldReading<Value> {
  if (isUnknownMark(text)) return { state: "unknown" };
  return readingOf(read(text));
}

/**
 * A reader that first puts in what a text takes up of earlier parts of the question.
 *
 * @param unit what the text is to come to
 */
export function takingUp<Value>(
  { takeUp }: Pick<Names, "takeUp">,
  unit: FigureUnit | null,
  read: (text: string) => Result<Value>,
): (text: string) => Result<Value> {
  return (text) => {
    const taken = takeUp(text, unit);
    return taken.ok ? read(taken.value) : taken;
  };
}

/** What a reader says of a text, as the reading of a field. */
export function readingOf<Value>(result: Result<Value>): FieldReading<Value> {
  if (result.ok) return { state: "value", value: result.value };
  const [found] = result.issues;
  if (found === undefined) throw new TypeError("A failed reading gives its issue");
  return { state: "issue", issue: found };
}

/** A fact that has to be given: it cannot be the unknown. */
export function readKnownField<Value>(
  text: string,
  read: (text: string) => Result<Value>,
): FieldReading<Value> {
  const reading = readField(text, read);
  return reading.state === "unknown"
    ? { state: "issue", issue: issue("unknown-not-here", [], {}) }
    : reading;
}

/** How often something is paid; a "?" there is told why it cannot be the unknown. */
export function readFrequencyField(text: string): FieldReading<string> {
  return isUnknownMark(text)
    ? { state: "issue", issue: issue("unknown-frequency", [], {}) }
    : readField(text, readPeriod);
}

/** A figure beside the problem, where nothing can be the unknown. */
export function readGivenField<Value>(
  text: string,
  read: (text: string) => Result<Value>,
): FieldReading<Value> {
  const reading = readField(text, read);
  return reading.state === "unknown"
    ? { state: "issue", issue: issue("known-only", [], {}) }
    : reading;
}

export function valueOf<Value>(reading: FieldReading<Value>): Value | null {
  return reading.state === "value" ? reading.value : null;
}

/** What is wrong with a field, told at its path. */
export function issuesOf(reading: FieldReading<unknown>, path: Path): Issue[] {
  return reading.state === "issue" ? [within(path, reading.issue)] : [];
}
