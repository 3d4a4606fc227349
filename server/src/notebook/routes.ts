import {
  NOTEBOOK_FILE_EXTENSION,
  NOTEBOOK_FILE_FORMAT,
  openNotebookRequest,
  unreadMergeRequest,
  type MergeReply,
  type NotebookKeyReply,
  type NotebookReply,
  type UnreadCarriedProblem,
} from "@kestrelmoor/contract";
import { readDesk, type DeskPart } from "@kestrelmoor/core/typing";
import { Router, type Request, type Response } from "express";
import type { Calculator } from "../calculations/calculator";
import { delegate } from "../calculations/delegate";
import { storable } from "../db/storable";
import { keepDeskPart, readDeskOf } from "../desk/store";
import { jsonBody } from "../http/body";
import { readBody } from "../http/read-body";
import { Refusal } from "../http/refusal";
import { countProblems } from "../problems/store";
import { MOST_PROBLEMS, notebookFull } from "../problems/most-problems";
import {
  enterWith,
  forgetBrowser,
  secretIn,
  welcome,
  workspaceFor,
  workspaceOf,
  type GuestOptions,
} from "../workspaces/guest";
import { hashOf } from "../workspaces/secret";
import type { Workspace } from "../workspaces/store";
import { mergeProblems, type Joining } from "./merge";
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

/** The notebook as a whole: its key, its file, and the browsers in which it is open. */
export function notebookRoutes(options: GuestOptions, calculator: Calculator): Router {
  const { database } = options;
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
      before === null || before.id === opened.id ? NOTHING_MERGED : await carryOver(before, opened);
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
    const joining = await Promise.all(problems.map(joiningOf));
    const workspace = await workspaceFor(options, request, response);
    const merged = await merge(workspace, joining);
    await mergeDesk(workspace, desk);
    response.json(merged satisfies MergeReply);
  });

  /** Reads a carried problem; `null` for one that cannot be read. */
  async function joiningOf(carried: UnreadCarriedProblem): Promise<Joining | null> {
    const { id, createdAt, updatedAt, deletedAt } = carried;
    try {
      const text = JSON.stringify({ draft: carried.draft });
      const { draft, card } = await delegate(calculator, "prepare-save", text);
      return {
        ...{ id, draft, card },
        createdAt: new Date(createdAt),
        updatedAt: new Date(updatedAt),
        deletedAt: deletedAt === null ? null : new Date(deletedAt),
      };
    } catch (error) {
      if (error instanceof Refusal && error.status < 500) return null;
      throw error;
    }
  }

  async function merge(
    workspace: Workspace,
    joining: readonly (Joining | null)[],
  ): Promise<MergeReply> {
    const read = joining.filter((problem) => problem !== null);
    if ((await countProblems(database, workspace)) + read.length > MOST_PROBLEMS) {
      throw notebookFull();
    }
    const merged = await mergeProblems(database, workspace, read);
    return { ...merged, unread: joining.length - read.length };
  }

  /** What is typed on a page here is not written over. */
  async function mergeDesk(
    workspace: Workspace,
    stored: Readonly<Record<string, unknown>>,
  ): Promise<void> {
    const there = await readDeskOf(database, workspace.id);
    for (const [part, content] of Object.entries(readDesk(stored))) {
      if (there[part as DeskPart] === undefined) {
        await keepDeskPart(database, workspace.id, part as DeskPart, storable(content));
      }
    }
  }

  /** What was kept in this browser before it opened another notebook comes along. */
  async function carryOver(from: Workspace, to: Workspace): Promise<MergeReply> {
    let sum = NOTHING_MERGED;
    for await (const rows of carriedRows(database, from)) {
      const joining = await Promise.all(
        rows.map((row) =>
          joiningOf({
            id: row.id,
            draft: JSON.parse(row.draft) as unknown,
            createdAt: row.createdAt.toISOString(),
            updatedAt: row.updatedAt.toISOString(),
            deletedAt: row.deletedAt?.toISOString() ?? null,
          }),
        ),
      );
      sum = added(sum, await merge(to, joining));
    }
    await mergeDesk(to, await storedDesk(database, from));
    // What cannot be read here is not thrown away with its workspace.
    if (sum.unread > 0) throw new Refusal(409, "notebook-unread", UNREAD);
    return sum;
  }

  return router;
}

const UNREAD =
  "A problem in this browser cannot be read, so it cannot come along. Save this notebook as a file first.";

const NOTHING_MERGED: MergeReply = { added: 0, restored: 0, same: 0, unread: 0 };

function added(one: MergeReply, other: MergeReply): MergeReply {
  return {
    added: one.added + other.added,
    restored: one.restored + other.restored,
    same: one.same + other.same,
    unread: one.unread + other.unread,
  };
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
