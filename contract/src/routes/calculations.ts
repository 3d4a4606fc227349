import { appraiseReply, appraiseRequest } from "../appraise";
import { convertReply, convertRequest } from "../convert-rate";
import { markReply, markRequest } from "../mark";
import { readReply, readRequest } from "../read-question";
import { scheduleReply, scheduleRequest } from "../schedule";
import { solveReply, solveRequest } from "../solve";
import { workingsReply, workingsRequest } from "../workings";
import { badBody, details, tooMany, tooMuch } from "./replies";
import type { Route } from "./route";

/** Calculations: pure, without a workspace. */
export const calculationRoutes: readonly Route[] = [
  {
    method: "post",
    path: "/api/solve",
    summary: "Find the one unknown of a problem, or of each part of a question",
    body: solveRequest,
    replies: {
      200: {
        says: "Every solution, ascending; of a question, part by part.",
        schema: solveReply,
      },
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
    method: "post",
    path: "/api/read",
    summary: "Read the text of a question into problems",
    body: readRequest,
    replies: {
      200: { says: "What it was read as.", schema: readReply },
      ...badBody,
      422: details("The body does not match the schema."),
      ...tooMany,
      ...tooMuch,
    },
  },
];
