import * as z from "zod";

/** One thing that is wrong, with where it is: a path of keys and indexes from the root of the body. */
export const issueReport = z
  .looseObject({
    code: z.string(),
    path: z.array(z.union([z.string(), z.number()])),
    message: z.string(),
  })
  .meta({ id: "Issue", description: "One fault, by its stable code, with further facts." });

/** RFC 9457. `code` is stable and for programs; `detail` is a sentence and for people. */
export const problemDetails = z
  .looseObject({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    code: z.string(),
    detail: z.string(),
    issues: z.array(issueReport).optional(),
  })
  .meta({ id: "ProblemDetails", description: "Why a request was not served (RFC 9457)." });

export type IssueReport = z.infer<typeof issueReport>;
export type ProblemDetails = z.infer<typeof problemDetails>;

export const PROBLEM_DETAILS_TYPE = "application/problem+json";

/** The codes that come from the interface itself; a problem that cannot be solved has its own code. */
export const API_CODES = [
  "json-unreadable",
  "media-type-unsupported",
  "body-too-large",
  "problem-invalid",
  "request-invalid",
  "not-found",
  "origin-refused",
  "saved-elsewhere",
  "version-missing",
  "notebook-full",
  "notebook-unread",
  "key-unreadable",
  "key-unknown",
  "too-many-requests",
  "database-unavailable",
  "too-much-work",
  "internal",
] as const;

export type ApiCode = (typeof API_CODES)[number];
