import { defineConfig } from "@playwright/test";
import config from "./playwright.config";

/** Measures; asserts nothing, for the machine it runs on decides how fast is fast. */
export default defineConfig({
  ...config,
  testDir: "bench",
  reporter: [["line"]],
  timeout: 300_000,
  // One at a time: a second measurement beside it would slow the first.
  workers: 1,
});
