import type { MergeReply } from "@kestrelmoor/contract";
import { and, eq, inArray, isNull, sql } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems } from "../db/schema";
import type { PreparedSave } from "../problems/prepare-save";
import { seenBy } from "../problems/store";
import type { Workspace } from "../workspaces/store";

/** A problem that joins a workspace. */
export interface Joining extends Pick<PreparedSave, "draft" | "card"> {
  readonly id: string;
  readonly createdAt: Date;
  readonly updatedAt: Date;
  readonly deletedAt: Date | null;
}

export type Merged = Omit<MergeReply, "unread">;

/**
 * Puts problems into a workspace. One whose text is there already is not put there again, whatever its id; if it is
 * in the bin there and not here, it is restored. The others keep their ids if they can, and with them their addresses.
 */
export async function mergeProblems(
  database: Database,
  workspace: Workspace,
  joining: readonly Joining[],
): Promise<Merged> {
  if (joining.length === 0) return { added: 0, restored: 0, same: 0 };
  return database.transaction(async (transaction) => {
    const known = await textsOf(transaction, workspace);
    const hashes = await hashesOf(transaction, joining);
    const merged = { added: 0, restored: 0, same: 0 };
    const restoring: string[] = [];
    const adding: Joining[] = [];
    joining.forEach((problem, index) => {
      const hash = hashes[index] ?? "";
      const there = known.get(hash);
      if (there === undefined) {
        merged.added += 1;
        adding.push(problem);
        known.set(hash, { id: problem.id, isInBin: problem.deletedAt !== null });
      } else if (there.isInBin && problem.deletedAt === null) {
        merged.restored += 1;
        restoring.push(there.id);
        known.set(hash, { ...there, isInBin: false });
      } else {
        merged.same += 1;
      }
    });
    if (restoring.length > 0) {
      await transaction
        .update(problems)
        .set({ deletedAt: null })
        .where(and(eq(problems.workspaceId, workspace.id), inArray(problems.id, restoring)));
    }
    await insertAll(transaction, workspace, adding);
    return merged;
  });
}

type Transaction = Parameters<Parameters<Database["transaction"]>[0]>[0];

interface Known {
  readonly id: string;
  readonly isInBin: boolean;
}

const hash = sql<string>`md5(${problems.draft}::text)`;

/** The texts that a workspace has, by their hashes; one that is not in the bin comes before the same in the bin. */
async function textsOf(database: Transaction, workspace: Workspace): Promise<Map<string, Known>> {
  const rows = await database
    .select({ id: problems.id, hash, deletedAt: problems.deletedAt })
    .from(problems)
    .where(and(seenBy(workspace), isNull(problems.emptiedAt)));
  const known = new Map<string, Known>();
  for (const row of rows) {
    const isInBin = row.deletedAt !== null;
    if (!isInBin || !known.has(row.hash)) known.set(row.hash, { id: row.id, isInBin });
  }
  return known;
}

/** By the database, which orders the keys of a document in its own way. */
async function hashesOf(database: Transaction, joining: readonly Joining[]): Promise<string[]> {
  const drafts = JSON.stringify(joining.map(({ draft }) => draft));
  const { rows } = await database.execute<{ hash: string }>(
    sql`select md5(each.draft::text) as hash
        from jsonb_array_elements(${drafts}::jsonb) with ordinality as each (draft, place)
        order by each.place`,
  );
  return rows.map((row) => row.hash);
}

async function insertAll(
  database: Transaction,
  workspace: Workspace,
  adding: readonly Joining[],
): Promise<void> {
  if (adding.length === 0) return;
  const rowOf = ({ draft, card, id, createdAt, updatedAt, deletedAt }: Joining) => ({
    ...{ id, createdAt, updatedAt, deletedAt, draft, card },
    workspaceId: workspace.id,
    title: draft.title,
    cardVersion: 1,
  });
  const made = await database
    .insert(problems)
    .values(adding.map(rowOf))
    .onConflictDoNothing()
    .returning({ id: problems.id });
  const ids = new Set(made.map(({ id }) => id));
  // Another text has the id of these: both are kept.
  const others = adding.filter(({ id }) => !ids.has(id));
  if (others.length === 0) return;
  await database
    .insert(problems)
    .values(others.map((problem) => ({ ...rowOf(problem), id: crypto.randomUUID() })));
}
