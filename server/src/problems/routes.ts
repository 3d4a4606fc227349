import { listQuery, problemId } from "@kestrelmoor/contract";
import { Router, type Request, type Response } from "express";
import { jsonBody } from "../http/body";
import { notFound, Refusal } from "../http/refusal";
import { welcome, workspaceFor, workspaceOf, type GuestOptions } from "../workspaces/guest";
import type { Workspace } from "../workspaces/store";
import { readSaveRequest } from "./read-save-request";
import { entityTag, savedProblemOf, versionIn } from "./saved-problem";
import {
  binProblem,
  countProblems,
  createProblem,
  listProblems,
  readProblemRow,
  restoreProblem,
  saveProblem,
  type ProblemRow,
} from "./store";

/** A notebook that no person fills; keeps one guest from filling the disk. */
const MOST_PROBLEMS = 2000;

export function problemRoutes(options: GuestOptions): Router {
  const { database } = options;
  const router = Router();

  router.get("/", async (request, response) => {
    const query = listQuery.safeParse(request.query);
    if (!query.success) {
      throw new Refusal(
        422,
        "request-invalid",
        "The list takes a search, a page from 1 and a pageSize from 1 to 100.",
      );
    }
    const workspace = await workspaceOf(options, request);
    const { rows, total } = await listProblems(database, workspace, query.data);
    const { page, pageSize } = query.data;
    welcome(options, request, response);
    response.json({ items: rows.map(savedProblemOf), total, page, pageSize });
  });

  router.post("/", jsonBody, async (request: Request, response: Response) => {
    const draft = readSaveRequest(request.body);
    const workspace = await workspaceFor(options, request, response);
    if ((await countProblems(database, workspace)) >= MOST_PROBLEMS) {
      throw new Refusal(
        422,
        "notebook-full",
        `The limit is ${MOST_PROBLEMS} problems in a notebook.`,
      );
    }
    const row = await createProblem(database, workspace, draft);
    response.status(201).location(`/api/problems/${row.id}`);
    answer(response, row);
  });

  router.get("/:id", async (request, response) => {
    const { workspace, id } = await addressed(options, request);
    const row = present(await readProblemRow(database, workspace, id));
    welcome(options, request, response);
    answer(response, row);
  });

  router.put("/:id", jsonBody, async (request: Request, response: Response) => {
    const draft = readSaveRequest(request.body);
    const header = request.get("If-Match");
    if (header === undefined) {
      throw new Refusal(
        428,
        "version-missing",
        "Send If-Match with the version you changed, so that nobody's work is overwritten.",
      );
    }
    const { workspace, id } = await changing(options, request, response);
    const version = versionIn(header);
    const saved =
      version === null ? null : await saveProblem(database, workspace, id, version, draft);
    if (saved === null) {
      const current = present(await readProblemRow(database, workspace, id));
      throw new Refusal(
        412,
        "saved-elsewhere",
        "This problem was saved elsewhere in the meantime. Nothing was overwritten.",
        { current: savedProblemOf(current) },
      );
    }
    answer(response, saved);
  });

  router.delete("/:id", async (request: Request, response: Response) => {
    const { workspace, id } = await changing(options, request, response);
    if (!(await binProblem(database, workspace, id))) throw notFound();
    response.status(204).end();
  });

  router.post("/:id/restore", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    if (workspace === null) throw notFound();
    const id = idIn(request);
    answer(response, present(await restoreProblem(database, workspace, id)));
  });

  return router;
}

/** What is asked for. A browser without a workspace sees the demo notebook. */
async function addressed(
  options: GuestOptions,
  request: Request,
): Promise<{ workspace: Workspace | null; id: string }> {
  const id = idIn(request);
  return { id, workspace: await workspaceOf(options, request) };
}

/** The same for a change, which makes the workspace; but not for a problem that is not there. */
async function changing(
  options: GuestOptions,
  request: Request,
  response: Response,
): Promise<{ workspace: Workspace; id: string }> {
  const { workspace, id } = await addressed(options, request);
  if (workspace !== null) return { workspace, id };
  present(await readProblemRow(options.database, null, id));
  return { workspace: await workspaceFor(options, request, response), id };
}

function idIn(request: Request): string {
  const id = problemId.safeParse(request.params["id"]);
  if (!id.success) throw notFound();
  return id.data;
}

function present(row: ProblemRow | null): ProblemRow {
  if (row === null) throw notFound();
  return row;
}

function answer(response: Response, row: ProblemRow): void {
  response.set("ETag", entityTag(row.version)).json(savedProblemOf(row));
}
