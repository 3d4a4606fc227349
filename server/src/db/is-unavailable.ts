const CONNECTION_CODES = new Set([
  "ECONNREFUSED",
  "ECONNRESET",
  "EPIPE",
  "ENOTFOUND",
  "ETIMEDOUT",
  "57014", // query_canceled: it took too long
  "57P01", // admin_shutdown
  "57P02", // crash_shutdown
  "57P03", // cannot_connect_now
]);

/** Classes of SQLSTATE: a broken connection, and a server that has no room left, on its disk or for connections. */
const CLASSES = ["08", "53"];

const CONNECTION_MESSAGES =
  /connection terminated|timeout exceeded when trying to connect|connection ended|query read timeout/i;

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
    if (
      typeof code === "string" &&
      (CONNECTION_CODES.has(code) || CLASSES.includes(code.slice(0, 2)))
    ) {
      return true;
    }
    if (typeof message === "string" && CONNECTION_MESSAGES.test(message)) return true;
  }
  return false;
}
