import { spawn } from "node:child_process";
import { watch } from "node:fs";
import { openDatabase } from "./lib/database.mjs";
import { inRoot } from "./lib/folders.mjs";
import { freePort } from "./lib/free-port.mjs";
import { installPackages } from "./lib/packages.mjs";
import { chosenPort } from "./lib/port.mjs";
import { run } from "./lib/run.mjs";
import { runScript } from "./lib/stop-with.mjs";
import { untilTold } from "./lib/until-told.mjs";

const VITE = inRoot("node_modules/vite/bin/vite.js");
const SERVED_FROM = ["server/src", "contract/src", "core/src", "demo/problems"];

/** Serves the page with hot reload, and the server anew whenever a source of it changes. */
await runScript(async () => {
  const told = untilTold();
  const port = await chosenPort();
  await installPackages();
  const database = await openDatabase("kestrelmoor");
  const apiPort = await freePort();
  const page = spawn(process.execPath, [VITE, "--port", String(port), "--strictPort"], {
    cwd: inRoot("web"),
    stdio: "inherit",
    env: { ...process.env, KESTRELMOOR_API: `http://127.0.0.1:${apiPort}` },
  });
  let server = null;
  const startServer = async () => {
    const code = await run(process.execPath, [VITE, "build", "--logLevel", "warn"], {
      cwd: inRoot("server"),
    });
    if (code !== 0) return;
    server?.kill("SIGTERM");
    server = spawn(process.execPath, [inRoot("scripts/serve-api.mjs")], {
      stdio: "inherit",
      env: { ...process.env, DATABASE_URL: database.url, PORT: String(apiPort) },
    });
  };
  await startServer();
  let waiting = null;
  const watchers = SERVED_FROM.map((folder) =>
    watch(inRoot(folder), { recursive: true }, () => {
      clearTimeout(waiting);
      waiting = setTimeout(startServer, 200);
    }),
  );
  await told;
  for (const watcher of watchers) watcher.close();
  page.kill("SIGTERM");
  server?.kill("SIGTERM");
  await database.stop();
});
process.exit();
