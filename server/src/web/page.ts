import { readFile } from "node:fs/promises";
import { join } from "node:path";
import express, { Router } from "express";
import compressedStatic from "express-static-gzip";
import { nonceOf } from "../http/security";

/** What the build leaves in the page where each answer's nonce goes. */
const NONCE_PLACEHOLDER = "__CSP_NONCE__";

/**
 * Serves the built page: hashed files for ever, as the build has compressed them, and the one document for every address that is not a
 * file, so that a link into the application can be opened and reloaded.
 */
export async function pageRoutes(folder: string): Promise<Router> {
  const document = await readFile(join(folder, "index.html"), "utf8");
  const router = Router();
  router.use(
    "/assets",
    compressedStatic(join(folder, "assets"), {
      enableBrotli: true,
      orderPreference: ["br", "gz"],
      serveStatic: { immutable: true, maxAge: "1y", fallthrough: false },
    }),
  );
  router.use(express.static(folder, { index: false, maxAge: "1h" }));
  router.get("/{*path}", (request, response, next) => {
    if (request.path.startsWith("/api/") || request.accepts("html") === false) {
      next();
      return;
    }
    response
      .type("html")
      .set("Cache-Control", "no-store")
      .send(document.replaceAll(NONCE_PLACEHOLDER, nonceOf(response)));
  });
  return router;
}
