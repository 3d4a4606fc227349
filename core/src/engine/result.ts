import type { Issue } from "./issues/issue";

/**
 * The outcome of anything that a person's input can make fail.
 * Expected failures are values; only a programmer's mistake throws.
 */
export type Result<Value> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export function succeed<Value>(value: Value): Result<Value> {
  return { ok: true, value };
}

export function fail(...issues: readonly Issue[]): { ok: false; issues: readonly Issue[] } {
  return { ok: false, issues };
}
