const CONNECTION_CODES = new Set([
  "ECONNREFUSED",
  "ECONNRESET",
  "EPIPE",
  "ENOTFOUND",
  "ETIMEDOUT",
  "57P01", // admin_shutdown
  "57P02", // crash_shutdown
  "57P03", // cannot_connect_now
  "53300", // too_many_connections
]);

const CONNECTION_MESSAGES =
  /connection terminated|timeout exceeded when trying to connect|connection ended/i;

interface Link {
  readonly code?: unknown;
  readonly message?: unknown;
  readonly cause?: unknown;
}

/** Whether an error, or what caused it, says that the database cannot be reached just now. */
export function isUnavailable(error: unknown): boolean {
  for (
    let link = error as Link | null | undefined;
    link !== null && link !== undefined;
    link = link.cause as Link
  ) {
    const { code, message } = link;
    if (typeof code === "string" && (CONNECTION_CODES.has(code) || code.startsWith("08"))) {
      return true;
    }
    if (typeof message === "string" && CONNECTION_MESSAGES.test(message)) return true;
  }
  return false;
}
