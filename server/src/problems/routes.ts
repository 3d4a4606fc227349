import {
  listQuery,
  type BinReply,
  type ListQuery,
  type ProblemList,
  type SavedProblem,
} from "@kestrelmoor/contract";
import { Router, type Request, type Response } from "express";
import type { Calculator } from "../calculations/calculator";
import { delegate } from "../calculations/delegate";
import { textBody } from "../http/body";
import { notFound, Refusal } from "../http/refusal";
import { shareRoutes } from "../sharing/routes";
import { welcome, workspaceFor, workspaceOf, type GuestOptions } from "../workspaces/guest";
import type { Workspace } from "../workspaces/store";
import { MOST_PROBLEMS, notebookFull } from "./most-problems";
import { addressed, changing, idIn, present } from "./addressed";
import { listedProblem } from "./listed-problem";
import { entityTag, savedProblem, versionIn } from "./saved-problem";
import { sharedFor } from "./shared-for";
import {
  binProblem,
  countProblems,
  createProblem,
  emptyBin,
  listBin,
  listProblems,
  readProblemRow,
  restoreProblem,
  saveProblem,
  type ProblemRow,
} from "./store";

const A_SECOND = 1000;

export function problemRoutes(options: GuestOptions, calculator: Calculator): Router {
  const { database } = options;
  const router = Router();

  const opened = async (row: ProblemRow): Promise<SavedProblem> =>
    savedProblem(row, await delegate(calculator, "open-draft", row.draft));

  const listOf = async (workspace: Workspace | null, query: ListQuery): Promise<ProblemList> => {
    const { rows, total } = await listProblems(database, workspace, query);
    const { page, pageSize } = query;
    return { items: rows.map(listedProblem), total, page, pageSize };
  };
  // A class that comes together is shown the same by one look at the database.
  const demoList = sharedFor(A_SECOND, () => listOf(null, listQuery.parse({})));

  router.get("/bin", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    const rows = workspace === null ? [] : await listBin(database, workspace);
    welcome(options, request, response);
    response.json({ items: rows.map(listedProblem) } satisfies BinReply);
  });

  router.delete("/bin", async (request, response) => {
    const workspace = await workspaceOf(options, request);
    if (workspace !== null) await emptyBin(database, workspace);
    response.status(204).end();
  });

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
    const isFirstLook = workspace === null && Object.keys(request.query).length === 0;
    const list = await (isFirstLook ? demoList() : listOf(workspace, query.data));
    welcome(options, request, response);
    response.json(list);
  });

  router.post("/", textBody, async (request: Request, response: Response) => {
    const prepared = await delegate(calculator, "prepare-save", request.body as string);
    const workspace = await workspaceFor(options, request, response);
    if ((await countProblems(database, workspace)) >= MOST_PROBLEMS) {
      throw notebookFull();
    }
    const made = await createProblem(database, workspace, prepared);
    response.status(201).location(`/api/problems/${made.id}`);
    answer(response, savedProblem(made, prepared));
  });

  router.get("/:id", async (request, response) => {
    const { workspace, id } = await addressed(options, request);
    const row = present(await readProblemRow(database, workspace, id));
    welcome(options, request, response);
    answer(response, await opened(row));
  });

  router.put("/:id", textBody, async (request: Request, response: Response) => {
    const prepared = await delegate(calculator, "prepare-save", request.body as string);
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
      version === null ? null : await saveProblem(database, workspace, id, version, prepared);
    if (saved === null) {
      const current = present(await readProblemRow(database, workspace, id));
      throw new Refusal(
        412,
        "saved-elsewhere",
        "This problem was saved elsewhere in the meantime. Nothing was overwritten.",
        { current: await opened(current) },
      );
    }
    answer(response, savedProblem(saved, prepared));
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
    answer(response, await opened(present(await restoreProblem(database, workspace, id))));
  });

  router.use("/:id/share", shareRoutes(options));

  return router;
}

function answer(response: Response, saved: SavedProblem): void {
  response.set("ETag", entityTag(saved.version)).json(saved);
}
