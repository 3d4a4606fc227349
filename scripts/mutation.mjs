import { inRoot } from "./lib/folders.mjs";
import { run } from "./lib/run.mjs";
import { runScript } from "./lib/stop-with.mjs";

/** Not among the packages of the project: they are wanted rarely, and are many. */
const PACKAGES = ["@stryker-mutator/core@9.6.1", "@stryker-mutator/jest-runner@9.6.1"];

/** Changes the engine in every way it can think of, and counts the changes that some test notices. */
await runScript(async () => {
  const fetched = await run("npm", ["install", "--no-save", "--no-audit", ...PACKAGES]);
  const stryker = inRoot("node_modules/@stryker-mutator/core/bin/stryker.js");
  process.exitCode = fetched === 0 ? await run(process.execPath, [stryker, "run"]) : fetched;
});
