import type { SharedProblem, ShareReply } from "@kestrelmoor/contract";
import { Router, type Request, type Response } from "express";
import type { Calculator } from "../calculations/calculator";
import { delegate } from "../calculations/delegate";
import { notFound } from "../http/refusal";
import { addressed, changing, present } from "../problems/addressed";
import { readProblemRow } from "../problems/store";
import { welcome, type GuestOptions } from "../workspaces/guest";
import { readShare, readShared, share, unshare, type Share } from "./store";

/** Of one problem of a notebook: whether a copy of it is shown, and where. */
export function shareRoutes(options: GuestOptions): Router {
  const { database } = options;
  const router = Router({ mergeParams: true });

  router.get("/", async (request, response) => {
    const { workspace, id } = await addressed(options, request);
    const { draft } = present(await readProblemRow(database, workspace, id));
    const found = workspace === null ? null : await readShare(database, workspace, id, draft);
    welcome(options, request, response);
    response.json(replyOf(found));
  });

  router.post("/", async (request: Request, response: Response) => {
    const { workspace, id } = await changing(options, request, response);
    const { draft } = present(await readProblemRow(database, workspace, id));
    response.json(replyOf(await share(database, workspace, id, draft)));
  });

  router.delete("/", async (request, response) => {
    const { workspace, id } = await addressed(options, request);
    if (workspace !== null) await unshare(database, workspace, id);
    response.status(204).end();
  });

  return router;
}

function replyOf(found: Share | null): ShareReply {
  return { share: found === null ? null : { ...found, sharedAt: found.sharedAt.toISOString() } };
}

/** What is shown to whoever has the address. */
export function sharedRoutes(options: GuestOptions, calculator: Calculator): Router {
  const router = Router();
  router.get("/:address", async (request, response) => {
    const { address } = request.params;
    const found = /^[\w-]{22}$/.test(address) ? await readShared(options.database, address) : null;
    if (found === null)
      throw notFound("Nothing is shared at this address. It may have been taken back.");
    const { draft } = await delegate(calculator, "open-draft", found.draft);
    const { title } = draft;
    welcome(options, request, response);
    response.json({
      title,
      draft,
      sharedAt: found.sharedAt.toISOString(),
    } satisfies SharedProblem);
  });
  return router;
}
