import type { ApiCode, IssueReport, ProblemDetails } from "@kestrelmoor/contract";
import { sentenceOf, type Issue, USUAL_FORMAT } from "@kestrelmoor/core";

/** Thrown by a route that cannot serve a request; becomes problem details. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: ApiCode | Issue["code"],
    readonly detail: string,
    readonly extra: Readonly<Record<string, unknown>> = {},
    /** After how many seconds it is worth trying again, if it is. */
    readonly retryAfter: number | null = status === 503 ? 2 : null,
  ) {
    super(detail);
  }

  toProblemDetails(): ProblemDetails {
    return {
      type: "about:blank",
      title: TITLES[this.status] ?? "Error",
      status: this.status,
      code: this.code,
      detail: this.detail,
      ...this.extra,
    };
  }
}

const TITLES: Readonly<Record<number, string>> = {
  400: "Bad Request",
  403: "Forbidden",
  404: "Not Found",
  409: "Conflict",
  412: "Precondition Failed",
  413: "Content Too Large",
  415: "Unsupported Media Type",
  422: "Unprocessable Content",
  428: "Precondition Required",
  429: "Too Many Requests",
  500: "Internal Server Error",
  503: "Service Unavailable",
};

function reportIssue(found: Issue): IssueReport {
  return { ...found, path: [...found.path], message: sentenceOf(found, USUAL_FORMAT) };
}

/** A body may have hundreds of thousands of faults; nobody reads more than these. */
const MOST_TOLD = 100;

export function reportIssues(issues: readonly Issue[]): IssueReport[] {
  return issues.slice(0, MOST_TOLD).map(reportIssue);
}

/** A document that breaks its schema: its issues are told. */
export function invalidDocument(issues: readonly Issue[]): Refusal {
  const [first] = issues;
  const others = issues.length - 1;
  const more =
    others < 1
      ? ""
      : others === 1
        ? " There is one more issue."
        : ` There are ${others} more issues.`;
  const place =
    first === undefined || first.path.length === 0 ? "" : `At ${first.path.join(".")}: `;
  const detail =
    first === undefined ? "It is not valid." : `${place}${sentenceOf(first, USUAL_FORMAT)}${more}`;
  return new Refusal(422, "problem-invalid", detail, { issues: reportIssues(issues) });
}

/** A sound problem that has no solution: the code says why. */
export function unsolvable(issues: readonly Issue[]): Refusal {
  const [first] = issues;
  if (first === undefined) throw new TypeError("What fails has an issue that says why");
  return new Refusal(422, first.code, sentenceOf(first, USUAL_FORMAT), {
    issues: reportIssues(issues),
  });
}

export function notFound(sentence = "There is no such problem in this notebook."): Refusal {
  return new Refusal(404, "not-found", sentence);
}

export function unreadable(): Refusal {
  return new Refusal(400, "json-unreadable", "The body is not JSON. Send one JSON object.");
}

/** @param advice what the caller can do about it */
export function tooMuchWork(sentence: string, advice = "Send a smaller problem."): Refusal {
  return new Refusal(503, "too-much-work", `${sentence} ${advice}`);
}
