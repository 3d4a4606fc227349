import { existsSync } from "node:fs";
import { inRoot } from "./lib/folders.mjs";
import { serve } from "./lib/serve.mjs";
import { Obstacle, runScript } from "./lib/stop-with.mjs";
import { untilTold } from "./lib/until-told.mjs";

/** Serves what is built, over the database that the environment names; installs, builds and starts nothing else. */
await runScript(async () => {
  const told = untilTold();
  if (!existsSync(inRoot("server/dist/main.js"))) {
    throw new Obstacle("Nothing is built yet. Build it first: npm ci && npm run build");
  }
  const {
    DATABASE_URL: databaseUrl,
    PORT: port = "4180",
    LOG_LEVEL: logLevel = "info",
  } = process.env;
  const server = await serve({ databaseUrl, port, logLevel });
  console.log(`Kestrelmoor is ready at port ${server.port}`);
  await told;
  await server.close();
});
process.exit();
