import { sharedProblem, shareReply } from "../notebook";
import { binReply, listQuery, problemList, savedProblem, saveRequest } from "../saved-problems";
import { badBody, details, notFound, noDatabase, tooMany } from "./replies";
import type { Route } from "./route";

/** The problems of a workspace, and those that are shared. */
export const problemRoutes: readonly Route[] = [
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
];
