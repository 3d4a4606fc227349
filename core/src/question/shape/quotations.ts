import type { Rate } from "../../engine/problem/schema";
import type { Quotation } from "../../engine/rates/quotation";
import type { Quoting } from "../facts/quoting";
import type { PercentFact } from "../facts/rates";
import type { Assumption, Choices, Use } from "./shape";

/** A rate with its figure, on its own. */
export type QuotedRate = Quotation & { readonly percent: number };

export interface RateRead {
  readonly rate: Rate;
  readonly uses: readonly Use[];
  readonly assumptions: readonly Assumption[];
}

/**
 * The quotation that the words make. A yearly rate without a word on compounding is taken as compounded with the
 * payments, or once a year where there are none; a bare percentage beside payments may be for their period.
 *
 * @param every how often money is paid, which an open quotation follows; `null` without payments
 */
export function quotationOf(
  quoting: Quoting,
  percent: number | null,
  every: string | null,
  choices: Choices,
): { quotation: Quotation; assumptions: readonly Assumption[] } {
  const said = saidQuotation(quoting);
  if (said !== null) return { quotation: said, assumptions: [] };
  if (quoting.as === "nominal") {
    const usual = every ?? "P1Y";
    return choice(choices, [`nominal ${usual}`, "effective"]);
  }
  const isYearly = quoting.per === "P1Y";
  const bare = [`nominal ${every ?? ""}`, "effective", `periodic ${every ?? ""}`];
  if (every === null || every === "P1Y")
    return choice(choices, isYearly || every !== null ? ["effective"] : ["effective", "simple"]);
  if (isYearly) return choice(choices, bare.slice(0, 2));
  // So low a figure beside payments is rather that of their period.
  return choice(choices, percent !== null && percent < 2.5 ? [...bare].reverse() : bare);
}

/** The first is taken unless another has been chosen. */
function choice(
  choices: Choices,
  readings: readonly string[],
): { quotation: Quotation; assumptions: readonly Assumption[] } {
  const [usual = "effective"] = readings;
  const chosen = choices.compounding;
  const taken = chosen !== undefined && readings.includes(chosen) ? chosen : usual;
  const [quoted = "", compounding = ""] = taken.split(" ");
  const quotation = (compounding === "" ? { quoted } : { quoted, compounding }) as Quotation;
  const others = readings.filter((reading) => reading !== taken);
  return { quotation, assumptions: [{ code: "compounding", taken, others }] };
}

/** What the words say in full; `null` where they leave it open. */
export function saidQuotation({ as, compounding, per }: Quoting): Quotation | null {
  if (as === "continuous") return { quoted: "continuous" };
  if (as === "simple") return { quoted: "simple" };
  if (as === "bank-discount") return { quoted: "bank-discount" };
  if (as === "effective") {
    const isPart = per !== undefined && per !== "P1Y" && compounding === undefined;
    return isPart ? { quoted: "periodic", compounding: per } : { quoted: "effective" };
  }
  if (as === "nominal" && compounding === undefined) return null;
  if (per !== undefined && per !== "P1Y" && (compounding === undefined || compounding === per)) {
    return { quoted: "periodic", compounding: per };
  }
  if (compounding !== undefined) return { quoted: "nominal", compounding };
  return null;
}

/** The rate of a percentage fact. */
export function rateOf(
  fact: PercentFact,
  index: number,
  every: string | null,
  choices: Choices,
): RateRead {
  const { quotation, assumptions } = quotationOf(fact.quoting, fact.percent, every, choices);
  const uses: Use[] = fact.marks.map((mark) => ({
    mark,
    role: "rate",
    target: { rate: index, field: mark === fact.mark ? "percent" : "quoted" },
  }));
  return { rate: { percent: fact.percent, ...quotation }, uses, assumptions };
}
