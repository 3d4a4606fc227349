import { createRequire } from "node:module";
import { startCluster } from "./cluster.mjs";
import { ensurePostgres } from "./debian.mjs";
import { dataFolder, inRoot } from "./folders.mjs";

/**
 * A server with a database for a purpose: the one that `DATABASE_URL` names, or a private cluster.
 *
 * @param {string} name the database in the private cluster; made where it is missing
 * @param {string} purpose a folder of its own for the cluster; "" is the application's
 */
export async function openDatabase(name, purpose = "") {
  const given = process.env.DATABASE_URL;
  if (given !== undefined && given !== "") return { url: given, stop: async () => {} };
  const cluster = await startCluster(await ensurePostgres(), dataFolder(purpose));
  await createDatabase(cluster.url("postgres"), name);
  return { url: cluster.url(name), stop: cluster.stop };
}

async function createDatabase(serverUrl, name) {
  // Resolved from the server workspace: these scripts themselves use nothing but Node's built-ins.
  const pg = createRequire(inRoot("server/package.json"))("pg");
  const client = new pg.Client({ connectionString: serverUrl });
  await client.connect();
  try {
    const found = await client.query("select 1 from pg_database where datname = $1", [name]);
    if (found.rowCount === 0) await client.query(`create database "${name}"`);
  } finally {
    await client.end();
  }
}
