import { buildWhenChanged } from "./build.mjs";
import { ensureChromium, ensureNginx, ensurePostgres } from "./debian.mjs";
import { inRoot } from "./folders.mjs";
import { installPackages } from "./packages.mjs";
import { run } from "./run.mjs";

/**
 * Runs a set of Playwright scripts against the built application; gives their exit code.
 *
 * @param args for Playwright: which of them to run, say
 */
export async function runInBrowser(config, args = []) {
  await installPackages();
  await ensurePostgres();
  const chromium = await ensureChromium();
  const nginx = await ensureNginx();
  await buildWhenChanged();
  const cli = inRoot("node_modules/@playwright/test/cli.js");
  return run(process.execPath, [cli, "test", "--config", inRoot("e2e", config), ...args], {
    env: { ...process.env, TZ: "UTC", CHROMIUM_PATH: chromium, NGINX_PATH: nginx },
  });
}
