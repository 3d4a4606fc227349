import { runInBrowser } from "./lib/playwright.mjs";
import { runScript } from "./lib/stop-with.mjs";

/** Tries for long what `npm test` tries for a moment: kills, hostile requests, a class of three hundred. */
await runScript(async () => {
  process.exitCode = await runInBrowser("soak.config.ts", process.argv.slice(2));
});
