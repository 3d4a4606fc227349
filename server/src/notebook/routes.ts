import {
  NOTEBOOK_FILE_EXTENSION,
  NOTEBOOK_FILE_FORMAT,
  openNotebookRequest,
  unreadMergeRequest,
  type MergeReply,
  type NotebookKeyReply,
  type NotebookReply,
} from "@kestrelmoor/contract";
import { Router, type Request, type Response } from "express";
import type { Calculator } from "../calculations/calculator";
import { jsonBody } from "../http/body";
import { readBody } from "../http/read-body";
import { Refusal } from "../http/refusal";
import {
  enterWith,
  forgetBrowser,
  welcome,
  workspaceFor,
  workspaceOf,
  type GuestOptions,
} from "../workspaces/guest";
import { secretIn } from "../workspaces/cookie";
import { hashOf } from "../workspaces/secret";
import { hashOfKey, newNotebookKey, readNotebookKey } from "./notebook-key";
import {
  addBrowser,
  carriedRows,
  closeBrowser,
  closeOtherBrowsers,
  dropWorkspace,
  findByKey,
  notebookFacts,
  setKey,
  storedDesk,
} from "./store";
import { NOTHING_MERGED, takingIn } from "./take-in";

/** The notebook as a whole: its key, its file, and the browsers in which it is open. */
export function notebookRoutes(options: GuestOptions, calculator: Calculator): Router {
  const { database } = options;
  const takeIn = takingIn(database, calculator);
  const router = Router();

  router.get("/", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    const nothing = { problems: 0, inBin: 0, hasKey: false, otherBrowsers: 0 };
    const facts =
      workspace === null
        ? nothing
        : await notebookFacts(database, workspace, hashOf(secretIn(request) ?? ""));
    welcome(options, request, response);
    response.json(facts satisfies NotebookReply);
  });

  router.post("/key", async (request, response) => {
    const workspace = await workspaceFor(options, request, response);
    const key = newNotebookKey();
    await setKey(database, workspace, hashOfKey(key));
    response.json({ key } satisfies NotebookKeyReply);
  });

  router.post("/open", jsonBody, async (request: Request, response: Response) => {
    const read = readNotebookKey(readBody(openNotebookRequest, request.body).key);
    if ("fault" in read) throw new Refusal(422, "key-unreadable", read.fault);
    await options.limits.newWorkspace(request.ip ?? "");
    const opened = await findByKey(database, hashOfKey(read.key));
    if (opened === null) {
      throw new Refusal(
        404,
        "key-unknown",
        "No notebook has this key. It may have been replaced by a newer one.",
      );
    }
    const before = await workspaceOf(options, request);
    const carried =
      before === null || before.id === opened.id
        ? NOTHING_MERGED
        : await takeIn.notebook(before, opened);
    if (before?.id !== opened.id) {
      const secret = enterWith(options, response);
      await addBrowser(database, opened, hashOf(secret));
    }
    if (before !== null && before.id !== opened.id) await dropWorkspace(database, before);
    response.json(carried satisfies MergeReply);
  });

  router.post("/close", async (request, response) => {
    const secret = secretIn(request);
    if (secret !== null) await closeBrowser(database, hashOf(secret));
    forgetBrowser(options, response);
    response.status(204).end();
  });

  router.post("/close-others", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    const secret = secretIn(request);
    if (workspace !== null && secret !== null) {
      await closeOtherBrowsers(database, workspace, hashOf(secret));
    }
    response.status(204).end();
  });

  router.get("/file", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    const desk = workspace === null ? {} : await storedDesk(database, workspace);
    const day = new Date().toISOString().slice(0, 10);
    response.type("json").attachment(`kestrelmoor-${day}${NOTEBOOK_FILE_EXTENSION}`);
    response.write(`{"format":"${NOTEBOOK_FILE_FORMAT}","version":1,"problems":[`);
    let isFirst = true;
    if (workspace !== null) {
      for await (const rows of carriedRows(database, workspace)) {
        const text = rows.map(carriedText).join(",\n");
        if (!response.write(`${isFirst ? "" : ","}\n${text}`)) await drained(response);
        isFirst = false;
      }
    }
    response.end(`\n],"desk":${JSON.stringify(desk)}}\n`);
  });

  router.post("/merge", jsonBody, async (request: Request, response: Response) => {
    const { problems, desk } = readBody(unreadMergeRequest, request.body);
    const workspace = await workspaceFor(options, request, response);
    const merged = await takeIn.problems(workspace, problems);
    await takeIn.desk(workspace, desk);
    response.json(merged satisfies MergeReply);
  });

  return router;
}

function carriedText(row: {
  readonly id: string;
  readonly draft: string;
  readonly createdAt: Date;
  readonly updatedAt: Date;
  readonly deletedAt: Date | null;
}): string {
  const { draft, ...facts } = row;
  return `{${JSON.stringify(facts).slice(1, -1)},"draft":${draft}}`;
}

function drained(response: Response): Promise<void> {
  return new Promise((resolve) => {
    response.once("drain", resolve);
    response.once("close", resolve);
  });
}
