import { readPeriod } from "../../input/read-period";
import { yearsOf } from "../../../engine/time/duration";
import type { FlowLine } from "../draft";

/** What is paid less often than once a year still earns interest every year. */
const LONGEST = "P1Y";

/** How often money is paid, ISO 8601, each interval once: by repeated payments, or else by lists of amounts. */
export function paymentPeriods(flows: readonly FlowLine[]): string[] {
  const of = (kind: "stream" | "list") =>
    flows.flatMap((line) =>
      line.kind === kind ? (periodOf(line.every) ?? []) : keptPeriod(line, kind),
    );
  const streams = of("stream");
  return [...new Set(streams.length > 0 ? streams : of("list"))];
}

/** How often interest is compounded while nobody says so: as money is paid; for lump sums every year. */
export function usualCompounding(flows: readonly FlowLine[]): string {
  const [first] = paymentPeriods(flows);
  return first ?? LONGEST;
}

function keptPeriod(line: FlowLine, kind: "stream" | "list"): string[] {
  return line.kind === "kept" && line.flow.kind === kind ? [noLonger(line.flow.every)] : [];
}

function periodOf(every: string): string | null {
  const read = readPeriod(every);
  return read.ok ? noLonger(read.value) : null;
}

function noLonger(period: string): string {
  return yearsOf(period) > yearsOf(LONGEST) ? LONGEST : period;
}
