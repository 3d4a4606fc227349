import type { Request } from "express";
import { looksLikeSecret } from "./secret";

export const COOKIE_NAME = "kestrelmoor_workspace";

/** The secret that a browser has sent, or `null` where it has none or something else. */
export function secretIn(request: Request): string | null {
  const secret: unknown = (request.cookies as Record<string, unknown>)[COOKIE_NAME];
  return looksLikeSecret(secret) ? secret : null;
}
