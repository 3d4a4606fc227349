import { sql } from "drizzle-orm";
import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { migrate } from "drizzle-orm/node-postgres/migrator";
import pg from "pg";
import * as schema from "./schema";

export type Database = NodePgDatabase<typeof schema>;

export interface Connection {
  readonly database: Database;
  readonly pool: pg.Pool;
  readonly close: () => Promise<void>;
}

/** How long a query may take, in milliseconds. */
export const PATIENCE = { answering: 4500, preparing: 300_000 } as const;

/**
 * Opens a pool of connections. It opens none until the first query, and a server that has gone away
 * is tried anew by every query, so that the application recovers by itself.
 *
 * @param onIdleError told when an idle connection breaks, which would otherwise end the process
 * @param patience how long one query may take, in milliseconds
 */
export function connect(
  url: string,
  onIdleError: (error: Error) => void,
  patience: number = PATIENCE.answering,
): Connection {
  const pool = new pg.Pool({
    connectionString: url,
    max: 10,
    connectionTimeoutMillis: 3000,
    statement_timeout: patience - 500,
    // A database that is frozen answers nothing, not even that a statement took too long.
    query_timeout: patience,
    idleTimeoutMillis: 30_000,
  });
  pool.on("error", onIdleError);
  return { pool, database: drizzle(pool, { schema }), close: () => pool.end() };
}

/** Any number will do, as long as every copy of this application uses the same. */
const PREPARING_LOCK = 20_260_131;

/**
 * Brings the tables to the newest form, and loads what comes with them. Safe at every start, and for several copies at
 * once: one does it while the others wait.
 *
 * @param database of a connection with patience
 */
export async function prepare(
  database: Database,
  migrationsFolder: string,
  load: () => Promise<unknown>,
): Promise<void> {
  await database.transaction(async (transaction) => {
    // Held while other connections of this copy do the work.
    await transaction.execute(sql`select pg_advisory_xact_lock(${PREPARING_LOCK})`);
    await migrate(database, { migrationsFolder });
    await load();
  });
}
