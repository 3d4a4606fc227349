import { buildWhenChanged } from "./build.mjs";
import { openDatabase } from "./database.mjs";
import { ensureChromium, ensureNginx } from "./debian.mjs";
import { installPackages } from "./packages.mjs";
import { Obstacle } from "./stop-with.mjs";
import { untilTold } from "./until-told.mjs";

/** Installs and builds what is missing, and calls `test` with the environment that tests need. */
export async function withTestEnvironment(test) {
  await installPackages();
  const chromium = await ensureChromium();
  const nginx = await ensureNginx();
  await buildWhenChanged();
  const database = await openDatabase("kestrelmoor_test", "test");
  try {
    const tested = test({
      ...process.env,
      // Dates and sorting are the same everywhere.
      TZ: "UTC",
      DATABASE_URL: database.url,
      CHROMIUM_PATH: chromium,
      NGINX_PATH: nginx,
    });
    // Told to end, it must not leave its database behind.
    const told = untilTold().then(() => Promise.reject(new Obstacle("Ended before its time.")));
    await Promise.race([tested, told]);
  } finally {
    await database.stop();
  }
}
