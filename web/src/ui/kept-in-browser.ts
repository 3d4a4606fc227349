import type * as z from "zod";
import { browserStorage } from "./browser-storage";

/** Something that this browser remembers from one visit to the next. */
export interface KeptInBrowser<Value> {
  /** What was kept last; the usual where nothing was, or nothing that can still be read. */
  readonly first: Value;
  /** Gives whether the browser keeps it. */
  readonly keep: (value: Value) => boolean;
}

/**
 * @param key under which it is kept; never changed, or what people have kept is lost
 * @param schema what it has to be: an older page may have kept something else
 */
export function keptInBrowser<Value>(
  key: string,
  schema: z.ZodType<Value>,
  usual: Value,
): KeptInBrowser<Value> {
  return {
    first: stored(key, schema) ?? usual,
    keep: (value) => browserStorage.write(key, JSON.stringify(value)),
  };
}

function stored<Value>(key: string, schema: z.ZodType<Value>): Value | null {
  try {
    return schema.parse(JSON.parse(browserStorage.read(key) ?? ""));
  } catch {
    return null;
  }
}
