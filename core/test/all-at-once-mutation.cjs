/* global __dirname */
// Mutation testing runs the tests once for every change: read in one file, the engine is loaded once
// a run and not once for every file of tests.
const { readdirSync } = require("node:fs");
const { join } = require("node:path");
const { describe } = require("@jest/globals");

const SOURCE = join(__dirname, "../src");
const SKIPPED = /bad-input|^(typing|teaching\/workings|wording|engine\/problem)\//;

for (const entry of readdirSync(SOURCE, { recursive: true }).sort()) {
  if (!entry.endsWith(".test.ts") || SKIPPED.test(entry)) continue;
  describe(entry, () => {
    require(join(SOURCE, entry));
  });
}
