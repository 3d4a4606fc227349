import type { ListQuery } from "@kestrelmoor/contract";
import type { Draft } from "@kestrelmoor/core/typing";
import { and, count, desc, eq, ilike, isNotNull, isNull, or, sql, type SQL } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems } from "../db/schema";

export type ProblemRow = typeof problems.$inferSelect;

/** Every function takes the workspace first: no query here can reach another's rows. */

const owned = (workspaceId: string): SQL => eq(problems.workspaceId, workspaceId);
const live = isNull(problems.deletedAt);

export async function listProblems(
  database: Database,
  workspaceId: string,
  { search, page, pageSize }: ListQuery,
): Promise<{ rows: ProblemRow[]; total: number }> {
  const where = and(owned(workspaceId), live, matching(search));
  const [rows, totals] = await Promise.all([
    database
      .select()
      .from(problems)
      .where(where)
      .orderBy(desc(problems.updatedAt), problems.id)
      .limit(pageSize)
      .offset((page - 1) * pageSize),
    database.select({ total: count() }).from(problems).where(where),
  ]);
  return { rows, total: totals[0]?.total ?? 0 };
}

/** The words of a search stand for themselves, also where they look like a pattern. */
function matching(search: string): SQL | undefined {
  if (search === "") return undefined;
  const pattern = `%${search.replace(/[\\%_]/g, String.raw`\$&`)}%`;
  return or(ilike(problems.title, pattern), ilike(sql`${problems.draft} ->> 'question'`, pattern));
}

export async function countProblems(database: Database, workspaceId: string): Promise<number> {
  const [counted] = await database
    .select({ total: count() })
    .from(problems)
    .where(owned(workspaceId));
  return counted?.total ?? 0;
}

export async function readProblemRow(
  database: Database,
  workspaceId: string,
  id: string,
): Promise<ProblemRow | null> {
  const [row] = await database
    .select()
    .from(problems)
    .where(and(owned(workspaceId), eq(problems.id, id), live));
  return row ?? null;
}

export async function createProblem(
  database: Database,
  workspaceId: string,
  draft: Draft,
): Promise<ProblemRow> {
  const [row] = await database
    .insert(problems)
    .values({ workspaceId, title: draft.title, draft })
    .returning();
  if (row === undefined) throw new Error("The problem was not created");
  return row;
}

/** Saves over a version; `null` where that version is no longer the newest, or the row is not there. */
export async function saveProblem(
  database: Database,
  workspaceId: string,
  id: string,
  version: number,
  draft: Draft,
): Promise<ProblemRow | null> {
  const [row] = await database
    .update(problems)
    .set({ title: draft.title, draft, version: version + 1, updatedAt: sql`now()` })
    .where(and(owned(workspaceId), eq(problems.id, id), live, eq(problems.version, version)))
    .returning();
  return row ?? null;
}

export async function binProblem(
  database: Database,
  workspaceId: string,
  id: string,
): Promise<boolean> {
  const binned = await database
    .update(problems)
    .set({ deletedAt: sql`now()` })
    .where(and(owned(workspaceId), eq(problems.id, id), live))
    .returning({ id: problems.id });
  return binned.length > 0;
}

export async function restoreProblem(
  database: Database,
  workspaceId: string,
  id: string,
): Promise<ProblemRow | null> {
  const [row] = await database
    .update(problems)
    .set({ deletedAt: null })
    .where(and(owned(workspaceId), eq(problems.id, id), isNotNull(problems.deletedAt)))
    .returning();
  return row ?? null;
}
