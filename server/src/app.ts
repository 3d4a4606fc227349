import { openApiDocument } from "@kestrelmoor/contract";
import compression from "compression";
import cookieParser from "cookie-parser";
import express, { type Express, type Router } from "express";
import { rateLimit } from "express-rate-limit";
import type { Logger } from "pino";
import { pinoHttp } from "pino-http";
import type { Calculator } from "./calculations/calculator";
import { CALCULATIONS } from "./calculations/calculations";
import { calculationRoutes } from "./calculations/routes";
import type { Database } from "./db/database";
import { healthRoutes } from "./health/routes";
import { errorHandler, noSuchRoute, send } from "./http/errors";
import { Refusal } from "./http/refusal";
import { sameOriginOnly } from "./http/same-origin";
import { apiHeaders, securityHeaders } from "./http/security";
import { deskRoutes } from "./desk/routes";
import { problemRoutes } from "./problems/routes";

export interface AppParts {
  readonly database: Database;
  readonly logger: Logger;
  readonly calculator: Calculator;
  /** The built page; left out where only the interface is served. */
  readonly page?: Router;
  readonly secureCookie: boolean;
  readonly proxies: number;
  /** Calls a minute from one address. A lecture hall behind one address still fits. */
  readonly callsPerMinute: number;
  /** The same for calculations, which cost no database and are asked for by scripts. */
  readonly calculationsPerMinute: number;
}

/** Builds the application from its parts. It keeps nothing in memory that matters. */
export function createApp(parts: AppParts): Express {
  const { database, logger, secureCookie, proxies } = parts;
  const app = express();
  app.disable("x-powered-by");
  app.set("trust proxy", proxies);
  // Versions are this application's own entity tags; a hash of the text would contradict them.
  app.set("etag", false);
  app.use("/api", apiHeaders, calculations(parts));
  app.use(pinoHttp({ logger, serializers: { req: briefRequest, res: briefResponse } }));
  app.use(compression());
  const api = express.Router();
  api.use("/health", healthRoutes(database));
  api.use(limiter(parts.callsPerMinute), sameOriginOnly, cookieParser());
  api.get("/openapi.json", (_request, response) => {
    response.json(openApiDocument());
  });
  api.use("/desk", deskRoutes({ database, secureCookie }));
  api.use("/problems", problemRoutes({ database, secureCookie }, parts.calculator));
  api.use(noSuchRoute);
  app.use("/api", api);
  app.use(securityHeaders);
  if (parts.page !== undefined) app.use(parts.page);
  app.use(noSuchRoute, errorHandler(logger));
  return app;
}

/**
 * Calls that are pure: they keep nothing and need no workspace. Scripts ask for thousands, so they pass by
 * whatever their short answers do not need: a line in the log, compression, a policy for pages.
 */
function calculations({ calculator, calculationsPerMinute }: AppParts): Router {
  const router = express.Router();
  router.use(Object.keys(CALCULATIONS), limiter(calculationsPerMinute), sameOriginOnly);
  router.use(calculationRoutes(calculator));
  return router;
}

function limiter(limit: number) {
  return rateLimit({
    windowMs: 60_000,
    limit,
    // The newest draft names each limit by a hash, worked out anew for every answer.
    standardHeaders: "draft-6",
    legacyHeaders: false,
    handler: (_request, response) => {
      send(
        response,
        new Refusal(429, "too-many-requests", "Too many requests at once. Wait a minute."),
      );
    },
  });
}

/** The log says what was asked, never what was in it: no body, no query, no cookie. */
function briefRequest(request: { id: unknown; method: string; url: string }) {
  return { id: request.id, method: request.method, path: request.url.split("?")[0] };
}

function briefResponse(response: { statusCode: number }) {
  return { status: response.statusCode };
}
