import { mkdirSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { brotliCompressSync, gzipSync } from "node:zlib";
import type * as Engine from "@kestrelmoor/core/engine";
import type * as Question from "@kestrelmoor/core/question";
import type * as Teaching from "@kestrelmoor/core/teaching";
import { build, type Rolldown } from "vite";
import type * as SaidBack from "../../core/test/said-back";

const ROOT = join(import.meta.dirname, "../..");

export type Core = typeof Engine;

interface Bundle<Exports> {
  readonly core: Exports;
  readonly gzip: number;
  readonly brotli: number;
}

/** The engine bundled and minified by itself, without Zod, as a worker would get it. */
export function bundleCore(): Promise<Bundle<Core>> {
  return bundle("engine/index");
}

/** What teaches, with the parts of the engine that it stands on. */
export function bundleTeaching(): Promise<Bundle<typeof Teaching>> {
  return bundle("teaching/index");
}

/** What reads the text of a question. */
export function bundleQuestion(): Promise<Bundle<typeof Question>> {
  return bundle("question/index");
}

/** What tells random problems in words, and reads them back. */
export function bundleSaying(): Promise<Bundle<typeof SaidBack>> {
  return bundle("../test/said-back");
}

async function bundle<Exports>(entry: string): Promise<Bundle<Exports>> {
  const built = (await build({
    root: join(ROOT, "core"),
    configFile: false,
    logLevel: "silent",
    build: {
      write: false,
      minify: true,
      target: "es2023",
      rolldownOptions: {
        input: join(ROOT, `core/src/${entry}.ts`),
        external: ["zod"],
        preserveEntrySignatures: "strict",
        output: { format: "es" },
      },
    },
  })) as Rolldown.RolldownOutput;
  const { code } = built.output[0];
  const folder = join(ROOT, ".cache/bench");
  mkdirSync(folder, { recursive: true });
  const file = join(folder, `${entry.replaceAll(/[./]+/g, "-")}.mjs`);
  writeFileSync(file, code);
  return {
    core: (await import(pathToFileURL(file).href)) as Exports,
    gzip: gzipSync(code, { level: 9 }).length,
    brotli: brotliCompressSync(code).length,
  };
}
