import type { CookieOptions, Request, Response } from "express";
import type { Database } from "../db/database";
import type { Limits } from "../limits/limits";
import { COOKIE_NAME, secretIn } from "./cookie";
import { hashOf, newSecret } from "./secret";
import { findWorkspace, makeGuestWorkspace, type Workspace } from "./store";

/** As long as browsers keep a cookie at all; each visit renews it. */
const COOKIE_LIFE_MS = 400 * 24 * 60 * 60 * 1000;

export interface GuestOptions {
  readonly database: Database;
  readonly limits: Pick<Limits, "newWorkspace">;
  readonly secureCookie: boolean;
}

/** The workspace of the browser that asks, or `null` where it has none (yet). */
export async function workspaceOf(
  { database }: GuestOptions,
  request: Request,
): Promise<Workspace | null> {
  const secret = secretIn(request);
  return secret === null ? null : findWorkspace(database, hashOf(secret));
}

/**
 * Gives a browser without a secret one, and renews it for the others. Nothing is written: all windows of the browser
 * have the same before the first change, which makes the workspace. A page of another site and an address that is gone
 * to get none: what they are answered must never take the place of a cookie that the browser has and did not send.
 */
export function welcome(options: GuestOptions, request: Request, response: Response): void {
  const site = request.get("Sec-Fetch-Site");
  const isOwnPage = site === undefined || site === "same-origin";
  if (isOwnPage && request.get("Sec-Fetch-Mode") !== "navigate") {
    giveCookie(options, response, secretIn(request) ?? newSecret());
  }
}

/** The workspace of the browser that changes something; it is made at the first change. */
export async function workspaceFor(
  options: GuestOptions,
  request: Request,
  response: Response,
): Promise<Workspace> {
  const secret = secretIn(request) ?? newSecret();
  giveCookie(options, response, secret);
  const hash = hashOf(secret);
  const found = await findWorkspace(options.database, hash);
  if (found !== null) return found;
  await options.limits.newWorkspace(request.ip ?? "");
  return makeGuestWorkspace(options.database, hash);
}

/** Gives a browser a new secret, for a workspace that is there already. */
export function enterWith(options: GuestOptions, response: Response): string {
  const secret = newSecret();
  giveCookie(options, response, secret);
  return secret;
}

/** Takes the secret from a browser: it starts anew, as a guest. */
export function forgetBrowser({ secureCookie }: GuestOptions, response: Response): void {
  response.cookie(COOKIE_NAME, "", { ...cookieOptions(secureCookie), maxAge: 0 });
}

function giveCookie({ secureCookie }: GuestOptions, response: Response, secret: string): void {
  response.cookie(COOKIE_NAME, secret, cookieOptions(secureCookie));
}

/** Lax: a link from another site opens the reader's own notebook. Changes from elsewhere are refused anyway. */
function cookieOptions(secure: boolean): CookieOptions {
  return { httpOnly: true, sameSite: "lax", secure, path: "/api", maxAge: COOKIE_LIFE_MS };
}
