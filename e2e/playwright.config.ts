import { defineConfig } from "@playwright/test";
import { CHROMIUM } from "./support/chromium";

export default defineConfig({
  testDir: "specs",
  outputDir: "test-results",
  // Each worker has an application and a database of its own; a third would only wait for a core.
  workers: 2,
  fullyParallel: true,
  // A shared machine has minutes in which everything takes five times as long; no test measures time.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  // What fails once because the machine stood still is told as flaky; what fails twice is a fault.
  retries: 1,
  reporter: [["list"]],
  forbidOnly: process.env["CI"] !== undefined,
  use: {
    browserName: "chromium",
    launchOptions: CHROMIUM,
    viewport: { width: 1280, height: 800 },
    // A menu takes no click while it moves; the next attempt scrolls the page, and the menu from under the pointer.
    contextOptions: { reducedMotion: "reduce" },
    locale: "en-GB",
    timezoneId: "UTC",
    permissions: ["clipboard-read", "clipboard-write"],
    screenshot: "only-on-failure",
  },
});
