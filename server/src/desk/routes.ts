import { deskPartName, type DeskReply } from "@kestrelmoor/contract";
import { deskSchema } from "@kestrelmoor/core/typing";
import { Router, type Request, type Response } from "express";
import { storable } from "../db/storable";
import { jsonBody } from "../http/body";
import { readBody } from "../http/read-body";
import { notFound } from "../http/refusal";
import { welcome, workspaceFor, workspaceOf, type GuestOptions } from "../workspaces/guest";
import { keepDeskPart, readDeskOf } from "./store";

/** What is typed on the pages of rates and of tables, kept with the notebook. */
export function deskRoutes(options: GuestOptions): Router {
  const { database } = options;
  const router = Router();

  router.get("/", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    const parts = workspace === null ? {} : await readDeskOf(database, workspace.id);
    welcome(options, request, response);
    response.json({ parts } satisfies DeskReply);
  });

  router.put("/:part", jsonBody, async (request: Request, response: Response) => {
    const part = deskPartName.safeParse(request.params["part"]);
    if (!part.success) throw notFound("There is no such part.");
    const content = storable(readBody(deskSchema.shape[part.data], request.body));
    const workspace = await workspaceFor(options, request, response);
    await keepDeskPart(database, workspace.id, part.data, content);
    response.status(204).end();
  });

  return router;
}
