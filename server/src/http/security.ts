import { randomBytes } from "node:crypto";
import type { RequestHandler, Response } from "express";
import helmet from "helmet";

/** The nonce of this answer; the page's tags and the styles that the interface injects carry it. */
export function nonceOf(response: Response): string {
  return String(response.locals["nonce"]);
}

const giveNonce: RequestHandler = (_request, response, next) => {
  response.locals["nonce"] = randomBytes(18).toString("base64");
  next();
};

const withNonce = (_request: unknown, response: unknown): string =>
  `'nonce-${nonceOf(response as Response)}'`;

/** Headers for answers of the interface, which are no pages: constant, for calculations come by the thousand. */
export const apiHeaders: RequestHandler = (_request, response, next) => {
  response.setHeaders(API_HEADERS);
  next();
};

const API_HEADERS = new Map([
  ["Cache-Control", "no-store"],
  ["Content-Security-Policy", "default-src 'none'; frame-ancestors 'none'"],
  ["Cross-Origin-Resource-Policy", "same-origin"],
  ["Referrer-Policy", "no-referrer"],
  ["X-Content-Type-Options", "nosniff"],
]);

/** Headers for every page: nothing runs and nothing is styled but what this server sends. */
export const securityHeaders: RequestHandler[] = [
  giveNonce,
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        scriptSrc: ["'self'", withNonce],
        styleSrc: ["'self'", withNonce],
        imgSrc: ["'self'", "data:"],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // The server speaks plain http on loopback; whoever puts https in front sets this there.
    strictTransportSecurity: false,
  }),
];
