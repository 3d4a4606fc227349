import { create } from "zustand";
import type * as z from "zod";
import { keptInBrowser } from "./kept-in-browser";

/**
 * What one person always has: kept in this browser, and the same wherever it is shown. See `keptInBrowser` for the
 * parameters.
 */
export function ownChoice<Value>(key: string, schema: z.ZodType<Value>, usual: Value) {
  const kept = keptInBrowser(key, schema, usual);
  return create<{ readonly own: Value; readonly keep: (value: Value) => void }>((set) => ({
    own: kept.first,
    keep: (own) => {
      kept.keep(own);
      set({ own });
    },
  }));
}
