import { runInBrowser } from "./lib/playwright.mjs";
import { runScript } from "./lib/stop-with.mjs";

/** Takes the pictures of `docs/screenshots/` anew. */
await runScript(async () => {
  process.exitCode = await runInBrowser("pictures.config.ts");
});
