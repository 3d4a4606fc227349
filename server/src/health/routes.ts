import type { HealthReply } from "@kestrelmoor/contract";
import { sql } from "drizzle-orm";
import { Router, type Response } from "express";
import type { Database } from "../db/database";

/** Whether this copy is to be sent requests. */
export interface Readiness {
  /** Set once the copy has been told to end. */
  isEnding: boolean;
}

/** Whether server and database respond. */
export function healthRoutes(database: Database): Router {
  const router = Router();
  router.get("/", async (_request, response) => {
    reply(response, await responds(database));
  });
  return router;
}

/** The same for whatever stands in front: a copy that is about to end says so before it does. */
export function readyRoutes(database: Database, readiness: Readiness): Router {
  const router = Router();
  router.get("/", async (_request, response) => {
    if (readiness.isEnding) send(response, 503, { status: "ending", database: "ok" });
    else reply(response, await responds(database));
  });
  return router;
}

function responds(database: Database): Promise<boolean> {
  return database.execute(sql`select 1`).then(
    () => true,
    () => false,
  );
}

function reply(response: Response, isWell: boolean): void {
  if (isWell) send(response, 200, { status: "ok", database: "ok" });
  else send(response, 503, { status: "degraded", database: "unavailable" });
}

function send(response: Response, status: number, body: HealthReply): void {
  response.status(status).set("Cache-Control", "no-store").json(body);
}
