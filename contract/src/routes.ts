import type * as z from "zod";
import { appraiseReply, appraiseRequest } from "./appraise";
import { convertReply, convertRequest } from "./convert-rate";
import { deskPartRequest, deskReply } from "./desk";
import { healthReply } from "./health";
import { markReply, markRequest } from "./mark";
import {
  mergeReply,
  mergeRequest,
  notebookFile,
  notebookKeyReply,
  notebookReply,
  openNotebookRequest,
  sharedProblem,
  shareReply,
} from "./notebook";
import { problemDetails } from "./problem-details";
import { binReply, listQuery, problemList, savedProblem, saveRequest } from "./saved-problems";
import { scheduleReply, scheduleRequest } from "./schedule";
import { solveReply, solveRequest } from "./solve";
import { workingsReply, workingsRequest } from "./workings";

interface Reply {
  readonly says: string;
  readonly schema?: z.ZodType;
}

/** One call of the interface. The server's tests hold this table and its routes equal. */
export interface Route {
  readonly method: "get" | "post" | "put" | "delete";
  /** With parameters in braces, as OpenAPI writes them. */
  readonly path: string;
  readonly summary: string;
  readonly query?: z.ZodObject;
  readonly body?: z.ZodType;
  /** The call needs the version that it is based on, in `If-Match`. */
  readonly needsVersion?: true;
  readonly replies: Readonly<Record<number, Reply>>;
}

const details = (says: string): Reply => ({ says, schema: problemDetails });

const badBody = {
  400: details("The body is not JSON."),
  413: details("The body is over 1 MiB."),
  422: details("The body does not match the schema."),
};
const noDatabase = { 503: details("The database is not responding; try again.") };
const tooMany = { 429: details("Too many requests; see Retry-After.") };
const tooMuch = { 503: details("The calculation takes too long, or too many are waiting.") };
const notFound = { 404: details("No such problem in this workspace.") };

export const routes: readonly Route[] = [
  {
    method: "get",
    path: "/api/health",
    summary: "Whether the server and its database respond",
    replies: {
      200: { says: "Both respond.", schema: healthReply },
      503: { says: "The database is not responding.", schema: healthReply },
    },
  },
  {
    method: "get",
    path: "/api/ready",
    summary: "Whether this copy of the server is to be sent requests",
    replies: {
      200: { says: "It is.", schema: healthReply },
      503: { says: "It is about to end, or the database is not responding.", schema: healthReply },
    },
  },
  {
    method: "get",
    path: "/api/openapi.json",
    summary: "This document",
    replies: { 200: { says: "OpenAPI 3.1." } },
  },
  {
    method: "post",
    path: "/api/solve",
    summary: "Find the one unknown of a problem",
    body: solveRequest,
    replies: {
      200: { says: "Every solution, ascending.", schema: solveReply },
      ...badBody,
      422: details("The problem does not match the schema, or has no solution; see `code`."),
      ...tooMany,
      ...tooMuch,
    },
  },
  {
    method: "post",
    path: "/api/schedule",
    summary: "The schedule of a stream of payments, row by row",
    body: scheduleRequest,
    replies: {
      200: { says: "The schedule.", schema: scheduleReply },
      ...badBody,
      422: details("The body does not match the schema, or there is no schedule; see `code`."),
      ...tooMany,
      ...tooMuch,
    },
  },
  {
    method: "post",
    path: "/api/appraise",
    summary: "Appraise a project by its cash flows",
    body: appraiseRequest,
    replies: {
      200: { says: "All measures.", schema: appraiseReply },
      ...badBody,
      422: details("The body does not match the schema, or the calculation would take too long."),
      ...tooMany,
      ...tooMuch,
    },
  },
  {
    method: "post",
    path: "/api/rates/convert",
    summary: "Convert a rate to another quotation",
    body: convertRequest,
    replies: {
      200: { says: "The equivalent rate.", schema: convertReply },
      ...badBody,
      422: details("The body does not match the schema, or the rate is −100% per period or less."),
      ...tooMany,
      ...tooMuch,
    },
  },
  {
    method: "post",
    path: "/api/workings",
    summary: "The workings of a problem, step by step",
    body: workingsRequest,
    replies: {
      200: { says: "The steps.", schema: workingsReply },
      ...badBody,
      422: details("The body does not match the schema, or the problem has no solution."),
      ...tooMany,
      ...tooMuch,
    },
  },
  {
    method: "post",
    path: "/api/mark",
    summary: "Mark an answer: correct, or which mistake gives it",
    body: markRequest,
    replies: {
      200: { says: "The verdict.", schema: markReply },
      ...badBody,
      422: details("The body does not match the schema, or the problem has no solution."),
      ...tooMany,
      ...tooMuch,
    },
  },
  {
    method: "get",
    path: "/api/problems",
    summary: "The saved problems of the workspace, latest first",
    query: listQuery,
    replies: { 200: { says: "One page.", schema: problemList }, ...tooMany, ...noDatabase },
  },
  {
    method: "post",
    path: "/api/problems",
    summary: "Save a new problem",
    body: saveRequest,
    replies: {
      201: { says: "Saved.", schema: savedProblem },
      ...badBody,
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "get",
    path: "/api/problems/{id}",
    summary: "Read a saved problem",
    replies: { 200: { says: "The problem.", schema: savedProblem }, ...notFound, ...noDatabase },
  },
  {
    method: "put",
    path: "/api/problems/{id}",
    summary: "Save a new version of a problem, unless it was changed elsewhere",
    body: saveRequest,
    needsVersion: true,
    replies: {
      200: { says: "Saved.", schema: savedProblem },
      ...badBody,
      ...notFound,
      412: details("It was changed elsewhere in the meantime; `current` holds that version."),
      428: details("If-Match is missing."),
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "delete",
    path: "/api/problems/{id}",
    summary: "Move a problem to the bin",
    replies: { 204: { says: "Moved to the bin." }, ...notFound, ...noDatabase },
  },
  {
    method: "post",
    path: "/api/problems/{id}/restore",
    summary: "Restore a problem from the bin",
    replies: { 200: { says: "Restored.", schema: savedProblem }, ...notFound, ...noDatabase },
  },
  {
    method: "get",
    path: "/api/problems/bin",
    summary: "The deleted problems that can still be restored",
    replies: { 200: { says: "The bin.", schema: binReply }, ...tooMany, ...noDatabase },
  },
  {
    method: "delete",
    path: "/api/problems/bin",
    summary: "Empty the bin",
    replies: {
      204: { says: "Emptied: nothing of it can be restored." },
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "get",
    path: "/api/problems/{id}/share",
    summary: "Whether a copy of a problem is shared",
    replies: {
      200: { says: "Where, and since when.", schema: shareReply },
      ...notFound,
      ...noDatabase,
    },
  },
  {
    method: "post",
    path: "/api/problems/{id}/share",
    summary: "Share a copy of a problem as it is now, at the address that it has or at a new one",
    replies: {
      200: { says: "Shared.", schema: shareReply },
      ...notFound,
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "delete",
    path: "/api/problems/{id}/share",
    summary: "Take the shared copy of a problem back",
    replies: { 204: { says: "Its address leads nowhere any more." }, ...notFound, ...noDatabase },
  },
  {
    method: "get",
    path: "/api/shared/{address}",
    summary: "Read a shared copy; anybody who has its address may",
    replies: {
      200: { says: "The copy.", schema: sharedProblem },
      404: details("Nothing is shared at this address."),
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "get",
    path: "/api/notebook",
    summary: "What the workspace keeps, and how it can be opened",
    replies: { 200: { says: "The counts.", schema: notebookReply }, ...noDatabase },
  },
  {
    method: "post",
    path: "/api/notebook/key",
    summary: "Make a notebook key, which opens the workspace in another browser",
    replies: {
      200: { says: "The key. It is told this once.", schema: notebookKeyReply },
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "post",
    path: "/api/notebook/open",
    summary: "Open the workspace of a notebook key in this browser; what is kept here comes along",
    body: openNotebookRequest,
    replies: {
      200: { says: "Opened: what came along.", schema: mergeReply },
      ...badBody,
      404: details("No workspace has this key."),
      409: details("A problem of this browser cannot be read, so that nothing was opened."),
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "post",
    path: "/api/notebook/close",
    summary: "Close the workspace in this browser, which then starts anew",
    replies: { 204: { says: "Closed." }, ...noDatabase },
  },
  {
    method: "post",
    path: "/api/notebook/close-others",
    summary: "Close the workspace in all other browsers",
    replies: { 204: { says: "Closed." }, ...noDatabase },
  },
  {
    method: "get",
    path: "/api/notebook/file",
    summary: "The whole notebook as one file, with its bin",
    replies: { 200: { says: "The file.", schema: notebookFile }, ...noDatabase },
  },
  {
    method: "post",
    path: "/api/notebook/merge",
    summary: "Add the problems of a notebook file; those already in the workspace are not doubled",
    body: mergeRequest,
    replies: {
      200: { says: "What was done.", schema: mergeReply },
      ...badBody,
      ...tooMany,
      ...noDatabase,
    },
  },
  {
    method: "get",
    path: "/api/desk",
    summary: "What is typed on the pages of rates and of tables",
    replies: { 200: { says: "The parts that were changed.", schema: deskReply }, ...noDatabase },
  },
  {
    method: "put",
    path: "/api/desk/{part}",
    summary: "Keep one part of it with the workspace",
    body: deskPartRequest,
    replies: {
      204: { says: "Kept." },
      ...badBody,
      404: details("There is no such part."),
      ...tooMany,
      ...noDatabase,
    },
  },
];
