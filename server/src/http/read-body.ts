import {
  readProblem,
  readQuestion,
  schemaIssues,
  sentenceOf,
  type Issue,
  type Problem,
  type QuestionFile,
  USUAL_FORMAT,
  within,
} from "@kestrelmoor/core";
import type * as z from "zod";
import { invalidDocument, Refusal, reportIssues } from "./refusal";

/** Reads a body by its schema; every fault is told in one reply, each with its path. */
export function readBody<Schema extends z.ZodType>(schema: Schema, body: unknown): z.infer<Schema> {
  const parsed = schema.safeParse(body, { reportInput: true });
  if (parsed.success) return parsed.data;
  const issues = schemaIssues(schema, parsed.error.issues);
  const [first] = issues;
  const place =
    first === undefined || first.path.length === 0 ? "" : `At ${first.path.join(".")}: `;
  throw new Refusal(
    422,
    "request-invalid",
    first === undefined ? "It is not valid." : `${place}${sentenceOf(first, USUAL_FORMAT)}`,
    { issues: reportIssues(issues) },
  );
}

/**
 * Reads a problem file of any released version.
 *
 * @param path where it stands in the body, put before the paths of its faults
 */
export function readProblemIn(body: unknown, path: Issue["path"] = []): Problem {
  const problem = readProblem(body);
  if (problem.ok) return problem.value;
  throw invalidDocument(problem.issues.map((found) => within(path, found)));
}

/** Reads a question file of any released version, as `readProblemIn` reads a problem. */
export function readQuestionIn(body: unknown, path: Issue["path"] = []): QuestionFile {
  const question = readQuestion(body);
  if (question.ok) return question.value;
  throw invalidDocument(question.issues.map((found) => within(path, found)));
}

/**
 * Reads a body that has a problem and what is asked about it. A problem file has versions of its own, so the two are
 * read apart.
 */
export function readAboutProblem<Schema extends z.ZodType>(
  schema: Schema,
  body: unknown,
): { readonly problem: Problem; readonly asked: z.infer<Schema> } {
  const { problem: file, ...rest } = (body ?? {}) as { readonly problem?: unknown };
  const asked = readBody(schema, rest);
  return { problem: readProblemIn(file, ["problem"]), asked };
}

/** The same of a question. */
export function readAboutQuestion<Schema extends z.ZodType>(
  schema: Schema,
  body: unknown,
): { readonly question: QuestionFile; readonly asked: z.infer<Schema> } {
  const { question: file, ...rest } = (body ?? {}) as { readonly question?: unknown };
  const asked = readBody(schema, rest);
  return { question: readQuestionIn(file, ["question"]), asked };
}

/** Whether a body is about a question, and not about one problem. */
export function isAboutQuestion(body: unknown): boolean {
  return typeof body === "object" && body !== null && "question" in body;
}
