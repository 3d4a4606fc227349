import { PROBLEM_DETAILS_TYPE } from "@kestrelmoor/contract";
import { LIMITS } from "@kestrelmoor/core";
import type { ErrorRequestHandler, RequestHandler, Response } from "express";
import type { Logger } from "pino";
import { isUnavailable } from "../db/is-unavailable";
import { briefError } from "./brief-error";
import { Refusal, unreadable } from "./refusal";

/** A call that no route takes. */
export const noSuchRoute: RequestHandler = (request, response) => {
  send(
    response,
    new Refusal(404, "not-found", `No resource at ${request.method} ${request.path}.`),
  );
};

/** Turns whatever a route threw into problem details, never with a stack trace. */
export function errorHandler(logger: Logger): ErrorRequestHandler {
  return (error: unknown, _request, response, next) => {
    if (response.headersSent) {
      next(error);
      return;
    }
    const refusal = refusalFor(error);
    if (refusal.status >= 500) logger.error({ error: briefError(error) }, refusal.code);
    if (refusal.retryAfter !== null) response.set("Retry-After", String(refusal.retryAfter));
    send(response, refusal);
  };
}

export function send(response: Response, refusal: Refusal): void {
  response
    .status(refusal.status)
    .type(PROBLEM_DETAILS_TYPE)
    .send(JSON.stringify(refusal.toProblemDetails()));
}

function refusalFor(error: unknown): Refusal {
  if (error instanceof Refusal) return error;
  if (isUnavailable(error)) {
    return new Refusal(
      503,
      "database-unavailable",
      "The database is not responding. Nothing is lost; try again in a moment.",
    );
  }
  return bodyRefusal(error) ?? new Refusal(500, "internal", "Something went wrong on the server.");
}

/** The faults that the body parser finds, by the type that it gives them. */
function bodyRefusal(error: unknown): Refusal | null {
  const { type, status } = error as { type?: unknown; status?: unknown };
  switch (type) {
    case "entity.parse.failed":
      return unreadable();
    case "entity.too.large":
      return new Refusal(
        413,
        "body-too-large",
        `The body is too large. The limit is ${LIMITS.fileBytes / 1024 / 1024} MiB.`,
      );
    case "charset.unsupported":
    case "encoding.unsupported":
      return new Refusal(415, "media-type-unsupported", "Send the body as UTF-8 JSON.");
    default:
      return clientFault(status);
  }
}

/** A fault that the framework has found in the request itself: a file that is not there, a broken address. */
function clientFault(status: unknown): Refusal | null {
  if (status === 404) return new Refusal(404, "not-found", "No such file.");
  return typeof status === "number" && status >= 400 && status < 500
    ? new Refusal(
        400,
        "request-invalid",
        "The request cannot be read. Check its address and headers.",
      )
    : null;
}
