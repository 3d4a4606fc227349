import { and, eq, sql } from "drizzle-orm";
import { randomBytes } from "node:crypto";
import type { Database } from "../db/database";
import { sharedProblems } from "../db/schema";
import type { Workspace } from "../workspaces/store";

export interface Share {
  readonly address: string;
  readonly sharedAt: Date;
  /** Whether the copy says what a text says, which is how the problem is now. */
  readonly isCurrent: boolean;
}

const ofProblem = ({ id }: Workspace, problemId: string) =>
  and(eq(sharedProblems.workspaceId, id), eq(sharedProblems.problemId, problemId));

/** @param draft the problem as it is now, as the text of a JSON document */
export async function readShare(
  database: Database,
  workspace: Workspace,
  problemId: string,
  draft: string,
): Promise<Share | null> {
  const [found] = await database
    .select({
      address: sharedProblems.address,
      sharedAt: sharedProblems.sharedAt,
      isCurrent: sql<boolean>`${sharedProblems.draft} = ${draft}::jsonb`,
    })
    .from(sharedProblems)
    .where(ofProblem(workspace, problemId));
  return found ?? null;
}

/** Shows a copy of a problem, at the address that it has already or at a new one: 128 random bits. */
export async function share(
  database: Database,
  workspace: Workspace,
  problemId: string,
  draft: string,
): Promise<Share> {
  const [made] = await database
    .insert(sharedProblems)
    .values({
      address: randomBytes(16).toString("base64url"),
      workspaceId: workspace.id,
      problemId,
      draft: sql`${draft}::jsonb`,
    })
    .onConflictDoUpdate({
      target: [sharedProblems.workspaceId, sharedProblems.problemId],
      set: { draft: sql`excluded.draft`, sharedAt: sql`now()` },
    })
    .returning({ address: sharedProblems.address, sharedAt: sharedProblems.sharedAt });
  if (made === undefined) throw new Error("The problem was not shared");
  return { ...made, isCurrent: true };
}

/** Takes a shared copy back: its address leads nowhere any more. */
export async function unshare(
  database: Database,
  workspace: Workspace,
  problemId: string,
): Promise<void> {
  await database.delete(sharedProblems).where(ofProblem(workspace, problemId));
}

export interface SharedRow {
  /** The text of a JSON document. */
  readonly draft: string;
  readonly sharedAt: Date;
}

export async function readShared(database: Database, address: string): Promise<SharedRow | null> {
  const [found] = await database
    .select({
      draft: sql<string>`${sharedProblems.draft}::text`,
      sharedAt: sharedProblems.sharedAt,
    })
    .from(sharedProblems)
    .where(eq(sharedProblems.address, address));
  return found ?? null;
}
