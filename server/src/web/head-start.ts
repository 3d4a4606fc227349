import { readFile } from "node:fs/promises";
import { join } from "node:path";
import * as z from "zod";

/** What the build tells of its files: which of them a source became, and what they load before they run. */
const manifestSchema = z.record(
  z.string(),
  z.object({
    file: z.string(),
    isEntry: z.boolean().optional(),
    imports: z.array(z.string()).default([]),
    css: z.array(z.string()).default([]),
  }),
);

type Manifest = z.infer<typeof manifestSchema>;

/** Which part of the page each place needs; without its row here a place is only slower to open. */
const PLACES: readonly (readonly [RegExp, string])[] = [
  [/^\/$/, "src/notebook/NotebookPage.tsx"],
  [/^\/problems\/[^/]+$/, "src/problem/ProblemPage.tsx"],
  [/^\/shared\/[^/]+$/, "src/problem/SharedPage.tsx"],
  [/^\/keep$/, "src/keeping/KeepingPage.tsx"],
  [/^\/rates$/, "src/rates/RatesPage.tsx"],
  [/^\/tables$/, "src/tables/TablesPage.tsx"],
];

/** The tags that let a browser fetch what a place needs beside the page itself, not after it has run. */
export type HeadStart = (path: string) => string;

/** @param folder of the built page; without the build's manifest nothing is fetched ahead */
export async function headStartOf(folder: string): Promise<HeadStart> {
  const text = await readFile(join(folder, ".vite/manifest.json"), "utf8").catch(() => null);
  if (text === null) return () => "";
  const manifest = manifestSchema.parse(JSON.parse(text));
  const tags = PLACES.map(([place, source]) => [place, tagsOf(manifest, source)] as const);
  return (path) => problemOf(path) + (tags.find(([place]) => place.test(path))?.[1] ?? "");
}

/** The problem itself, which its page asks for as soon as it runs. */
function problemOf(path: string): string {
  const [, id] = /^\/problems\/([0-9a-f-]{36})$/.exec(path) ?? [];
  return id === undefined
    ? ""
    : `<link rel="preload" as="fetch" crossorigin href="/api/problems/${id}">`;
}

function tagsOf(manifest: Manifest, source: string): string {
  const entries = Object.keys(manifest).filter((key) => manifest[key]?.isEntry === true);
  const already = needed(manifest, entries);
  const chunks = [...needed(manifest, [source])]
    .filter((key) => !already.has(key))
    .flatMap((key) => manifest[key] ?? []);
  const styles = new Set(chunks.flatMap(({ css }) => css));
  return [
    ...chunks.map(({ file }) => `<link rel="modulepreload" crossorigin href="/${file}">`),
    ...[...styles].map((file) => `<link rel="preload" as="style" crossorigin href="/${file}">`),
  ].join("");
}

/** Some parts and all that they load before they run. */
function needed(manifest: Manifest, keys: readonly string[], found = new Set<string>()) {
  for (const key of keys) {
    if (found.has(key)) continue;
    found.add(key);
    needed(manifest, manifest[key]?.imports ?? [], found);
  }
  return found;
}
