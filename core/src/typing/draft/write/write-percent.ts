import type { Rate } from "../../../engine/problem/schema";
import { formatExact } from "../../../wording/format-number";

/** A percent as somebody would have typed it; `?` for the unknown. */
export function writePercent(percent: Rate["percent"], index: number): string {
  if (percent === null) return "?";
  if (typeof percent === "number") return `${formatExact(percent)}%`;
  const { plus, of } = percent;
  const other = of === index - 1 ? "before" : `rate ${of + 1}`;
  if (plus === 0) return `same as ${other}`;
  return plus > 0
    ? `${formatExact(plus)} more than ${other}`
    : `${formatExact(-plus)} less than ${other}`;
}
