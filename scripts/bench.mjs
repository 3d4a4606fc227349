import { mkdirSync, rmSync } from "node:fs";
import { inRoot } from "./lib/folders.mjs";
import { writeFigures } from "./lib/figures.mjs";
import { runInBrowser } from "./lib/playwright.mjs";
import { run } from "./lib/run.mjs";
import { runScript } from "./lib/stop-with.mjs";

/** Measures what the product promises, and prints it; with `--write` README's table gets what was measured. */
await runScript(async () => {
  const args = process.argv.slice(2);
  const noted = inRoot(".cache/bench/figures.jsonl");
  mkdirSync(inRoot(".cache/bench"), { recursive: true });
  rmSync(noted, { force: true });
  process.env.KESTRELMOOR_FIGURES = noted;
  process.exitCode = await runInBrowser(
    "bench.config.ts",
    args.filter((arg) => arg !== "--write"),
  );
  if (process.exitCode !== 0 || !args.includes("--write")) return;
  writeFigures(inRoot("README.md"), noted);
  await run(process.execPath, [
    inRoot("node_modules/prettier/bin/prettier.cjs"),
    "--write",
    inRoot("README.md"),
  ]);
});
