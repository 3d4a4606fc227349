import { LIMITS } from "@kestrelmoor/core";
import express, { type RequestHandler } from "express";
import { Refusal } from "./refusal";

const parseJson = express.json({
  limit: LIMITS.fileBytes,
  type: ["application/json", "application/*+json"],
});

/** Reads a JSON body; a body of another kind is refused, which also keeps cross-site forms out. */
export const jsonBody: RequestHandler[] = [
  (request, _response, next) => {
    const isJson = request.is(["application/json", "application/*+json"]);
    if (isJson === false) {
      throw new Refusal(
        415,
        "media-type-unsupported",
        "Send the body as JSON, with Content-Type: application/json.",
      );
    }
    next();
  },
  parseJson,
  (request, _response, next) => {
    if (request.body === undefined) {
      throw new Refusal(400, "json-unreadable", "The body is empty. Send one JSON object.");
    }
    next();
  },
];
