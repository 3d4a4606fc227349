import * as z from "zod";
import type { JsonObject } from "../documents/versioned-document";
import type { Path } from "../issues/issue";
import { LIMITS } from "../problem/limits";

/** What a part of a question is called: "a", "b", "ii". */
export const partLabelSchema = z
  .string()
  .regex(/^[A-Za-z0-9]{1,8}$/)
  .meta({ description: "the label of a part, such as a: letters and digits, up to 8 of them" });

const factor = z.number().min(-LIMITS.percent).max(LIMITS.percent);

/**
 * A number that an earlier part of the question has found. Where it is rounded and more is done with it, it is rounded
 * first, then multiplied, then added to.
 */
export const answerOfSchema = z.strictObject({
  answerOf: partLabelSchema,
  /** Which of its follow-ups, from 0; left out: its own answer. */
  also: z
    .int()
    .min(0)
    .max(LIMITS.followUps - 1)
    .optional(),
  /** Which of several answers, from 0, ascending; left out where it has only one. */
  which: z.int().min(0).max(99).optional(),
  /** To so many decimals; left out: every digit. */
  rounded: z.int().min(0).max(12).optional(),
  times: factor.optional(),
  plus: z.number().min(-LIMITS.amount).max(LIMITS.amount).optional(),
});

export type AnswerOf = z.infer<typeof answerOfSchema>;

/** A reference to an answer, and where in its problem it stands. */
export interface Reference {
  readonly path: Path;
  /** As the file has it; what it says is judged apart. */
  readonly raw: JsonObject;
}

/** The keys under which a problem holds a time; everywhere else a reference stands for a number. */
const TIMES = new Set(["at", "begins", "from", "to", "focal"]);

/** Whether what stands at a place is a time. */
export function isTimeAt(path: Path): boolean {
  return TIMES.has(String(path.at(-1)));
}

/** Every reference to an answer within the problem of a part. */
export function referencesIn(problem: unknown): Reference[] {
  const found: Reference[] = [];
  withReferences(problem, (reference) => {
    found.push(reference);
    return null;
  });
  return found;
}

/** The problem of a part with something in the place of each reference. */
export function withReferences(
  part: unknown,
  replace: (reference: Reference) => unknown,
  path: Path = [],
): unknown {
  if (typeof part !== "object" || part === null) return part;
  if (Array.isArray(part)) {
    return part.map((inner, index) => withReferences(inner, replace, [...path, index]));
  }
  if ("answerOf" in part) return replace({ path, raw: part });
  return Object.fromEntries(
    Object.entries(part).map(([key, inner]) => [
      key,
      withReferences(inner, replace, [...path, key]),
    ]),
  );
}
