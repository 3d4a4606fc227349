import { sql } from "drizzle-orm";
import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { migrate } from "drizzle-orm/node-postgres/migrator";
import pg from "pg";
import * as schema from "./schema";

export type Database = NodePgDatabase<typeof schema>;

export interface Connection {
  readonly database: Database;
  readonly close: () => Promise<void>;
}

/**
 * Opens a pool of connections. It opens none until the first query, and a server that has gone away
 * is tried anew by every query, so that the application recovers by itself.
 *
 * @param onIdleError told when an idle connection breaks, which would otherwise end the process
 */
export function connect(url: string, onIdleError: (error: Error) => void): Connection {
  const pool = new pg.Pool({
    connectionString: url,
    max: 10,
    connectionTimeoutMillis: 3000,
    statement_timeout: 10_000,
    idleTimeoutMillis: 30_000,
  });
  pool.on("error", onIdleError);
  return { database: drizzle(pool, { schema }), close: () => pool.end() };
}

/** Any number will do, as long as every copy of this application uses the same. */
const MIGRATION_LOCK = 20_260_131;

/** Brings the tables to the newest form. Safe to run at every start, and by several copies at once. */
export async function bringUpToDate(database: Database, folder: string): Promise<void> {
  await database.transaction(async (transaction) => {
    // Held while another connection migrates, so that a second copy waits its turn.
    await transaction.execute(sql`select pg_advisory_xact_lock(${MIGRATION_LOCK})`);
    await migrate(database, { migrationsFolder: folder });
  });
}
