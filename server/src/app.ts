import { openApiDocument } from "@kestrelmoor/contract";
import compression from "compression";
import cookieParser from "cookie-parser";
import express, { type Express, type RequestHandler } from "express";
import type { Logger } from "pino";
import { pinoHttp } from "pino-http";
import type { Calculator } from "./calculations/calculator";
import { addCalculations } from "./calculations/routes";
import type { Connection } from "./db/database";
import { healthRoutes, readyRoutes, type Readiness } from "./health/routes";
import { errorHandler, noSuchRoute } from "./http/errors";
import { sameOriginOnly } from "./http/same-origin";
import { apiHeaders, securityHeaders } from "./http/security";
import { deskRoutes } from "./desk/routes";
import { createLimits, type LimitSizes } from "./limits/limits";
import { notebookRoutes } from "./notebook/routes";
import { problemRoutes } from "./problems/routes";
import { sharedRoutes } from "./sharing/routes";
import type { Page } from "./web/page";
import type { GuestOptions } from "./workspaces/guest";

export interface AppParts {
  readonly connection: Connection;
  readonly logger: Logger;
  readonly calculator: Calculator;
  /** The built page; left out where only the interface is served. */
  readonly page?: Page;
  readonly secureCookie: boolean;
  readonly proxies: number;
  readonly limits: LimitSizes;
  /** Left out where nothing is measured. */
  readonly measure?: RequestHandler;
  readonly readiness?: Readiness;
}

/** Builds the application from its parts. It keeps nothing in memory that matters. */
export function createApp(parts: AppParts): Express {
  const { connection, logger, calculator, proxies } = parts;
  const { database } = connection;
  const limits = createLimits(connection.pool, parts.limits);
  const guests: GuestOptions = { database, limits, secureCookie: parts.secureCookie };
  const app = express();
  app.disable("x-powered-by");
  app.set("trust proxy", proxies);
  // Versions are this application's own entity tags; a hash of the text would contradict them.
  app.set("etag", false);
  if (parts.measure !== undefined) app.use(parts.measure);
  if (parts.page !== undefined) app.use("/assets", parts.page.assets);
  // They keep nothing and need no workspace. Scripts ask for thousands, so they pass by whatever their short answers do
  // not need: a line in the log, compression, a policy for pages.
  addCalculations(app, calculator, [apiHeaders, limits.calculations, sameOriginOnly]);
  app.use("/api", apiHeaders);
  app.use(pinoHttp({ logger, serializers: { req: briefRequest, res: briefResponse } }));
  // A saved problem costs more to compress than to send; lists and files are worth it.
  app.use(compression({ threshold: "16kb" }));
  const api = express.Router();
  api.use("/health", healthRoutes(database));
  api.use("/ready", readyRoutes(database, parts.readiness ?? { isEnding: false }));
  api.use(sameOriginOnly, cookieParser(), limits.calls, limits.kept);
  api.get("/openapi.json", (_request, response) => {
    response.json(openApiDocument());
  });
  api.use("/desk", deskRoutes(guests));
  api.use("/notebook", notebookRoutes(guests, calculator));
  api.use("/shared", sharedRoutes(guests, calculator));
  api.use("/problems", problemRoutes(guests, calculator));
  api.use(noSuchRoute);
  app.use("/api", api);
  app.use(securityHeaders);
  if (parts.page !== undefined) app.use(parts.page.document);
  app.use(noSuchRoute, errorHandler(logger));
  return app;
}

/** The log says what was asked, never what was in it: no body, no query, no cookie. */
function briefRequest(request: { id: unknown; method: string; url: string }) {
  return { id: request.id, method: request.method, path: request.url.split("?")[0] };
}

function briefResponse(response: { statusCode: number }) {
  return { status: response.statusCode };
}
