import { RefusedError } from "./request";

/** Why an answer is waited for that will be asked for again by itself. */
export function troubleWords(error: unknown): string {
  if (!(error instanceof RefusedError)) return "Cannot reach the server.";
  return error.status === 429 ? "Many requests at once." : "The server is busy.";
}
