import type { HealthReply } from "@kestrelmoor/contract";
import { sql } from "drizzle-orm";
import { Router } from "express";
import type { Database } from "../db/database";

export function healthRoutes(database: Database): Router {
  const router = Router();
  router.get("/", async (_request, response) => {
    const answers = await database.execute(sql`select 1`).then(
      () => true,
      () => false,
    );
    const reply: HealthReply = answers
      ? { status: "ok", database: "ok" }
      : { status: "degraded", database: "unavailable" };
    response
      .status(answers ? 200 : 503)
      .set("Cache-Control", "no-store")
      .json(reply);
  });
  return router;
}
