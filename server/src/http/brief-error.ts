const LONGEST_MESSAGE = 300;

interface Failure {
  readonly name?: unknown;
  readonly message?: unknown;
  readonly code?: unknown;
  readonly stack?: unknown;
  readonly cause?: unknown;
}

/**
 * An error as the log has it. A query that fails tells its parameters in its message, and with them what somebody typed:
 * only what caused it is told, and where it was thrown.
 */
export function briefError(error: unknown): Record<string, unknown> {
  const thrown = error as Failure | null;
  let first = thrown;
  while (first?.cause !== undefined && first.cause !== null) first = first.cause;
  const { name, message, code } = first ?? {};
  return {
    type: typeof name === "string" ? name : typeof error,
    ...(typeof code === "string" ? { code } : {}),
    message: typeof message === "string" ? message.slice(0, LONGEST_MESSAGE) : "",
    stack: placesIn(thrown?.stack),
  };
}

/** The lines of a stack that name places; the message stands before them. */
function placesIn(stack: unknown): string[] {
  if (typeof stack !== "string") return [];
  return stack
    .split("\n")
    .filter((line) => /^\s+at /.test(line))
    .map((line) => line.trim());
}
