import type { ListQuery } from "@kestrelmoor/contract";
import { DRAFT_VERSION, type ProblemCard } from "@kestrelmoor/core/typing";
import { and, count, desc, eq, ilike, isNotNull, isNull, or, sql, type SQL } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems, workspaces } from "../db/schema";
import type { Workspace } from "../workspaces/store";
import type { PreparedSave } from "./prepare-save";

/** What is known of a problem beside its draft. */
export type ProblemFacts = Pick<
  typeof problems.$inferSelect,
  "id" | "workspaceId" | "version" | "title" | "createdAt" | "updatedAt" | "deletedAt"
>;

/** A problem with its draft, as the text of a JSON document. */
export type ProblemRow = ProblemFacts & { readonly draft: string };

/** A problem with its card; with its draft where it has no card of this version. */
export type ListedRow = ProblemFacts & {
  readonly card: ProblemCard | null;
  readonly draft: unknown;
};

const facts = {
  id: problems.id,
  workspaceId: problems.workspaceId,
  version: problems.version,
  title: problems.title,
  createdAt: problems.createdAt,
  updatedAt: problems.updatedAt,
  deletedAt: problems.deletedAt,
};

const whole = { ...facts, draft: sql<string>`${problems.draft}::text` };
/** A card has the lines as they were read when it was made: one of an older draft is made anew. */
const hasCard = sql`(${problems.cardVersion} = ${problems.version}
  and (${problems.card} -> 'draft' ->> 'version')::int = ${DRAFT_VERSION})`;
const listed = {
  ...facts,
  card: sql<ProblemCard | null>`case when ${hasCard} then ${problems.card} end`,
  draft: sql<unknown>`case when ${hasCard} then null else ${problems.draft} end`,
};

/**
 * Every function takes the workspace first: no query here can reach another's rows. A workspace shows the problems of
 * the demo notebook without having them: it gets a row of its own, under the same id, with the first change of one.
 */

const owned = ({ id }: Workspace): SQL => eq(problems.workspaceId, id);
const live = isNull(problems.deletedAt);
/** Those that can be restored. */
const inBin = and(isNotNull(problems.deletedAt), isNull(problems.emptiedAt));

const isDemo = sql`${problems.workspaceId} = (select id from ${workspaces} where kind = 'demo')`;

/** @param workspace `null` for a browser that has changed nothing yet: it sees the demo notebook */
export function seenBy(workspace: Workspace | null): SQL | undefined {
  if (workspace === null) return isDemo;
  if (!workspace.showsDemo) return owned(workspace);
  const isUnchanged = sql`not exists (
    select 1 from ${problems} as own where own.workspace_id = ${workspace.id} and own.id = ${problems.id}
  )`;
  return or(owned(workspace), and(isDemo, isUnchanged));
}

export async function listProblems(
  database: Database,
  workspace: Workspace | null,
  { search, page, pageSize }: ListQuery,
): Promise<{ rows: ListedRow[]; total: number }> {
  const where = and(seenBy(workspace), live, matching(search));
  const [rows, totals] = await Promise.all([
    database
      .select(listed)
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
  // The character NUL, which no text in the database has, would end the query.
  const words = search.replaceAll("\0", "");
  const pattern = `%${words.replace(/[\\%_]/g, String.raw`\$&`)}%`;
  return or(ilike(problems.title, pattern), ilike(problems.question, pattern));
}

/** How many problems somebody keeps; those in the bin do not count. */
export async function countProblems(database: Database, workspace: Workspace): Promise<number> {
  const [counted] = await database
    .select({ total: count() })
    .from(problems)
    .where(and(owned(workspace), live));
  return counted?.total ?? 0;
}

export async function readProblemRow(
  database: Database,
  workspace: Workspace | null,
  id: string,
): Promise<ProblemRow | null> {
  const [row] = await database
    .select(whole)
    .from(problems)
    .where(and(seenBy(workspace), eq(problems.id, id), live));
  return row ?? null;
}

/** What a save changes in a row. */
function saving({ draft, card }: Prepared, version: number) {
  return { title: draft.title, draft, card, version, cardVersion: version };
}

type Prepared = Pick<PreparedSave, "draft" | "card">;

export async function createProblem(
  database: Database,
  workspace: Workspace,
  prepared: Prepared,
): Promise<ProblemFacts> {
  const [row] = await database
    .insert(problems)
    .values({ workspaceId: workspace.id, ...saving(prepared, 1) })
    .returning(facts);
  if (row === undefined) throw new Error("The problem was not created");
  return row;
}

/** Saves over a version; `null` where that version is no longer the newest, or the row is not there. */
export async function saveProblem(
  database: Database,
  workspace: Workspace,
  id: string,
  version: number,
  prepared: Prepared,
): Promise<ProblemFacts | null> {
  const change = saving(prepared, version + 1);
  const [row] = await database
    .update(problems)
    .set({ ...change, updatedAt: sql`now()` })
    .where(and(owned(workspace), eq(problems.id, id), live, eq(problems.version, version)))
    .returning(facts);
  return (
    row ?? takeFromDemo(database, workspace, id, { ...change, updatedAt: new Date() }, version)
  );
}

/** @returns whether there was such a problem */
export async function binProblem(
  database: Database,
  workspace: Workspace,
  id: string,
): Promise<boolean> {
  const binned = await database
    .update(problems)
    .set({ deletedAt: sql`now()` })
    .where(and(owned(workspace), eq(problems.id, id), live))
    .returning({ id: problems.id });
  if (binned.length > 0) return true;
  return (await takeFromDemo(database, workspace, id, { deletedAt: new Date() })) !== null;
}

/**
 * Gives a workspace a row of its own for a problem of the demo notebook, changed as it says.
 *
 * @param version which the change is based on, if it is on one
 * @returns `null` where it shows no such problem in that version, or has such a row already
 */
async function takeFromDemo(
  database: Database,
  workspace: Workspace,
  id: string,
  change: Partial<typeof problems.$inferInsert>,
  version?: number,
): Promise<ProblemFacts | null> {
  const [shown] = await database
    .select()
    .from(problems)
    .where(and(seenBy(workspace), isDemo, eq(problems.id, id), live));
  if (shown === undefined) return null;
  if (version !== undefined && shown.version !== version) return null;
  const [row] = await database
    .insert(problems)
    .values({ ...shown, ...change, workspaceId: workspace.id })
    .onConflictDoNothing()
    .returning(facts);
  return row ?? null;
}

export async function restoreProblem(
  database: Database,
  workspace: Workspace,
  id: string,
): Promise<ProblemRow | null> {
  const [row] = await database
    .update(problems)
    .set({ deletedAt: null })
    .where(and(owned(workspace), eq(problems.id, id), inBin))
    .returning(whole);
  return row ?? null;
}

/** The problems in the bin, latest first. */
export async function listBin(database: Database, workspace: Workspace): Promise<ListedRow[]> {
  return database
    .select(listed)
    .from(problems)
    .where(and(owned(workspace), inBin))
    .orderBy(desc(problems.deletedAt), problems.id)
    .limit(MOST_IN_BIN);
}

/** So many are shown, and may be restored; more than anybody looks for. */
const MOST_IN_BIN = 200;

/** Empties the bin of a workspace. */
export async function emptyBin(database: Database, workspace: Workspace): Promise<void> {
  await removeFromBins(database, and(owned(workspace), inBin));
}

/**
 * Removes problems for good. Of a demo problem the row stays, without its text: it hides the one of the demo notebook.
 *
 * @param which of those that are in a bin
 */
export async function removeFromBins(database: Database, which: SQL | undefined): Promise<void> {
  const isOfDemo = sql`exists (
    select 1 from ${problems} as demo where demo.id = ${problems.id}
      and demo.workspace_id = (select id from ${workspaces} where kind = 'demo')
  )`;
  await database.transaction(async (transaction) => {
    await transaction
      .update(problems)
      .set({ emptiedAt: sql`now()`, title: "", draft: {}, card: null, cardVersion: null })
      .where(and(which, inBin, isOfDemo));
    await transaction.delete(problems).where(and(which, inBin));
  });
}
