import { defineConfig } from "@playwright/test";
import config from "./playwright.config";

/** Measures; asserts nothing, for the machine it runs on decides how fast is fast. */
export default defineConfig({
  ...config,
  testDir: "bench",
  reporter: [["line"]],
  timeout: 180_000,
});
