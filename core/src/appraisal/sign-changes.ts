import type { DatedAmount } from "../flows/flow-kind";

/** How often the money turns from one way to the other; amounts of zero are passed over. */
export function turnsOf(flows: readonly DatedAmount[]): number {
  const signs = flows.map(({ amount }) => Math.sign(amount)).filter((sign) => sign !== 0);
  return signs.filter((sign, index) => index > 0 && sign !== signs[index - 1]).length;
}
