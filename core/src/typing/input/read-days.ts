import { withDigits } from "../../engine/numbers/with-digits";
import type { Result } from "../../engine/result";
import { readTime } from "./read-time";

/** A number of days, bare or as a time: `90`, `90 days`, `3 months`. */
export function readDays(typed: string): Result<number> {
  const text = typed.trim();
  const time = readTime(/^[\d.,\s]+$/.test(text) ? `${text} days` : text);
  return time.ok ? { ok: true, value: withDigits(time.value.years * 365, 13) } : time;
}
