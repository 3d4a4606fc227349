import {
  apiTests,
  browserTests,
  build,
  formatCheck,
  importCheck,
  lintChecks,
  styleCheck,
  typeChecks,
  unitTests,
  unusedCheck,
} from "./lib/checks.mjs";
import { checkReach } from "./lib/browser-reach.mjs";
import { runChecks } from "./lib/run-checks.mjs";
import { runScript } from "./lib/stop-with.mjs";
import { withTestEnvironment } from "./lib/test-environment.mjs";

/** Installs what is missing and runs every check. */
await runScript(async () => {
  checkReach();
  await withTestEnvironment((environment) =>
    runChecks(
      [...lintChecks(), styleCheck(), formatCheck(), ...typeChecks(), importCheck(), unusedCheck()],
      [unitTests(), apiTests(), build(), browserTests()],
      environment,
    ),
  );
});
process.exit();
