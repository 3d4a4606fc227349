import { defineConfig } from "@playwright/test";
import config from "./playwright.config";

/** Long tries, which print what they measure and fail if something was lost or broke. */
export default defineConfig({
  ...config,
  testDir: "soak",
  reporter: [["line"]],
  timeout: 3_600_000,
  // One at a time: a second one beside it would slow the first.
  workers: 1,
});
