import { convertRate } from "../../engine/rates/convert-rate";
import type { Result } from "../../engine/result";
import { readQuotedRate } from "./read-rate";

/** A rate as an effective yearly one, in percent; a bare figure is one. */
export function readYearlyRate(text: string): Result<number> {
  const rate = readQuotedRate(text);
  return rate.ok ? convertRate(rate.value, { quoted: "effective" }) : rate;
}
