import { defineConfig } from "@playwright/test";
import config from "./playwright.config";

/** Takes the pictures of `docs/screenshots/` from the demo notebook. */
export default defineConfig({ ...config, testDir: "pictures", reporter: [["line"]] });
