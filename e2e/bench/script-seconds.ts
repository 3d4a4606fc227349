import type { CDPSession } from "@playwright/test";

/** How long scripts have run on the page so far; its session has `Performance` enabled. */
export async function scriptSeconds(session: CDPSession): Promise<number> {
  const { metrics } = await session.send("Performance.getMetrics");
  return metrics.find(({ name }) => name === "ScriptDuration")?.value ?? Number.NaN;
}

/** Median and 95th percentile. */
export function spread(values: readonly number[]): string {
  const sorted = [...values].sort((one, other) => one - other);
  const at = (share: number) => sorted[Math.floor(share * (sorted.length - 1))] ?? Number.NaN;
  return `${at(0.5).toFixed(1)} / ${at(0.95).toFixed(1)} ms`;
}
