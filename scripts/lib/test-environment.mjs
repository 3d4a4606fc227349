import { buildWhenChanged } from "./build.mjs";
import { openDatabase } from "./database.mjs";
import { ensureChromium, ensureNginx } from "./debian.mjs";
import { installPackages } from "./packages.mjs";

/** Installs and builds what is missing, and calls `test` with the environment that tests need. */
export async function withTestEnvironment(test) {
  await installPackages();
  const chromium = await ensureChromium();
  const nginx = await ensureNginx();
  await buildWhenChanged();
  const database = await openDatabase("kestrelmoor_test", "test");
  try {
    await test({
      ...process.env,
      // Dates and sorting are the same everywhere.
      TZ: "UTC",
      DATABASE_URL: database.url,
      CHROMIUM_PATH: chromium,
      NGINX_PATH: nginx,
    });
  } finally {
    await database.stop();
  }
}
