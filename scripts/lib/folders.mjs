import { dirname, join, resolve } from "node:path";
import { fileURLToPath } from "node:url";

/** The root of the checkout. */
export const ROOT = resolve(dirname(fileURLToPath(import.meta.url)), "../..");

export const inRoot = (...parts) => join(ROOT, ...parts);

/** Where the private database cluster of a purpose lives. */
export function dataFolder(purpose = "") {
  // Set to nothing is not set: the folder itself would be given to the database.
  const base = resolve(process.env.KESTRELMOOR_DATA || inRoot(".data"));
  return purpose === "" ? base : join(base, purpose);
}
