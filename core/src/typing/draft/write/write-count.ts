import type { Count } from "../../input/read-count";
import { formatExact } from "../../../wording/format-number";

/** A number of payments as somebody would have typed it; `?` for the unknown. */
export function writeCount(count: Count | null): string {
  if (count === null) return "?";
  if (count === "forever") return "for ever";
  return `${formatExact(count)} payment${count === 1 ? "" : "s"}`;
}
