import { LIMITS } from "@kestrelmoor/core";
import express, { type RequestHandler } from "express";
import { Refusal } from "./refusal";

const parseJson = express.json({
  limit: LIMITS.fileBytes,
  // A lone number or null is JSON too: the schema refuses it, with its own sentence.
  strict: false,
  type: ["application/json", "application/*+json"],
});

/** Reads a JSON body; a body of another kind is refused, which also keeps cross-site forms out. */
export const jsonBody: RequestHandler[] = [
  (request, _response, next) => {
    if (request.get("Content-Type") === undefined) throw noBody();
    if (request.is(["application/json", "application/*+json"]) === false) {
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
    if (request.body === undefined) throw noBody();
    next();
  },
];

function noBody(): Refusal {
  return new Refusal(
    400,
    "json-unreadable",
    "The body is empty. Send one JSON object, with Content-Type: application/json.",
  );
}
