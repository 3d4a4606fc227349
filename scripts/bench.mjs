import { runInBrowser } from "./lib/playwright.mjs";
import { runScript } from "./lib/stop-with.mjs";

/** Measures what the product promises, and prints it. */
await runScript(async () => {
  process.exitCode = await runInBrowser("bench.config.ts");
});
