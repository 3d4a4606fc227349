import type { RequestHandler } from "express";
import { Refusal } from "./refusal";

/**
 * Refuses changes that another site's page asks for. The cookie is same-site already; this holds
 * where a browser is old or two sites share a host. Programs that send no such header pass.
 */
export const sameOriginOnly: RequestHandler = (request, _response, next) => {
  const site = request.get("Sec-Fetch-Site");
  const isSafe = request.method === "GET" || request.method === "HEAD";
  if (!isSafe && (site === "cross-site" || site === "same-site")) {
    throw new Refusal(403, "origin-refused", "A page of another site cannot change a notebook.");
  }
  next();
};
