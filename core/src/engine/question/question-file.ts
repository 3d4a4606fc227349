import * as z from "zod";
import {
  readVersioned,
  type JsonObject,
  type VersionedDocument,
} from "../documents/versioned-document";
import { issue, within, type Issue, type Path } from "../issues/issue";
import { LIMITS } from "../problem/limits";
import { problemFile, QUESTION_FORMAT, readProblem } from "../problem/problem-file";
import { problemSchema } from "../problem/schema";
import { schemaIssues } from "../problem/schema-issues";
import { fail, succeed, type Result } from "../result";
import { isoYears } from "../time/moment";
import {
  answerOfSchema,
  isTimeAt,
  partLabelSchema,
  referencesIn,
  withReferences,
  type Reference,
} from "./answer-of";

export const QUESTION_MEDIA_TYPE = "application/vnd.kestrelmoor.question+json";
export const QUESTION_FILE_EXTENSION = ".question.json";

const { shape } = problemSchema;

/** Judged apart, once numbers stand in for its references; the published schema has it in full. */
export const partProblemSchema = z.record(z.string(), z.unknown()).meta({
  description: "a problem file in which { answerOf } may stand for a figure or a time",
});

/** The question file: parts in order, each a problem that may take up the answers of parts before it. */
export const questionSchema = z.strictObject({
  format: z.literal(QUESTION_FORMAT),
  version: z.literal(1),
  title: shape.title,
  question: shape.question,
  currency: shape.currency,
  parts: z
    .array(
      z.strictObject({
        label: partLabelSchema,
        /** A problem file in which a reference may stand wherever a number or a time does. */
        problem: partProblemSchema,
      }),
    )
    .min(1)
    .max(LIMITS.parts),
});

export type QuestionFile = z.infer<typeof questionSchema>;
export type QuestionPart = QuestionFile["parts"][number];

/** The question file and its history: see `problemFile` for how a version is added. */
export const questionFile: VersionedDocument<QuestionFile> = {
  format: QUESTION_FORMAT,
  version: 1,
  migrations: {},
  validate: (document) => {
    const parsed = questionSchema.safeParse(document, { reportInput: true });
    if (!parsed.success) return fail(...schemaIssues(questionSchema, parsed.error.issues));
    const issues = checkQuestion(parsed.data);
    return issues.length > 0 ? fail(...issues) : succeed(withNewestProblems(parsed.data));
  },
};

/**
 * Reads a question from parsed JSON of any released version.
 *
 * @returns the question, every problem in its newest version; or every issue found, each with its path: those of the
 *   problem file, and `part-label-twice`, `part-missing`, `part-refers-to-itself`, `part-refers-ahead`,
 *   `part-follow-up-missing`
 */
export function readQuestion(raw: unknown): Result<QuestionFile> {
  return readVersioned(questionFile, raw);
}

/** Whether parsed JSON says of itself that it is a question, and not a single problem. */
export function isQuestionFile(raw: unknown): boolean {
  return (
    typeof raw === "object" && raw !== null && (raw as JsonObject)["format"] === questionFile.format
  );
}

/** The text of a question file: JSON, two spaces of indent, a newline at its end. */
export function writeQuestionText(question: QuestionFile): string {
  return `${JSON.stringify(question, null, 2)}\n`;
}

function checkQuestion({ parts }: QuestionFile): Issue[] {
  return parts.flatMap((part, index) => {
    const path = ["parts", index];
    const isTwice = parts.findIndex(({ label }) => label === part.label) < index;
    return [
      ...(isTwice ? [issue("part-label-twice", [...path, "label"], { label: part.label })] : []),
      ...checkPart(parts, index).map((found) => within([...path, "problem"], found)),
    ];
  });
}

/** What is wrong with a part: with its references, or with the problem around them. */
function checkPart(parts: readonly QuestionPart[], index: number): Issue[] {
  const problem = parts[index]?.problem;
  const wrong = referencesIn(problem).flatMap((reference) =>
    checkReference(parts, index, reference),
  );
  const read = readProblem(withStandIns(problem));
  return [...wrong, ...(read.ok ? [] : read.issues)];
}

function checkReference(
  parts: readonly QuestionPart[],
  index: number,
  { raw, path }: Reference,
): Issue[] {
  const parsed = answerOfSchema.safeParse(raw, { reportInput: true });
  if (!parsed.success) {
    return schemaIssues(answerOfSchema, parsed.error.issues).map((found) => within(path, found));
  }
  const { answerOf: label, also } = parsed.data;
  const source = parts.findIndex((part) => part.label === label);
  const place: Path = [...path, "answerOf"];
  if (source === -1) return [issue("part-missing", place, { label })];
  if (source === index) return [issue("part-refers-to-itself", place, { label })];
  if (source > index) return [issue("part-refers-ahead", place, { label })];
  const asked = parts[source]?.problem["also"];
  const isAsked = also === undefined || (Array.isArray(asked) && also < asked.length);
  return isAsked
    ? []
    : [issue("part-follow-up-missing", [...path, "also"], { label, follow: also })];
}

/** The problem of a part as it would be with some number for each reference, so that the rest can be judged. */
function withStandIns(problem: unknown): unknown {
  return withReferences(problem, ({ path }) => (isTimeAt(path) ? isoYears(1) : 1));
}

/** Every problem in its newest version: its references stay what they are. */
function withNewestProblems(question: QuestionFile): QuestionFile {
  return {
    ...question,
    parts: question.parts.map(({ label, problem }) => ({
      label,
      problem: { ...problem, version: problemFile.version },
    })),
  };
}
