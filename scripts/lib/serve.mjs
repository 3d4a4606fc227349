import { pathToFileURL } from "node:url";
import { inRoot } from "./folders.mjs";
import { Obstacle } from "./stop-with.mjs";

/** Starts the built server in this process. */
export async function serve({ databaseUrl, port, logLevel, withPage = true }) {
  const { startServer } = await import(pathToFileURL(inRoot("server/dist/main.js")).href);
  const started = startServer(
    {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      LOG_LEVEL: logLevel ?? process.env.LOG_LEVEL ?? "warn",
    },
    {
      migrations: inRoot("server/src/db/migrations"),
      demo: inRoot("demo/problems"),
      ...(withPage ? { page: inRoot("web/dist") } : {}),
    },
  );
  // What is wrong with the environment is said without a stack.
  return started.catch((error) => {
    throw error.name === "ConfigError" ? new Obstacle(error.message) : error;
  });
}
