import { buildWhenChanged } from "./lib/build.mjs";
import { installPackages } from "./lib/packages.mjs";
import { runScript } from "./lib/stop-with.mjs";

await runScript(async () => {
  await installPackages();
  await buildWhenChanged();
});
