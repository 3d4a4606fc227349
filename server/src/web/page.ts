import { readFile } from "node:fs/promises";
import { join } from "node:path";
import express, { Router } from "express";
import sirv from "sirv";
import { nonceOf } from "../http/security";
import { notFound } from "../http/refusal";
import { headStartOf, type HeadStart } from "./head-start";

/** What the build leaves in the page where each answer's nonce goes. */
const NONCE_PLACEHOLDER = "__CSP_NONCE__";

const A_YEAR = 365 * 24 * 60 * 60;

/** The built page, in two parts that need different things from the rest of the application. */
export interface Page {
  /** Hashed files, at `/assets`: for ever, as the build has compressed them. Two hundred browsers ask for them at once. */
  readonly assets: Router;
  /**
   * The other files, and the one document for every address that is not a file, so that a link into the application can
   * be opened and reloaded.
   */
  readonly document: Router;
}

export async function pageRoutes(folder: string): Promise<Page> {
  const document = await readFile(join(folder, "index.html"), "utf8");
  return {
    assets: assetRoutes(join(folder, "assets")),
    document: documentRoutes(folder, document, await headStartOf(folder)),
  };
}

function assetRoutes(folder: string): Router {
  const router = Router();
  router.use((_request, response, next) => {
    response.set({
      "Cross-Origin-Resource-Policy": "same-origin",
      "X-Content-Type-Options": "nosniff",
    });
    // A newer build may take a file away between two answers. That ends this answer, and not the server.
    response.once("pipe", (file) => {
      file.once("error", () => response.destroy());
    });
    next();
  });
  router.use(
    sirv(folder, { brotli: true, gzip: true, immutable: true, maxAge: A_YEAR, etag: true }),
  );
  router.use(() => {
    throw notFound("No such file.");
  });
  return router;
}

function documentRoutes(folder: string, document: string, headStart: HeadStart): Router {
  const router = Router();
  router.use(express.static(folder, { index: false, maxAge: "1h" }));
  router.get("/{*path}", (request, response, next) => {
    if (request.path.startsWith("/api/") || request.accepts("html") === false) {
      next();
      return;
    }
    response
      .type("html")
      .set("Cache-Control", "no-store")
      .send(
        document
          .replace("</head>", `${headStart(request.path)}</head>`)
          .replaceAll(NONCE_PLACEHOLDER, nonceOf(response)),
      );
  });
  return router;
}
