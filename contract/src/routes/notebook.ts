import { deskPartRequest, deskReply } from "../desk";
import {
  mergeReply,
  mergeRequest,
  notebookFile,
  notebookKeyReply,
  notebookReply,
  openNotebookRequest,
} from "../notebook";
import { badBody, details, noDatabase, tooMany } from "./replies";
import type { Route } from "./route";

/** The notebook as a whole, and the desk beside it. */
export const notebookRoutes: readonly Route[] = [
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
