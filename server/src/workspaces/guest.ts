import type { CookieOptions, Request, Response } from "express";
import type { Database } from "../db/database";
import { hashOf, looksLikeSecret, newSecret } from "./secret";
import { createGuestWorkspace, findWorkspace } from "./store";

export const COOKIE_NAME = "kestrelmoor_workspace";

/** As long as browsers keep a cookie at all; each visit renews it. */
const COOKIE_LIFE_MS = 400 * 24 * 60 * 60 * 1000;

export interface GuestOptions {
  readonly database: Database;
  readonly secureCookie: boolean;
}

/** The workspace of the browser that asks, or `null` where it has none (yet). */
export async function workspaceOf(
  { database }: GuestOptions,
  request: Request,
): Promise<string | null> {
  const secret: unknown = (request.cookies as Record<string, unknown>)[COOKIE_NAME];
  return looksLikeSecret(secret) ? findWorkspace(database, hashOf(secret)) : null;
}

/** The workspace of the browser that asks; a new browser gets one of its own. */
export async function workspaceFor(
  options: GuestOptions,
  request: Request,
  response: Response,
): Promise<string> {
  const known = await workspaceOf(options, request);
  const held: unknown = (request.cookies as Record<string, unknown>)[COOKIE_NAME];
  const secret = known !== null && typeof held === "string" ? held : newSecret();
  response.cookie(COOKIE_NAME, secret, cookieOptions(options.secureCookie));
  return known ?? createGuestWorkspace(options.database, hashOf(secret));
}

function cookieOptions(secure: boolean): CookieOptions {
  return { httpOnly: true, sameSite: "strict", secure, path: "/api", maxAge: COOKIE_LIFE_MS };
}
