import { dirname, join, resolve } from "node:path";
import { fileURLToPath } from "node:url";

/** The root of the checkout. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), "../..");

export const inRoot = (...parts) => join(ROOT, ...parts);

/** Where the private database cluster of a purpose lives. */
export function dataFolder(purpose = "") {
  const base = resolve(process.env.KESTRELMOOR_DATA ?? inRoot(".data"));
  return purpose === "" ? base : join(base, purpose);
}
