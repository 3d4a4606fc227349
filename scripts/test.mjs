import { buildWhenChanged } from "./lib/build.mjs";
import { openDatabase } from "./lib/database.mjs";
import { ensureChromium } from "./lib/debian.mjs";
import { inRoot } from "./lib/folders.mjs";
import { installPackages } from "./lib/packages.mjs";
import { run } from "./lib/run.mjs";
import { runScript } from "./lib/stop-with.mjs";

const bin = (path) => inRoot("node_modules", path);
const node = (path, ...args) => [process.execPath, [bin(path), ...args]];

const WORKSPACES = ["core", "contract", "server", "web", "demo", "e2e"];

/** Everything that is checked, in the order in which a fault is found soonest. */
const CHECKS = [
  ["format", ...node("prettier/bin/prettier.cjs", "--check", "--log-level=warn", ".")],
  ["lint", ...node("eslint/bin/eslint.js", ".")],
  [
    "import rules",
    ...node(
      "dependency-cruiser/bin/dependency-cruise.mjs",
      "--config=.dependency-cruiser.cjs",
      ...["core", "contract", "server", "web"].map((name) => `${name}/src`),
      "demo",
      "e2e",
    ),
  ],
  ...WORKSPACES.map((name) => [`types of ${name}`, ...node("typescript/bin/tsc", "-p", name)]),
  ["unused code", ...node("knip/bin/knip.js")],
  [
    "unit tests",
    // Nothing else runs beside them, so they may have every core.
    ...node(
      "jest/bin/jest.js",
      "--maxWorkers=100%",
      ...["--selectProjects", "core", "contract", "web", "demo"],
    ),
  ],
  ["API tests", ...node("jest/bin/jest.js", "--selectProjects", "server")],
  [
    "browser tests",
    ...node("@playwright/test/cli.js", "test", "--config", inRoot("e2e/playwright.config.ts")),
  ],
];

/** Installs what is missing and runs every check; goes on after a fault, so that all are seen. */
await runScript(async () => {
  await installPackages();
  const chromium = await ensureChromium();
  await buildWhenChanged();
  const database = await openDatabase("kestrelmoor_test", "test");
  const environment = {
    ...process.env,
    // Dates and sorting are the same everywhere.
    TZ: "UTC",
    DATABASE_URL: database.url,
    CHROMIUM_PATH: chromium,
  };
  const failed = [];
  try {
    for (const [name, command, args] of CHECKS) {
      console.log(`\n— ${name}`);
      if ((await run(command, args, { env: environment })) !== 0) failed.push(name);
    }
  } finally {
    await database.stop();
  }
  const passed = CHECKS.length - failed.length;
  console.log(failed.length === 0 ? "\nEverything passed." : `\nFailed: ${failed.join(", ")}.`);
  console.log(`checks: ${passed} passed, ${failed.length} failed`);
  if (failed.length > 0) process.exitCode = 1;
});
