import type { VersionedDocument } from "../documents/versioned-document";
import { readVersioned } from "../documents/versioned-document";
import { issue } from "../issues/issue";
import { fail, succeed, type Result } from "../result";
import { checkProblem } from "./check-problem";
import { LIMITS } from "./limits";
import { problemSchema, type Problem } from "./schema";
import { schemaIssues } from "./schema-issues";

export const PROBLEM_MEDIA_TYPE = "application/vnd.kestrelmoor.problem+json";
export const PROBLEM_FILE_EXTENSION = ".problem.json";

/** What the `format` of a question of several parts says. */
export const QUESTION_FORMAT = "kestrelmoor-question";

/** The problem file and its history. A new version adds its number here, one migration and one fixture. */
export const problemFile: VersionedDocument<Problem> = {
  format: "kestrelmoor-problem",
  version: 2,
  migrations: {
    // What version 2 added is left out of a file of version 1, and means there what version 1 meant.
    1: (document) => document,
  },
  validate: (document) => {
    // reportInput: a missing field can only be told from a wrong one by the value that was there.
    const parsed = problemSchema.safeParse(document, { reportInput: true });
    if (!parsed.success) return fail(...schemaIssues(problemSchema, parsed.error.issues));
    const issues = checkProblem(parsed.data);
    return issues.length > 0 ? fail(...issues) : succeed(parsed.data);
  },
};

/**
 * Reads a problem from parsed JSON of any released version.
 *
 * @returns the problem in its current version, or every issue found, each with its path
 */
export function readProblem(raw: unknown): Result<Problem> {
  const isQuestion = (raw as { readonly format?: unknown } | null)?.format === QUESTION_FORMAT;
  return isQuestion ? fail(issue("file-is-question", [], {})) : readVersioned(problemFile, raw);
}

/**
 * Reads a problem from the text of a file.
 *
 * @param text UTF-8 text, with or without a byte-order mark, up to 1 MiB
 * @returns as `readProblem`; besides `file-not-json` and `file-too-large`
 */
export function readProblemText(text: string): Result<Problem> {
  const raw = readJsonText(text);
  return raw.ok ? readProblem(raw.value) : raw;
}

/** Parses the text of a file. Fails with `file-not-json` and `file-too-large`. */
export function readJsonText(text: string): Result<unknown> {
  if (text.length > LIMITS.fileBytes) {
    return fail(issue("file-too-large", [], { limit: LIMITS.fileBytes }));
  }
  try {
    return succeed(JSON.parse(text.replace(/^\uFEFF/, "")) as unknown);
  } catch {
    return fail(issue("file-not-json", [], {}));
  }
}

/** The text of a problem file: JSON, two spaces of indent, a newline at its end. */
export function writeProblemText(problem: Problem): string {
  return `${JSON.stringify(problem, null, 2)}\n`;
}
