import { problemId } from "@kestrelmoor/contract";
import type { Request, Response } from "express";
import { notFound } from "../http/refusal";
import { workspaceFor, workspaceOf, type GuestOptions } from "../workspaces/guest";
import type { Workspace } from "../workspaces/store";
import { readProblemRow } from "./store";

/** What is asked for. A browser without a workspace sees the demo notebook. */
export async function addressed(
  options: GuestOptions,
  request: Request,
): Promise<{ workspace: Workspace | null; id: string }> {
  const id = idIn(request);
  return { id, workspace: await workspaceOf(options, request) };
}

/** The same for a change, which makes the workspace; but not for a problem that is not there. */
export async function changing(
  options: GuestOptions,
  request: Request,
  response: Response,
): Promise<{ workspace: Workspace; id: string }> {
  const { workspace, id } = await addressed(options, request);
  if (workspace !== null) return { workspace, id };
  present(await readProblemRow(options.database, null, id));
  return { workspace: await workspaceFor(options, request, response), id };
}

export function idIn(request: Request): string {
  const id = problemId.safeParse(request.params["id"]);
  if (!id.success) throw notFound();
  return id.data;
}

export function present<Row>(row: Row | null): Row {
  if (row === null) throw notFound();
  return row;
}
