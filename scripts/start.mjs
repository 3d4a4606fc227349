import { buildWhenChanged } from "./lib/build.mjs";
import { openDatabase } from "./lib/database.mjs";
import { installPackages } from "./lib/packages.mjs";
import { chosenPort } from "./lib/port.mjs";
import { serve } from "./lib/serve.mjs";
import { runScript } from "./lib/stop-with.mjs";
import { untilTold } from "./lib/until-told.mjs";

/** Installs what is missing, builds what has changed, and serves the application until told to end. */
await runScript(async () => {
  const told = untilTold();
  const port = await chosenPort();
  await installPackages();
  await buildWhenChanged();
  const database = await openDatabase("kestrelmoor");
  try {
    const server = await serve({ databaseUrl: database.url, port });
    console.log(`Kestrelmoor is ready at http://127.0.0.1:${server.port}`);
    await told;
    await server.close();
  } finally {
    await database.stop();
  }
});
process.exit();
