import type { DatedAmount } from "../flows/flow-kind";

/** The number of sign changes; zero amounts are ignored. */
export function turnsOf(flows: readonly DatedAmount[]): number {
  const signs = flows.map(({ amount }) => Math.sign(amount)).filter((sign) => sign !== 0);
  return signs.filter((sign, index) => index > 0 && sign !== signs[index - 1]).length;
}
