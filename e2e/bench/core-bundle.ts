import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { brotliCompressSync, gzipSync } from "node:zlib";
import type * as Everything from "@kestrelmoor/core";
import { build, type Rolldown } from "vite";

const ROOT = join(import.meta.dirname, "../..");

export type Core = typeof Everything;

/** The engine bundled and minified by itself, without Zod, as a worker would get it. */
export async function bundleCore(): Promise<{ core: Core; gzip: number; brotli: number }> {
  const built = (await build({
    root: join(ROOT, "core"),
    configFile: false,
    logLevel: "silent",
    build: {
      write: false,
      minify: true,
      target: "es2023",
      rolldownOptions: {
        input: join(ROOT, "core/src/index.ts"),
        external: ["zod"],
        preserveEntrySignatures: "strict",
        output: { format: "es" },
      },
    },
  })) as Rolldown.RolldownOutput;
  const { code } = built.output[0];
  const folder = join(ROOT, ".cache/bench");
  mkdirSync(folder, { recursive: true });
  const file = join(folder, "core.mjs");
  writeFileSync(file, code);
  return {
    core: (await import(pathToFileURL(file).href)) as Core,
    gzip: gzipSync(code, { level: 9 }).length,
    brotli: brotliCompressSync(code).length,
  };
}
