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

/** Whether an error, or what caused it, says that the database cannot be reached just now. */
export function isUnavailable(error: unknown): boolean {
  for (let link = error; link instanceof Error; link = link.cause) {
    const { code } = link as { code?: unknown };
    if (typeof code === "string" && (CONNECTION_CODES.has(code) || code.startsWith("08"))) {
      return true;
    }
    if (CONNECTION_MESSAGES.test(link.message)) return true;
  }
  return false;
}
