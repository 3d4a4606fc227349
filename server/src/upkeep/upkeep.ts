import { KEPT_DAYS } from "@kestrelmoor/contract";
import { and, eq, sql, type SQL } from "drizzle-orm";
import type { Database } from "../db/database";
import { problems, usedLimits, workspaces } from "../db/schema";
import { removeFromBins } from "../problems/store";

/** Any number will do, as long as every copy of this application uses the same, and another than for preparing. */
const UPKEEP_LOCK = 20_261_128;

/** So many workspaces at a time: nobody waits for long. */
const AT_ONCE = 200;

const olderThan = (moment: SQL | typeof workspaces.usedAt, days: number) =>
  sql`${moment} < now() - make_interval(days => ${days})`;

/**
 * Removes what is kept no longer: workspaces in which nothing was ever kept, unused ones, and what has been in the bin
 * for long. One copy at a time does it.
 *
 * @returns whether this copy did
 */
export async function tidyUp(database: Database): Promise<boolean> {
  return database.transaction(async (transaction) => {
    const { rows } = await transaction.execute<{ mine: boolean }>(
      sql`select pg_try_advisory_xact_lock(${UPKEEP_LOCK}) as mine`,
    );
    if (rows[0]?.mine !== true) return false;
    // Held while another connection does the work, each part of which is kept at once.
    await removeWorkspaces(database, olderThan(workspaces.usedAt, KEPT_DAYS.unused));
    await removeWorkspaces(
      database,
      and(olderThan(workspaces.usedAt, KEPT_DAYS.empty), keepsNothing),
    );
    await removeFromBins(database, olderThan(sql`${problems.deletedAt}`, KEPT_DAYS.bin));
    await database.delete(usedLimits).where(sql`${usedLimits.expire} < ${Date.now()}`);
    return true;
  });
}

/** A key was written down for something. */
const keepsNothing = sql`${workspaces.keyHash} is null
  and not exists (select 1 from problems where workspace_id = ${workspaces.id})
  and not exists (select 1 from desk_parts where workspace_id = ${workspaces.id})
  and not exists (select 1 from shared_problems where workspace_id = ${workspaces.id})`;

async function removeWorkspaces(database: Database, which: SQL | undefined): Promise<void> {
  for (let removed = AT_ONCE; removed === AT_ONCE;) {
    const some = database
      .select({ id: workspaces.id })
      .from(workspaces)
      .where(and(eq(workspaces.kind, "guest"), which))
      .limit(AT_ONCE);
    const gone = await database
      .delete(workspaces)
      .where(sql`${workspaces.id} in ${some}`)
      .returning({ id: workspaces.id });
    removed = gone.length;
  }
}

const EVERY_MS = 60 * 60 * 1000;

/**
 * Tidies up soon, and then every hour.
 *
 * @returns ends that
 */
export function keepTidy(database: Database, onFailure: (error: unknown) => void): () => void {
  const tidy = () => void tidyUp(database).catch(onFailure);
  const soon = setTimeout(tidy, 60_000);
  const always = setInterval(tidy, EVERY_MS);
  return () => {
    clearTimeout(soon);
    clearInterval(always);
  };
}
