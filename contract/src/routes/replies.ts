import { problemDetails } from "../problem-details";
import type { Reply } from "./route";

/** What many calls have in common. */

export const details = (says: string): Reply => ({ says, schema: problemDetails });

export const badBody = {
  400: details("The body is not JSON."),
  413: details("The body is over 1 MiB."),
  422: details("The body does not match the schema."),
};
export const noDatabase = { 503: details("The database is not responding; try again.") };
export const tooMany = { 429: details("Too many requests; see Retry-After.") };
export const tooMuch = { 503: details("The calculation takes too long, or too many are waiting.") };
export const notFound = { 404: details("No such problem in this workspace.") };
