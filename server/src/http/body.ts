import { LIMITS } from "@kestrelmoor/core";
import express, { type RequestHandler } from "express";
import { Refusal } from "./refusal";

const JSON_TYPES = ["application/json", "application/*+json"];

/** A body of another kind is refused, which also keeps cross-site forms out. */
const isJson: RequestHandler = (request, _response, next) => {
  if (request.get("Content-Type") === undefined) throw noBody();
  if (request.is(JSON_TYPES) === false) {
    throw new Refusal(
      415,
      "media-type-unsupported",
      "Send the body as JSON, with Content-Type: application/json.",
    );
  }
  next();
};

const hasBody: RequestHandler = (request, _response, next) => {
  if (request.body === undefined || request.body === "") throw noBody();
  next();
};

/** For whoever reads the body of a request that has passed `isJson`. */
const isAnyKind = () => true;

/** Reads a JSON body. */
export const jsonBody: RequestHandler[] = [
  isJson,
  // A lone number or null is JSON too: the schema refuses it, with its own sentence.
  express.json({ limit: LIMITS.fileBytes, strict: false, type: isAnyKind }),
  hasBody,
];

/** Reads a JSON body and leaves it a text, for whoever parses it elsewhere. */
export const textBody: RequestHandler[] = [
  isJson,
  express.text({ limit: LIMITS.fileBytes, type: isAnyKind }),
  hasBody,
];

function noBody(): Refusal {
  return new Refusal(
    400,
    "json-unreadable",
    "The body is empty. Send one JSON object, with Content-Type: application/json.",
  );
}
