import type { AccountRow } from "@kestrelmoor/core/teaching";

/** A corner of the balance over time. */
export interface BalancePoint {
  readonly years: number;
  readonly balance: number;
}

/** More dates than this are drawn at their ends of equal stretches: a screen shows no more. */
const MOST_DRAWN = 160;

/** A balance this small beside the largest is nothing but rounding. */
const NOTHING = 1e-9;

/** The balance as it grows between two dates and jumps at each; of long accounts as many as can be seen. */
export function balancePoints(rows: readonly AccountRow[], largest: number): BalancePoint[] {
  return cornersOf(rows).map(({ years, balance }) => ({
    years,
    balance: Math.abs(balance) < NOTHING * largest ? 0 : balance,
  }));
}

function cornersOf(rows: readonly AccountRow[]): BalancePoint[] {
  if (rows.length <= MOST_DRAWN) {
    return rows.flatMap(({ time, opening, interest, closing }) => [
      { years: time, balance: opening + interest },
      { years: time, balance: closing },
    ]);
  }
  const step = (rows.length - 1) / (MOST_DRAWN - 1);
  return Array.from({ length: MOST_DRAWN }, (_, place) => rows[Math.round(place * step)]).flatMap(
    (row) => (row === undefined ? [] : [{ years: row.time, balance: row.closing }]),
  );
}
