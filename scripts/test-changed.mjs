import { existsSync } from "node:fs";
import { checkReach, specsReachedBy } from "./lib/browser-reach.mjs";
import { changedSince } from "./lib/changes.mjs";
import {
  apiTests,
  browserTests,
  build,
  formatCheck,
  importCheck,
  lintCheck,
  styleCheck,
  typeChecks,
  unitTests,
  unusedCheck,
} from "./lib/checks.mjs";
import { inRoot } from "./lib/folders.mjs";
import { runChecks } from "./lib/run-checks.mjs";
import { runScript } from "./lib/stop-with.mjs";
import { withTestEnvironment } from "./lib/test-environment.mjs";
import { workspacesReachedBy } from "./lib/workspaces.mjs";

/** Runs what the changes since a commit can reach; without a commit, since the branch left `main`. */
await runScript(async () => {
  checkReach();
  const changed = changedSince(process.argv[2] ?? "main");
  const files = changed.filter((file) => existsSync(inRoot(file)));
  if (changed.length === 0) return console.log("Nothing has changed.");
  const code = files.filter((file) => /\.([cm]?[jt]s|tsx)$/.test(file));
  const styles = files.filter((file) => file.endsWith(".css"));
  const specs = specsReachedBy(changed);
  console.log(`Changed: ${changed.length} files. Browser tests: ${specs.join(", ") || "none"}.`);
  const reached = workspacesReachedBy(changed);
  const sources = [
    ...(code.length > 0 ? [lintCheck(code)] : []),
    ...(styles.length > 0 ? [styleCheck(styles)] : []),
    ...(files.length > 0 ? [formatCheck(files)] : []),
    ...typeChecks(reached),
    ...(reached.length > 0 ? [importCheck(), unusedCheck()] : []),
  ];
  const tests = [
    ...(files.length > 0 ? [unitTests(files), apiTests(files)] : []),
    ...(specs.length > 0 ? [build(), browserTests(specs)] : []),
  ];
  await withTestEnvironment((environment) => runChecks(sources, tests, environment));
});
process.exit();
