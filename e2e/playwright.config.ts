import { defineConfig } from "@playwright/test";
import { CHROMIUM } from "./support/chromium";

export default defineConfig({
  testDir: "specs",
  outputDir: "test-results",
  // Each worker has an application and a database of its own; a third would only wait for a core.
  workers: 2,
  fullyParallel: true,
  timeout: 60_000,
  expect: { timeout: 8000 },
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
